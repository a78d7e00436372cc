import type { z } from 'zod';
import { stampChange } from '@/core/exchange';
import { type Deleted, deletedSchema, LISTS, nextStamp, type Stamped, stampedSchema } from '@/core/file';
import { idSchema } from '@/core/result';
import type { RecordChange } from '@/core/workroom';
import { database } from '../database';
import { deviceId, lastStamp, sawStamp } from '../device';

const STAMPED = new Set<string>([...LISTS, 'kit']);

/** The tables that a change is stamped in, beside its own. */
export const STAMP_TABLES: readonly string[] = ['stamps', 'deleted'];

const keyOf = (list: string, id: string) => `${list} ${id}`;

/**
 * Stamps what an edit has changed: when and on which device each field was written, and what was deleted. Must run in
 * the edit's own transaction.
 *
 * @param changes - what it changed
 * @param before - the stamp a record had
 */
export async function stampChanges(
  changes: readonly RecordChange[],
  before: (list: string, id: string) => Stamped | undefined,
): Promise<void> {
  const ours = changes.filter(({ table, id }) => STAMPED.has(table) && isKey(id));
  if (ours.length === 0) return;
  const at = stampNow();
  const keys = ours.map(({ table, id }) => keyOf(table, id));
  const added = new Set(ours.flatMap(({ kind }, i) => (kind === 'added' ? [keys[i]] : [])));
  // Few of what is added was ever deleted, and to read or delete by key what is not there is slow: an import adds thousands.
  const back =
    added.size > 0 ? (await database.deleted.toCollection().primaryKeys()).filter((key) => added.has(key)) : [];
  const notes = new Map(back.length > 0 ? (await database.deleted.bulkGet(back)).map((note) => [note?.key, note]) : []);
  const deleted: (Deleted & { key: string })[] = [];
  const stamps: (Stamped & { key: string })[] = [];
  ours.forEach((change, i) => {
    const key = keys[i];
    const stamping = stampChange(change, at, before(change.table, change.id), whole(deletedSchema, notes.get(key)));
    if (stamping.kind === 'deleted') deleted.push({ key, ...stamping.note });
    else stamps.push({ key, ...stamping.stamp });
  });
  // An edit is only safe once all of this is: no more is written than has to be.
  if (stamps.length > 0) await database.stamps.bulkPut(stamps);
  if (back.length > 0) await database.deleted.bulkDelete(back);
  if (deleted.length === 0) return;
  await database.deleted.bulkPut(deleted);
  await database.stamps.bulkDelete(deleted.map(({ key }) => key));
}

/** Whether a key is one that a file can hold; a damaged record may have another, and goes without a stamp. */
const isKey = (id: unknown): boolean => idSchema.safeParse(id).data === id;

/** The stamps of some records, as they are now; undefined for each that has none. */
export const readStampsOf = async (list: string, ids: readonly string[]): Promise<(Stamped | undefined)[]> =>
  STAMPED.has(list) ? database.stamps.bulkGet(ids.map((id) => keyOf(list, id))) : [];

function stampNow(): string {
  const at = nextStamp(lastStamp(), Date.now(), deviceId());
  sawStamp(at);
  return at;
}

/** What a file carries of stamps and deletions; one that is damaged is left out, for no record hangs on it. */
export async function readStamps(): Promise<{ stamps: Stamped[]; deleted: Deleted[] }> {
  const [stamps, deleted] = await Promise.all([database.stamps.toArray(), database.deleted.toArray()]);
  return {
    stamps: stamps.flatMap((found) => whole(stampedSchema, found) ?? []),
    deleted: deleted.flatMap((found) => whole(deletedSchema, found) ?? []),
  };
}

/** A stamp or a note as it goes out, without the key it is stored by; undefined for one that is damaged. */
function whole<T extends { id: string }>(
  schema: z.ZodType<T>,
  found: (T & { key: string }) | undefined,
): T | undefined {
  if (!found) return undefined;
  const rest: Partial<typeof found> = { ...found };
  delete rest.key;
  const read = schema.safeParse(rest);
  return read.success && isKey(read.data.id) ? read.data : undefined;
}

/** Puts the stamps and deletions of a file in the place of those here; later stamps come after the newest of them. */
export async function replaceStamps({ stamps, deleted }: { stamps: Stamped[]; deleted: Deleted[] }): Promise<void> {
  const keyed = <T extends { list: string; id: string }>(one: T) => ({ ...one, key: keyOf(one.list, one.id) });
  await database.stamps.clear();
  await database.deleted.clear();
  await database.stamps.bulkPut(stamps.map(keyed));
  await database.deleted.bulkPut(deleted.map(keyed));
  const all = [...deleted.map(({ at }) => at), ...stamps.flatMap(({ at, fields }) => [at, ...Object.values(fields)])];
  const newest = all.reduce((a, b) => (a > b ? a : b), '');
  if (newest !== '') sawStamp(newest);
}
