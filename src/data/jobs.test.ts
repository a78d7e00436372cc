import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import Dexie from 'dexie';
import { beforeEach, describe, expect, it } from 'vitest';
import { readThing, readWorkroom, type Workroom } from '@/core/file';
import { type Job, jobSchema } from '@/core/job';
import { database, WorkroomDatabase } from './database';
import { dependantsOfCloth, dependantsOfMachine } from './dependants';
import { previewSeams, seamsText } from './jobFiles';
import { exportThing } from './thingFile';
import { jobs, lines, runs, views } from './repositories';
import { findDamage } from './damage/find';
import { exportText, importWorkroom } from './workroomFile';

const demoText = readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8');
const demo = (): Workroom => {
  const read = readWorkroom(demoText);
  if (!read.ok) throw new Error(read.error.message);
  return read.workroom;
};
const apron = (): Job => demo().jobs.find((j) => j.id === 'apron')!;
const now = new Date('2026-12-01T10:00:00Z');

beforeEach(async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
});

describe('jobs are kept', () => {
  it('as they are, and refused with the field that is wrong', async () => {
    await jobs.put(apron());
    const wrong = { ...apron(), costs: { ...apron().costs, iron: -1 } };
    await expect(jobs.put(wrong)).rejects.toThrow(/project: costs\.iron: expected minutes from 0 to 600/);
    expect(await jobs.get('apron')).toEqual(apron());
  });

  it('two quick changes never undo each other', async () => {
    await jobs.put(apron());
    await Promise.all([
      jobs.change('apron', (j) => j && { ...j, colour: 'grey' }),
      jobs.change('apron', (j) => j && { ...j, notes: 'twice' }),
    ]);
    expect(await jobs.get('apron')).toMatchObject({ colour: 'grey', notes: 'twice' });
  });

  it('go out in the file of the workroom with the kept views, and come back', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const read = readWorkroom(await exportText(now));
    if (!read.ok) throw new Error(read.error.message);
    const byId = <T extends { id: string }>(list: T[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    expect(byId(read.workroom.jobs)).toEqual(byId(demo().jobs));
    expect(read.workroom.views).toEqual(demo().views);
  });

  it('hang on their cloths and their machine', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    expect((await dependantsOfCloth('denim')).jobs).toBe(1);
    // The sateen is only the piping of the cushion.
    expect((await dependantsOfCloth('sateen')).jobs).toBe(1);
    // A cloth that is only cut, and not yet sewn.
    await jobs.change(
      'apron',
      (job) => job && { ...job, pieces: [{ ...job.pieces[0], clothId: 'neoprene' }, ...job.pieces.slice(1)] },
    );
    expect((await dependantsOfCloth('neoprene')).jobs).toBe(1);
    expect((await dependantsOfCloth('vinyl')).jobs).toBe(0);
    expect((await dependantsOfMachine('green')).jobs).toBe(3);
    expect((await dependantsOfMachine('black')).jobs).toBe(0);
  });
});

describe('a browser that was there before jobs', () => {
  it('keeps what was sewn, and has no jobs yet', async () => {
    const name = 'bobbet-before-jobs';
    await Dexie.delete(name);
    const old = new Dexie(name);
    old.version(3).stores({ runs: 'id, startedAt', cards: 'id, clothId, machineId, passedAt' });
    await old.open();
    const [run] = demo().runs;
    await old.table('runs').put(run);
    old.close();
    const fresh = new WorkroomDatabase(name);
    await fresh.open();
    expect(await fresh.runs.toArray()).toEqual([run]);
    expect(await fresh.jobs.count()).toBe(0);
    expect(await fresh.views.count()).toBe(0);
    fresh.close();
  });
});

describe('tables of any length', () => {
  it('are read whole, page by page, in the order of their keys', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    await database.lines.clear();
    const [line] = demo().lines;
    const many = Array.from({ length: 301 }, (_, i) => ({ ...line, id: `l${String(i).padStart(4, '0')}` }));
    await lines.putAll([...many].reverse());
    expect((await lines.all()).map(({ id }) => id)).toEqual(many.map(({ id }) => id));
  });

  it.each([59, 60, 61, 120])('of %i entries lose none where a page ends', async (count) => {
    const [view] = demo().views;
    await views.putAll(Array.from({ length: count }, (_, i) => ({ ...view, id: `v${i}` })));
    expect(await views.all()).toHaveLength(count);
  });

  it('tell what cannot be read, on whichever page it lies', async () => {
    const [run] = demo().runs;
    await runs.putAll(Array.from({ length: 130 }, (_, i) => ({ ...run, id: `r${String(i).padStart(3, '0')}` })));
    await database.table('runs').put({ ...run, id: 'r100', step: -1 });
    expect(await runs.all()).toHaveLength(129);
    expect(await findDamage()).toMatchObject([{ table: 'runs', id: 'r100', path: 'step' }]);
  });
});

describe('a job in files of its own', () => {
  beforeEach(async () => void (await importWorkroom({ workroom: demo() }, 'replace')));

  it('brings the cloths and the machine it points at', async () => {
    const read = readThing((await exportThing('job', 'apron', now))!);
    if (!read.ok) throw new Error(read.error.message);
    expect(read.file.with.map(({ list, record }) => [list, (record as { id: string }).id])).toEqual([
      ['cloths', 'denim'],
      ['machines', 'green'],
    ]);
    expect(read.file.item).toEqual(apron());
  });

  it('whose seams go out as a table come back the same', async () => {
    const text = await seamsText(apron());
    const read = await previewSeams(apron(), new TextEncoder().encode(text), () => 'new');
    if (!read.ok) throw new Error(read.errors[0].message);
    expect(read.records).toEqual(apron().seams);
    expect(jobSchema.safeParse({ ...apron(), seams: read.records }).success).toBe(true);
  });
});
