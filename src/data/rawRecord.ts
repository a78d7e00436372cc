import { writeRaw } from '@/core/file';
import { edit, readRow, removeRow } from './edits';

/** A stored record just as it is, readable or not, as the text of a file. */
export async function rawText(table: string, id: string): Promise<string> {
  return `${writeRaw((await readRow(table, id)) ?? null)}\n`;
}

/** Deletes a stored record, readable or not, with everything that cannot stand without it; it can be undone. */
export const deleteRecord = async (table: string, id: string): Promise<void> =>
  void (await edit(null, () => removeRow(table, id)));
