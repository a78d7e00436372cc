import { backupDatabase, dayOf, type RawRows, readRows, store } from '../snapshots';

/** Packs rows small. */
export type Pack = (rows: RawRows) => Promise<Uint8Array>;

/**
 * Keeps a packed snapshot once a day of use: of the workroom as it is when the first thing of that day is about to be done.
 *
 * @param now - the moment
 * @param pack - packs rows
 * @returns the number of the snapshot; null when there is one of this day already, or nothing to keep
 */
export async function keepDay(now: Date, pack: Pack): Promise<number | null> {
  const days = await backupDatabase.snapshots.where('kind').equals('day').toArray();
  if (days.some(({ day }) => day === dayOf(now))) return null;
  const rows = await readRows();
  const empty = Object.entries(rows).every(([table, list]) => table === 'preferences' || list.length === 0);
  if (empty) return null;
  return store({ kind: 'day', text: '', rows }, { packed: await pack(rows) }, now);
}
