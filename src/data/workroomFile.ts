import {
  canonical,
  idOf,
  type ImportPlan,
  type LinkedList,
  LISTS,
  type OpenedWorkroom,
  openWorkroom,
  plainValue,
  planImport,
  type SetAside,
  sortOut,
  type Workroom,
  WORKROOM_FORMAT,
  WORKROOM_VERSION,
} from '@/core/file';
import { PLAIN_MACHINE } from '@/core/kit';
import { USUAL_SCHOOLS } from '@/core/setup';
import { database } from './database';
import { clearDrafts } from './drafts';
import { edit, readStamps, replaceStamps, wholeEdit, writeRows } from './edits';
import { readKitRecord, writeKitRecord } from './kit';
import { readPreference, writePreference } from './preferences';
import { inParts, type Progress } from './progress';
import { cloths, machines } from './repositories';
import { addSetAside, readSetAside } from './setAside';

/** Raised when the text of an export does not read back as what was written. */
export class ExportError extends Error {
  constructor(problem: string) {
    super(
      `The export was stopped because the file could not be read back correctly: ${problem}. Nothing here has changed.`,
    );
    this.name = 'ExportError';
  }
}

/**
 * Everything in the workroom, as one value. What cannot be read, or hangs on something that is gone, is in a part of its
 * own, as it is stored.
 */
export async function readAll(now: Date): Promise<Workroom> {
  const raw = await Promise.all(LISTS.map(async (list) => [list, await database.table(list).toArray()] as const));
  const lists = Object.fromEntries(raw) as Record<LinkedList, unknown[]>;
  const { records, setAside } = sortOut(lists);
  // What is damaged may hold what JSON has no word for; what was set aside before is marked already.
  const fresh = setAside.map((entry) => ({ ...entry, record: plainValue(entry.record) }));
  const apart = [...(await readSetAside()), ...fresh];
  return {
    format: WORKROOM_FORMAT,
    version: WORKROOM_VERSION,
    name: await readPreference('workroomName'),
    exportedAt: now.toISOString(),
    kit: await readKitRecord(),
    schools: await readPreference('schools'),
    ...records,
    ...(apart.length > 0 && { setAside: apart }),
    ...(await readStamps()),
  };
}

/** The workroom as the text of a file, and how much of it could not be read. */
export interface Exported {
  text: string;
  setAside: number;
}

/**
 * The workroom as the text of a file, which has been read back before it is handed over.
 *
 * @throws ExportError when it does not read back as it was written
 */
export async function exportWorkroom(now: Date): Promise<Exported> {
  const workroom = await readAll(now);
  const text = `${JSON.stringify(workroom, null, 1)}\n`;
  const back = openWorkroom(text);
  if (!back.ok) throw new ExportError(`${back.error.path}: ${back.error.message}`);
  if (back.setAside.length > 0) throw new ExportError(`${back.setAside[0].path}: ${back.setAside[0].problem}`);
  for (const [part, value] of Object.entries(workroom)) {
    const read = (back.workroom as Record<string, unknown>)[part];
    if (canonical(read) !== canonical(value)) throw new ExportError(part);
  }
  return { text, setAside: workroom.setAside?.length ?? 0 };
}

/** The same, only the text. */
export const exportText = async (now: Date): Promise<string> => (await exportWorkroom(now)).text;

/** What a file holds and would do, or why it cannot be used. Changes nothing. */
export async function previewImport(
  text: string,
  now: Date,
): Promise<{ read: OpenedWorkroom; plan: ImportPlan | null }> {
  const read = openWorkroom(text);
  return { read, plan: read.ok ? planImport(await readAll(now), read.workroom) : null };
}

const ALL = () => database.tables;

/**
 * Puts a file that was opened into the workroom, all of it or nothing; it can be undone.
 *
 * @param opened - from `openWorkroom`
 * @param how - `merge` keeps what is here and overwrites entries of the same key; `replace` empties first
 * @param kind - what the workroom is from then on
 * @param progress - hears how much is written, and can stop it
 * @returns the entry under which it can be undone
 * @throws StoppedError when it was stopped; nothing is changed then
 */
export async function importWorkroom(
  { workroom, setAside = [] }: { workroom: Workroom; setAside?: readonly SetAside[] },
  how: 'merge' | 'replace',
  kind: 'own' | 'demo' = 'own',
  progress: Progress = {},
): Promise<number | null> {
  const apart = [...(workroom.setAside ?? []), ...setAside];
  if (how === 'merge') {
    const { entry } = await edit('File imported', async () => {
      await putLists(workroom, apart, progress);
      // A file in which everything may be chosen says nothing of what is owned here.
      if (saysOwned(workroom)) await writeKitRecord(workroom.kit);
      await writePreference('workroom', kind);
    });
    return entry;
  }
  return wholeEdit(kind === 'demo' ? 'Demo workroom opened' : 'Workroom replaced by a file', () =>
    replaceAll(workroom, apart, kind, progress),
  );
}

/** The demo on a first visit: there is nothing yet that could be undone. */
export const openFirst = (workroom: Workroom): Promise<void> => replaceAll(workroom, [], 'demo');

/** Everything is emptied and written within an edit that is not announced: the snapshot undoes it. */
async function replaceAll(
  workroom: Workroom,
  apart: readonly SetAside[],
  kind: 'own' | 'demo',
  progress: Progress = {},
): Promise<void> {
  await database.transaction('rw', ALL(), async () => {
    await clearTables();
    await inParts(listsOf(workroom), AT_ONCE, (list, some) => database.table(list).bulkPut(some), progress);
    await addSetAside(apart);
    await replaceStamps(workroom);
    await database.kit.put({ ...workroom.kit, id: 'kit' });
    await putPreferences({ workroom: kind, workroomName: workroom.name, schools: workroom.schools });
    await forgetLostQuestion();
  });
}

/** Entries that are written together. */
const AT_ONCE = 200;

const listsOf = (workroom: Workroom) =>
  LISTS.map((list) => [list, workroom[list] as readonly Record<string, unknown>[]] as const);

async function putLists(workroom: Workroom, apart: readonly SetAside[], progress: Progress): Promise<void> {
  const put = (list: LinkedList, some: readonly Record<string, unknown>[]) =>
    writeRows(
      list,
      some.map((record) => ({ id: idOf(list, record), to: record })),
    );
  await inParts(listsOf(workroom), AT_ONCE, put, progress);
  await addSetAside(apart);
}

/**
 * An empty workroom with one plain machine in it, ready for a first cloth; what was here can be brought back.
 *
 * @returns the entry under which it can be undone
 */
export async function startOwn(now: Date, id: string): Promise<number | null> {
  const entry = await wholeEdit('Empty workroom opened', () => startEmpty(now, id));
  await clearDrafts();
  return entry;
}

/** The same on a first visit, when there is nothing to bring back. */
export async function startEmpty(now: Date, id: string): Promise<void> {
  await database.transaction('rw', ALL(), async () => {
    await clearTables();
    const machine = { ...PLAIN_MACHINE, name: 'My machine' };
    await database.machines.put({ id, addedAt: now.toISOString(), machine, sewn: [] });
    await putPreferences({ workroom: 'own', workroomName: 'My workroom', schools: USUAL_SCHOOLS });
    await forgetLostQuestion();
  });
}

async function clearTables(): Promise<void> {
  for (const list of [...LISTS, 'kit', 'setAside', 'stamps', 'deleted']) await database.table(list).clear();
  // Another workroom has met no other device yet.
  await putPreferences({ target: null, told: null, heard: {}, knows: {}, clashes: [] });
}

async function putPreferences(values: Record<string, unknown>): Promise<void> {
  await database.preferences.bulkPut(Object.entries(values).map(([key, value]) => ({ key, value })));
}

const saysOwned = ({ kit }: Workroom) =>
  kit.needles === 'owned' || kit.threads === 'owned' || kit.feet !== null || kit.plates !== null;

/** The question on the Match screen must not point at a cloth or machine that is gone. */
async function forgetLostQuestion(): Promise<void> {
  const question = await readPreference('question');
  const cloth = question.clothId ? await cloths.get(question.clothId) : undefined;
  const machine = question.machineId ? await machines.get(question.machineId) : undefined;
  await putPreferences({
    question: { ...question, clothId: cloth?.id ?? null, machineId: machine?.id ?? null },
  });
}
