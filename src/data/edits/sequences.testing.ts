import fc from 'fast-check';
import { brokenLinks, canonical, openWorkroom, repeatedIds, type SetAside, type Workroom } from '@/core/file';
import { withoutPiece, withoutSeam } from '@/core/job';
import { changePhoto } from '../changePhoto';
import { importCsv, previewCsv } from '../csv';
import { database } from '../database';
import { changeKit } from '../kit';
import { writePreference } from '../preferences';
import { cards, care, cloths, jobs, lines, machines, needles, onMachines, runs, swatches } from '../repositories';
import { addSetAside } from '../setAside';
import { countSewing } from '../sewing';
import { exportWorkroom, importWorkroom, readAll, startOwn } from '../workroomFile';
import { deleteSetAside, putAside, putBack, repair } from '../damage';
import { findDamage } from '../damage/find';
import { edit, redo, undo, undoEntry } from './edit';
import { forgetHistory, historyNow } from './history';
import { EDITED_TABLES } from './recorder';

/** One thing a person may press: what it does, given two numbers to choose by. */
type Press = (world: World, a: number, b: number) => Promise<unknown>;

/** What presses draw from. */
interface World {
  demo: Workroom;
  count: number;
  now: Date;
}

const AT = '2026-05-01T09:00:00.000Z';
const pick = <T>(list: readonly T[], n: number): T | undefined => (list.length > 0 ? list[n % list.length] : undefined);
const fresh = (world: World, prefix: string) => `${prefix}-${(world.count += 1)}`;
const some = async <T>(list: Promise<T[]>, n: number, work: (one: T) => Promise<unknown>) => {
  const one = pick(await list, n);
  if (one !== undefined) await work(one);
};
const photo = (id: string) => ({ id, data: 'data:image/webp;base64,AAAA', widthPx: 40, heightPx: 30, takenAt: AT });

/** Everything that changes what is stored, each in the way a button does it. */
const PRESSES: Record<string, Press> = {
  addCloth: (w, a) => cloths.put({ ...pick(w.demo.cloths, a)!, id: fresh(w, 'cloth'), photoId: undefined }),
  renameCloth: (_, a, b) => some(cloths.all(), a, ({ id }) => cloths.change(id, (c) => c && { ...c, notes: `n${b}` })),
  archive: (_, a) => some(cloths.all(), a, ({ id }) => cloths.change(id, (c) => c && { ...c, archivedAt: AT })),
  deleteCloth: (_, a) => some(cloths.all(), a, ({ id }) => cloths.remove(id)),
  deleteMachine: (_, a) => some(machines.all(), a, ({ id }) => machines.remove(id)),
  addMachine: (w, a) => machines.put({ ...pick(w.demo.machines, a)!, id: fresh(w, 'machine') }),
  deleteNeedle: (_, a) => some(needles.all(), a, ({ id }) => needles.remove(id)),
  putNeedleIn: (_, a, b) =>
    some(needles.all(), a, (needle) =>
      some(onMachines.all(), b, ({ machineId }) =>
        onMachines.change(machineId, (on) => on && { ...on, needleId: needle.id, needleSewn: [] }),
      ),
    ),
  sew: (_, a, b) =>
    some(machines.all(), a, ({ id }) => countSewing(id, (b % 90) + 1, { name: `Cloth ${b % 3}`, family: 'lawn' })),
  startScrap: (w, a, b) =>
    some(cloths.all(), a, (cloth) =>
      some(machines.all(), b, (machine) =>
        edit('Swatch started', async () => {
          const id = fresh(w, 'scrap');
          await swatches.put({ ...w.demo.swatches[0], id, clothId: cloth.id, machineId: machine.id });
          await lines.putAll(
            [1, 2].map((number) => ({ ...w.demo.lines[0], id: `${id}-${number}`, swatchId: id, number })),
          );
        }),
      ),
    ),
  addLine: (w, a) =>
    some(swatches.all(), a, ({ id }) =>
      lines.put({ ...w.demo.lines[0], id: fresh(w, 'line'), swatchId: id, number: 9 }),
    ),
  deleteLine: (_, a) => some(lines.all(), a, ({ id }) => lines.remove(id)),
  deleteScrap: (_, a) => some(swatches.all(), a, ({ id }) => swatches.remove(id)),
  addCard: (w, a) => cards.put({ ...pick(w.demo.cards, a)!, id: fresh(w, 'card'), photoId: undefined }),
  deleteCard: (_, a) => some(cards.all(), a, ({ id }) => cards.remove(id)),
  clothPhoto: (w, a, b) =>
    some(cloths.all(), a, ({ id }) => changePhoto('cloths', id, b % 3 === 0 ? null : photo(fresh(w, 'photo')))),
  cardPhoto: (w, a, b) =>
    some(cards.all(), a, ({ id }) => changePhoto('cards', id, b % 3 === 0 ? null : photo(fresh(w, 'photo')))),
  deleteSeam: (_, a, b) =>
    some(jobs.all(), a, ({ id }) =>
      jobs.change(id, (job) => job && (job.seams.length > 0 ? withoutSeam(job, pick(job.seams, b)!.id) : job)),
    ),
  deletePiece: (_, a, b) =>
    some(jobs.all(), a, ({ id }) =>
      jobs.change(id, (job) => job && (job.pieces.length > 0 ? withoutPiece(job, pick(job.pieces, b)!.id) : job)),
    ),
  nameSeam: (_, a, b) =>
    some(jobs.all(), a, ({ id }) =>
      jobs.change(
        id,
        (job) => job && { ...job, seams: job.seams.map((s, i) => (i === 0 ? { ...s, notes: `${b}` } : s)) },
      ),
    ),
  deleteJob: (_, a) => some(jobs.all(), a, ({ id }) => jobs.remove(id)),
  deleteRun: (_, a) => some(runs.all(), a, ({ id }) => runs.remove(id)),
  careNote: (w, a) =>
    some(machines.all(), a, ({ id }) =>
      care.put({ id: fresh(w, 'care'), machineId: id, kind: 'lint', at: AT, atHours: 3, notes: '' }),
    ),
  kit: (_, a) => changeKit((kit) => ({ overlocker: !kit.overlocker, feet: a % 2 ? null : ['standard'] })),
  school: (_, a) => writePreference('schools', { 'needle-life': a % 2 ? 'five-hours' : 'eight-hours' } as never),
  csvCloths: async (w, a) => {
    const text = `Name,Weight,Key\nImported ${a},${100 + (a % 50)},\nMerino again,210,merino`;
    const newId = () => fresh(w, 'csv');
    const preview = await previewCsv('cloths', new TextEncoder().encode(text), { newId, now: AT });
    if (preview.ok) await importCsv(preview);
  },
  mergeFile: (w, a) => importWorkroom({ workroom: partOf(w.demo, a) }, 'merge'),
  replaceByFile: (w, a) => importWorkroom({ workroom: partOf(w.demo, a) }, 'replace'),
  empty: (w) => startOwn(w.now, fresh(w, 'machine')),
  undo: () => undo(),
  undoAgain: () => undo(),
  redo: () => redo(),
  undoOlder: (_, a) => {
    const entry = pick(historyNow().done, a);
    return entry ? undoEntry(entry.id) : Promise.resolve();
  },
  damage: async (_, a, b) =>
    some(database.table('cloths').toArray(), a, (row: { id: string }) =>
      damaged('cloths', row.id, { ...row, colour: b % 2 ? 'red' : 7 }),
    ),
  repairOne: async (_, a) => some(findDamage(), a, (wrong) => repair(wrong, AT)),
  putAsideOne: async (_, a) => some(findDamage(), a, (wrong) => putAside(wrong)),
  putBackOne: async (_, a) => some(database.setAside.toArray(), a, ({ key }) => putBack(key)),
  deleteAside: async (_, a) => some(database.setAside.toArray(), a, ({ key }) => deleteSetAside(key)),
  setAside: (_, a) => edit('Aside', () => addSetAside([asideOf(a)])),
};

const asideOf = (n: number): SetAside => ({
  list: 'lines',
  id: null,
  path: `lines[${n}]`,
  problem: 'odd',
  cleared: false,
  record: { n },
});

/** A row that a slip or a failing disk has changed; the edit that did it is known, so that it can be undone as well. */
async function damaged(table: string, id: string, row: Record<string, unknown>): Promise<void> {
  const { writeRow } = await import('./write');
  await edit('Damaged', () => writeRow(table, id, row));
}

/** A file with some of the demo in it, whose links hold. */
function partOf(demo: Workroom, n: number): Workroom {
  const scraps = demo.swatches.filter((_, i) => (i + n) % 2 === 0);
  return {
    ...demo,
    swatches: scraps,
    lines: demo.lines.filter((line) => scraps.some((scrap) => scrap.id === line.swatchId)),
    cards: demo.cards.slice(n % 3),
    jobs: demo.jobs.slice(n % 2),
  };
}

const NAMES = Object.keys(PRESSES);
/** Sequences of up to 25 presses, each with two numbers that say on what. */
export const sequences = fc.array(fc.tuple(fc.constantFrom(...NAMES), fc.nat(50), fc.nat(50)), {
  minLength: 3,
  maxLength: 25,
});
export type Sequence = [string, number, number][];

/** Everything stored that an edit can change, as text. */
async function stateNow(): Promise<string> {
  const tables = EDITED_TABLES.map(async (table) => {
    const rows = await database.table(table).toArray();
    // What this screen shows is not part of the work.
    const own = table === 'preferences' ? rows.filter(({ key }: { key: string }) => key === 'schools') : rows;
    return [table, own] as const;
  });
  return canonical(Object.fromEntries(await Promise.all(tables)));
}

/**
 * Goes through one sequence from the demo workroom and looks, after every press, whether links hold.
 *
 * @param demo - the workroom it begins with
 * @param sequence - what is pressed
 * @returns what went wrong; null when nothing did
 */
export async function goThrough(demo: Workroom, sequence: Sequence): Promise<string | null> {
  const world: World = { demo, count: 0, now: new Date(AT) };
  await importWorkroom({ workroom: demo }, 'replace');
  await writePreference('schools', demo.schools);
  forgetHistory();
  const first = await stateNow();
  for (const [i, [name, a, b]] of sequence.entries()) {
    await PRESSES[name](world, a, b);
    const said = (await wrongLinks()) ?? (i % 5 === 4 ? await wrongExport(world.now) : null);
    if (said !== null) return `after ${i + 1}, ${name}: ${said}`;
  }
  const steps = historyNow().done.length;
  for (let i = 0; i <= steps; i += 1) await undo();
  const stuck = historyNow().done.find((entry) => entry.stuck !== undefined);
  if (stuck) return `could not undo ${stuck.text}: ${stuck.stuck}`;
  return (await stateNow()) === first ? null : 'undoing everything did not lead back';
}

/** Links that lead nowhere among what can be read; what hangs on a damaged record is told by the workroom itself. */
async function wrongLinks(): Promise<string | null> {
  const known = new Set((await findDamage()).map(({ table, id }) => `${table} ${id}`));
  const all = await readAll(new Date(AT));
  const [found] = [...brokenLinks(all), ...repeatedIds(all)];
  if (found) return `${found.path.join('.')}: ${found.message}`;
  // Nothing may hang in the air that is not the damage that was done on purpose.
  const lost = all.setAside?.filter(({ list, id, problem }) => problem !== 'odd' && !known.has(`${list} ${id}`)) ?? [];
  const stored = new Set((await database.setAside.toArray()).map(({ list, id }) => `${list} ${id}`));
  const astray = lost.find(({ list, id }) => !stored.has(`${list} ${id}`));
  return astray ? `${astray.path}: ${astray.problem}` : null;
}

async function wrongExport(now: Date): Promise<string | null> {
  const { text } = await exportWorkroom(now);
  const back = openWorkroom(text);
  if (!back.ok) return `${back.error.path}: ${back.error.message}`;
  const all = await readAll(now);
  return canonical(back.workroom) === canonical(all) ? null : 'the export read back differently';
}

/** A store that refuses a write now and then, as a full disk does. */
export interface Refusing {
  /** From now on the write that comes after so many others is refused. */
  after: (writes: number) => void;
  /** No more of that. */
  stop: () => void;
}

/**
 * Goes through one sequence on a store that refuses writes at random moments.
 *
 * @param demo - the workroom it begins with
 * @param sequence - what is pressed; the second number of each says which write is refused
 * @param refusing - makes the store refuse
 * @returns what went wrong; null when everything that failed had changed nothing
 */
export async function goThroughFull(demo: Workroom, sequence: Sequence, refusing: Refusing): Promise<string | null> {
  const world: World = { demo, count: 0, now: new Date(AT) };
  await importWorkroom({ workroom: demo }, 'replace');
  forgetHistory();
  for (const [i, [name, a, b]] of sequence.entries()) {
    const [before, done] = [await stateNow(), historyNow().done.length + historyNow().undone.length];
    refusing.after(b % 9);
    const failed = await PRESSES[name](world, a, b).then(
      () => false,
      () => true,
    );
    refusing.stop();
    const lost = failed && (await stateNow()) !== before ? 'it failed, and something had changed' : await wrongLinks();
    if (lost !== null) return `after ${i + 1}, ${name}: ${lost}`;
    const claimed = historyNow().done.length + historyNow().undone.length;
    if (failed && claimed !== done) return `after ${i + 1}, ${name}: it failed, and is claimed to be done`;
  }
  return null;
}
