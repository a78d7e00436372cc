import {
  idOf,
  type ImportPlan,
  type LinkedList,
  listsOfThing,
  planImport,
  readThing,
  type ReadThing,
  type ThingFile,
  THINGS,
  type Thing,
  thingText,
} from '@/core/file';
import type { StoredRow } from '@/core/workroom';
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
 * @param records - in any order
 */
export async function bringIn(records: readonly { list: LinkedList; record: object }[]): Promise<void> {
  await edit(null, async () => {
    for (const { list, record } of records) {
      const id = idOf(list, record);
      if ((await readRow(list, id)) === undefined) await writeRow(list, id, record as StoredRow);
    }
  });
}

/** What a file of one thing holds and would do, or why it cannot be used. Changes nothing. */
export async function previewThing(text: string, now: Date): Promise<{ read: ReadThing; plan: ImportPlan | null }> {
  const read = readThing(text);
  if (!read.ok) return { read, plan: null };
  const all = await readAll(now);
  const isHere = (list: LinkedList, id: string) =>
    (all[list] as readonly object[]).some((one) => idOf(list, one) === id);
  return { read, plan: planImport(all, { ...listsOfThing(read.file, isHere), kit: all.kit }) };
}

/**
 * Puts a file of one thing into the workroom, as one change: the thing as the file has it, and what it points at where
 * that is not here yet.
 *
 * @returns the entry under which it can be undone
 */
export async function importThing({ thing, item, with: beside }: ThingFile, text: string): Promise<number | null> {
  const { entry } = await edit(text, async () => {
    await bringIn(beside);
    await writeRow(THINGS[thing], (item as { id: string }).id, item as StoredRow);
  });
  return entry;
}
