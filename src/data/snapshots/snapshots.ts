import { backupDatabase, type RawRows, type SnapshotContent, type SnapshotInfo } from './database';
import { dayOf } from './day';
import { countRows, readRows } from './rows';

/** Snapshots that are kept of each kind. */
const KEPT = { day: 7, before: 7 } as const;

/**
 * Keeps everything in the workroom as it is now, as raw rows.
 *
 * @param kind - why it is kept
 * @param text - what is about to be done
 * @param needed - numbers of older ones that must stay, however many there are
 * @returns its number
 */
export async function keepSnapshot(
  kind: SnapshotInfo['kind'],
  text: string,
  needed: ReadonlySet<number> = new Set(),
): Promise<number> {
  const rows = await readRows();
  return store({ kind, text, rows }, { rows }, new Date(), needed);
}

/** Stores a snapshot with its content, and lets go of the oldest of its kind. */
export async function store(
  { kind, text, rows }: { kind: SnapshotInfo['kind']; text: string; rows: RawRows },
  content: Pick<SnapshotContent, 'rows' | 'packed'>,
  now = new Date(),
  needed: ReadonlySet<number> = new Set(),
): Promise<number> {
  const { snapshots, contents } = backupDatabase;
  return backupDatabase.transaction('rw', snapshots, contents, async () => {
    // Two tabs that are opened the same morning keep one copy of it.
    const twin =
      kind === 'day' &&
      (await snapshots
        .where({ kind })
        .filter(({ day }) => day === dayOf(now))
        .first());
    if (twin) return twin.number;
    const info = { kind, text, at: now.toISOString(), day: dayOf(now), counts: countRows(rows) };
    const number = await snapshots.add(info as SnapshotInfo);
    await contents.put({ number, ...content });
    const all = await snapshots.where('kind').equals(kind).primaryKeys();
    const old = all
      .sort((a, b) => a - b)
      .slice(0, -KEPT[kind])
      .filter((one) => !needed.has(one));
    await snapshots.bulkDelete(old);
    await contents.bulkDelete(old);
    return number;
  });
}

/** All snapshots, newest first, without what is in them. */
export const listSnapshots = (): Promise<SnapshotInfo[]> => backupDatabase.snapshots.reverse().toArray();

/** Takes packed rows apart again. */
export type Unpack = (packed: Uint8Array) => Promise<RawRows>;

/**
 * What is in a snapshot.
 *
 * @param number - its number
 * @param unpack - for one that is packed
 * @returns raw rows by table; null when it is no longer kept
 */
export async function readSnapshot(number: number, unpack?: Unpack): Promise<RawRows | null> {
  const content = await backupDatabase.contents.get(number);
  if (content?.rows) return content.rows;
  return content?.packed && unpack ? unpack(content.packed) : null;
}
