import {
  type ImportPlan,
  NOUNS,
  planImport,
  type ReadWorkroom,
  readWorkroom,
  type Workroom,
  WORKROOM_FORMAT,
  WORKROOM_VERSION,
} from '@/core/file';
import { PLAIN_MACHINE } from '@/core/kit';
import { USUAL_SCHOOLS } from '@/core/setup';
import { database } from './database';
import { clearDrafts } from './drafts';
import { readKitRecord, writeKitRecord } from './kit';
import { readPreference, writePreference } from './preferences';
import {
  cards,
  care,
  cloths,
  jobs,
  lines,
  machines,
  needles,
  onMachines,
  photos,
  runs,
  swatches,
  threads,
  views,
} from './repositories';

/** Everything in the workroom, as one value. */
export async function readAll(now: Date): Promise<Workroom> {
  const [all, tin, kit, name, schools] = await Promise.all([
    Promise.all([cloths.all(), machines.all(), onMachines.all(), swatches.all(), lines.all(), cards.all()]),
    Promise.all([needles.all(), threads.all(), care.all(), photos.all(), runs.all(), jobs.all(), views.all()]),
    readKitRecord(),
    readPreference('workroomName'),
    readPreference('schools'),
  ]);
  const [clothList, machineList, onMachine, swatchList, lineList, cardList] = all;
  const [needleList, threadList, careList, photoList, runList, jobList, viewList] = tin;
  return {
    format: WORKROOM_FORMAT,
    version: WORKROOM_VERSION,
    name,
    exportedAt: now.toISOString(),
    cloths: clothList,
    machines: machineList,
    kit,
    schools,
    onMachine,
    swatches: swatchList,
    lines: lineList,
    cards: cardList,
    needles: needleList,
    threads: threadList,
    care: careList,
    photos: photoList,
    runs: runList,
    jobs: jobList,
    views: viewList,
  };
}

/** The workroom as the text of a file. */
export async function exportText(now: Date): Promise<string> {
  return `${JSON.stringify(await readAll(now), null, 1)}\n`;
}

/** What a file holds and would do, or the first thing wrong with it. Changes nothing. */
export async function previewImport(text: string, now: Date): Promise<{ read: ReadWorkroom; plan: ImportPlan | null }> {
  const read = readWorkroom(text);
  return { read, plan: read.ok ? planImport(await readAll(now), read.workroom) : null };
}

const TABLES = () => database.tables;

/**
 * Puts a checked workroom into the database, all of it or nothing.
 *
 * @param workroom - from `readWorkroom`
 * @param how - `merge` keeps what is here and overwrites entries of the same key; `replace` empties first
 */
export async function importWorkroom(workroom: Workroom, how: 'merge' | 'replace'): Promise<void> {
  await database.transaction('rw', TABLES(), async () => {
    if (how === 'replace') await clearTables();
    for (const noun of NOUNS) await database.table(noun).bulkPut(workroom[noun]);
    await database.onMachine.bulkPut(workroom.onMachine);
    // A file in which everything may be chosen says nothing of what is owned here.
    if (how === 'replace' || saysOwned(workroom)) await writeKitRecord(workroom.kit);
    if (how === 'replace') {
      await writePreference('workroomName', workroom.name);
      await writePreference('schools', workroom.schools);
    }
    await forgetLostQuestion();
  });
}

/** An empty workroom with one plain machine in it, ready for a first cloth. */
export async function startOwn(now: Date, id: string): Promise<void> {
  await database.transaction('rw', TABLES(), async () => {
    await clearTables();
    await machines.put({ id, addedAt: now.toISOString(), machine: { ...PLAIN_MACHINE, name: 'My machine' } });
    await writePreference('workroomName', 'My workroom');
    await writePreference('schools', USUAL_SCHOOLS);
    await writePreference('workroom', 'own');
    await forgetLostQuestion();
  });
  await clearDrafts();
}

async function clearTables(): Promise<void> {
  for (const noun of NOUNS) await database.table(noun).clear();
  await database.onMachine.clear();
  await database.kit.clear();
  await writePreference('target', null);
}

const saysOwned = ({ kit }: Workroom) =>
  kit.needles === 'owned' || kit.threads === 'owned' || kit.feet !== null || kit.plates !== null;

/** The question on the Match screen must not point at a cloth or machine that is gone. */
async function forgetLostQuestion(): Promise<void> {
  const question = await readPreference('question');
  const cloth = question.clothId ? await cloths.get(question.clothId) : undefined;
  const machine = question.machineId ? await machines.get(question.machineId) : undefined;
  await writePreference('question', {
    ...question,
    clothId: cloth?.id ?? null,
    machineId: machine?.id ?? null,
  });
}
