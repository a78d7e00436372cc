import { type Beside, besideWhatIsHere } from '@/core/exchange';
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
export async function previewThing(
  text: string,
  now: Date,
): Promise<{ read: ReadThing; plan: ImportPlan | null; is: Beside['is'] }> {
  const read = readThing(text);
  if (!read.ok) return { read, plan: null, is: 'new' };
  return planThing(read.file, now);
}

/** The same for something that was read from elsewhere: a text, a link. */
export async function planThing(
  found: ThingFile,
  now: Date,
): Promise<{ read: { ok: true; file: ThingFile }; plan: ImportPlan; is: Beside['is'] }> {
  const all = await readAll(now);
  const { file, is } = besideWhatIsHere(found, all);
  const isHere = (list: LinkedList, id: string) =>
    (all[list] as readonly object[]).some((one) => idOf(list, one) === id);
  return { read: { ok: true, file }, plan: planImport(all, { ...listsOfThing(file, isHere), kit: all.kit }), is };
}

/**
 * Puts a file of one thing into the workroom beside what is there, as one change: the thing, and what it points at where
 * that is not here yet. Nothing that is here is overwritten.
 *
 * @returns the entry under which it can be undone; null when all of it is here already
 */
export async function importThing(found: ThingFile, text: string): Promise<number | null> {
  const { entry } = await edit(text, async () => {
    const { file } = besideWhatIsHere(found, await readAll(new Date()));
    const list = THINGS[file.thing];
    await bringIn([{ list, record: file.item }, ...file.with]);
  });
  return entry;
}
