import { type SetAside, setAsideSchema } from '@/core/file';
import { database } from './database';
import { inEdit, writeRow } from './edits';

/** Something that was set aside, as it lies in its table. */
export interface StoredSetAside extends SetAside {
  key: string;
}

/** Everything that was set aside, as a file carries it. */
export async function readSetAside(): Promise<SetAside[]> {
  return (await listSetAside()).map((stored) => {
    const entry: Partial<StoredSetAside> = { ...stored };
    delete entry.key;
    return entry as SetAside;
  });
}

/** Everything that was set aside, with its key here. */
export async function listSetAside(): Promise<StoredSetAside[]> {
  const rows = await database.setAside.toArray();
  return rows.map((row) => {
    const { key, ...entry } = row;
    const parsed = setAsideSchema.safeParse(entry);
    // Damaged itself, it is still kept and told: as a whole that nothing is known of.
    return parsed.success
      ? { ...parsed.data, key }
      : { key, list: 'setAside', id: null, path: 'setAside', problem: 'cannot be read', cleared: false, record: row };
  });
}

/** Keeps entries that could not be used; the same one is kept once. */
export async function addSetAside(entries: readonly SetAside[]): Promise<void> {
  for (const entry of entries) {
    const row = { ...entry, key: keyOf(entry) };
    if (inEdit()) await writeRow('setAside', row.key, row);
    else await database.setAside.put(row);
  }
}

/** A key by what the entry holds. */
function keyOf({ list, path, record }: SetAside): string {
  const text = JSON.stringify([list, path, record]) ?? '';
  let hash = 0xcbf29ce484222325n;
  for (let i = 0; i < text.length; i += 1)
    hash = BigInt.asUintN(64, (hash ^ BigInt(text.charCodeAt(i))) * 0x100000001b3n);
  return `${list}-${hash.toString(36)}`;
}
