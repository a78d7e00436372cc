import type { Table } from 'dexie';
import { type Link, linkedId, linksFrom, linksTo, withoutLink } from '@/core/file';
import type { StoredRow } from '@/core/workroom';
import { database } from '../database';
import { keyField, recorderNow } from './recorder';
import { readStampsOf } from './stamps';

const tableOf = (table: string) => database.table(table) as Table<StoredRow, string>;

/** The row of a key, as it is stored. */
export const readRow = (table: string, id: string): Promise<StoredRow | undefined> => tableOf(table).get(id);

/**
 * The one place where a row of the workroom is written or deleted. Must run within an edit.
 *
 * @param table - its table
 * @param id - its key
 * @param to - the row; undefined deletes it
 */
export async function writeRow(table: string, id: string, to: StoredRow | undefined): Promise<void> {
  await writeRows(table, [{ id, to }]);
}

/** The same for many rows of one table. */
export async function writeRows(
  table: string,
  rows: readonly { id: string; to: StoredRow | undefined }[],
): Promise<void> {
  const recorder = recorderNow();
  if (!recorder) throw new Error(`writeRows: expected to run within an edit, got a write to ${table} outside`);
  const store = tableOf(table);
  const ids = rows.map(({ id }) => id);
  // Asked for together: an edit that is broken off before it is committed is lost, so it should not take long.
  const [before, stamps] = await Promise.all([store.bulkGet(ids), readStampsOf(table, ids)]);
  const put = rows.flatMap(({ to }) => (to === undefined ? [] : [to]));
  const gone = rows.filter(({ to }) => to === undefined).map(({ id }) => id);
  if (put.length > 0) await store.bulkPut(put);
  if (gone.length > 0) await store.bulkDelete(gone);
  rows.forEach(({ id, to }, i) => recorder.note(table, id, { from: before[i], to, stamp: stamps[i] }));
}

/**
 * The rows that point at another one.
 *
 * @param link - which link
 * @param id - the id that is pointed at
 */
export async function rowsPointing(link: Link, id: string): Promise<{ id: string; row: StoredRow }[]> {
  const store = tableOf(link.from);
  const { primKey, idxByName } = store.schema;
  const indexed = primKey.keyPath === link.field || Object.hasOwn(idxByName, link.field);
  const rows: StoredRow[] = indexed
    ? await store.where(link.field).equals(id).toArray()
    : await store.filter((row: StoredRow) => linkedId(row, link) === id).toArray();
  return rows.map((row) => ({ id: String(row[keyField(link.from)]), row }));
}

/**
 * Deletes a row with everything that cannot stand without it, and with what belongs to it alone. Fields that pointed at
 * it are emptied. Must run within an edit.
 *
 * @returns the row as it was; undefined when there was none
 */
export async function removeRow(table: string, id: string): Promise<StoredRow | undefined> {
  const row = await readRow(table, id);
  if (!row) return undefined;
  await writeRow(table, id, undefined);
  for (const link of linksTo(table)) {
    for (const child of await rowsPointing(link, id)) {
      if (link.ifGone === 'goes-too') await removeRow(link.from, child.id);
      else await writeRow(link.from, child.id, withoutLink(child.row, link));
    }
  }
  for (const link of linksFrom(table)) {
    const target = linkedId(row, link);
    if (link.owned && target !== null) await removeRow(link.to, target);
  }
  return row;
}
