import { LISTS, migrateLists } from '@/core/file';
import { database } from '../database';
import type { RawRows } from './database';

/** The preferences that belong to the workroom; the others are about this screen and this person. */
const OF_WORKROOM = new Set([
  'workroom',
  'workroomName',
  'question',
  'schools',
  'clock',
  'jobId',
  'target',
  'standIn',
  'todayMinutes',
]);

/** Every table of the workroom, row by row as it is stored, at one moment. */
export async function readRows(): Promise<RawRows> {
  return database.transaction('r', database.tables, async () => {
    const tables = database.tables.map(
      async (table) => [table.name, (await table.toArray()) as RawRows[string]] as const,
    );
    return Object.fromEntries(await Promise.all(tables));
  });
}

/**
 * Puts rows in the place of everything in the workroom, all of them or nothing. Preferences of this screen stay.
 *
 * @param rows - raw rows by table; a table that is missing is emptied
 */
export async function restoreRows(rows: RawRows): Promise<void> {
  await database.transaction('rw', database.tables, async () => {
    // A copy may be older than the shape of what is stored now.
    const brought = migrateLists(rows, 2) as RawRows;
    for (const table of database.tables) {
      const wanted = brought[table.name] ?? [];
      if (table.name === 'preferences') {
        await table.bulkDelete([...OF_WORKROOM]);
        await table.bulkPut(wanted.filter((row) => OF_WORKROOM.has(String(row.key))));
      } else {
        await table.clear();
        await table.bulkPut(wanted);
      }
    }
  });
}

/** How many rows there are in each list that a person knows of. */
export const countRows = (rows: RawRows): Record<string, number> =>
  Object.fromEntries(LISTS.map((list) => [list, rows[list]?.length ?? 0]));
