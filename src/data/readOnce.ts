import equal from 'fast-deep-equal';
import { idFieldOf, type LinkedList, LISTS, readRecord, type ReadRecord, type Records } from '@/core/file';

/** The records of each list that were read and are still held by somebody. */
const known = new Map<LinkedList, Map<string, WeakRef<object>>>(LISTS.map((list) => [list, new Map()]));

/** Reads since those that nobody holds any more were last cleared out. */
let sinceTidied = 0;
const TIDY_EVERY = 20_000;

/**
 * Reads a stored record, which is parsed once in each state it is in: as long as anybody holds what came of it, the same
 * object is handed out again for the same row. That the row is the same is looked at and never assumed, so a change from
 * another tab, or damage, is found by the next read.
 *
 * Rests on a record that has been parsed being parsed again to the same, which is tried for every list.
 *
 * @param list - the list it stands in
 * @param raw - the row as it lies in the database
 * @returns the record, which may be changed by nobody; or what is wrong with it
 */
export function readOnce<L extends LinkedList>(list: L, raw: unknown): ReadRecord<Records[L][number]> {
  const id = (raw as Record<string, unknown> | undefined)?.[idFieldOf(list)];
  const before = typeof id === 'string' ? known.get(list)?.get(id)?.deref() : undefined;
  if (before !== undefined && equal(before, raw)) return { ok: true, record: before as Records[L][number] };
  const read = readRecord(list, raw);
  if (read.ok && typeof id === 'string') holdOn(list, id, read.record);
  return read;
}

function holdOn(list: LinkedList, id: string, record: object): void {
  known.get(list)?.set(id, new WeakRef(record));
  sinceTidied += 1;
  if (sinceTidied < TIDY_EVERY) return;
  sinceTidied = 0;
  for (const records of known.values()) {
    for (const [key, held] of records) if (held.deref() === undefined) records.delete(key);
  }
}
