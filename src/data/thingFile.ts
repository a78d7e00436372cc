import { idFieldOf, type LinkedList, THINGS, type Thing, thingText } from '@/core/file';
import type { Row } from '@/core/workroom';
import { edit, readRow, writeRow } from './edits';
import { readAll } from './workroomFile';

/**
 * One thing of the workroom as the text of a file, with everything it points at.
 *
 * @returns null when it is not there any more, or cannot be read
 */
export async function exportThing(thing: Thing, id: string, now: Date): Promise<string | null> {
  const all = await readAll(now);
  const item = (all[THINGS[thing]] as readonly { id: string }[]).find((one) => one.id === id);
  return item ? thingText(thing, item, all, now.toISOString()) : null;
}

/**
 * Stores records of a file that are not here yet, within an edit or as one; what is here already stays as it is.
 *
 * @param records - parents before what hangs on them, or in any order within one edit
 */
export async function bringIn(records: readonly { list: LinkedList; record: object }[]): Promise<void> {
  await edit(null, async () => {
    for (const { list, record } of records) {
      const id = String((record as Row)[idFieldOf(list)]);
      if ((await readRow(list, id)) === undefined) await writeRow(list, id, record as Row);
    }
  });
}
