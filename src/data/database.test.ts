import 'fake-indexeddb/auto';
import { readdirSync, readFileSync } from 'node:fs';
import path from 'node:path';
import Dexie from 'dexie';
import { describe, expect, it } from 'vitest';
import { canonical, LISTS, openWorkroom } from '@/core/file';
import { WorkroomDatabase } from './database';

const folder = path.join(import.meta.dirname, '../core/file/fixtures');
const FILES = readdirSync(folder).filter((name) => name.startsWith('workroom-v2'));

/** The tables as they were released before the file of version 3. */
const BEFORE = {
  cloths: 'id, addedAt',
  machines: 'id, addedAt',
  kit: 'id',
  onMachine: 'machineId',
  swatches: 'id, clothId, machineId, startedAt',
  lines: 'id, swatchId, sewnAt',
  cards: 'id, clothId, machineId, passedAt',
  preferences: 'key',
  needles: 'id, addedAt',
  threads: 'id, addedAt',
  care: 'id, machineId, at',
  photos: 'id',
  runs: 'id, startedAt, jobId',
  jobs: 'id, addedAt',
  views: 'id',
  drafts: 'key',
  setAside: 'key',
};

async function olderDatabase(name: string, file: Record<string, object[]>): Promise<void> {
  const old = new Dexie(name);
  old.version(6).stores(BEFORE);
  for (const list of LISTS) await old.table(list).bulkPut(file[list] ?? []);
  old.close();
}

describe.each(FILES)('a database with the records of %s', (name) => {
  const text = readFileSync(path.join(folder, name), 'utf8');
  it('is brought up by the same steps as the file', async () => {
    await olderDatabase(name, JSON.parse(text) as Record<string, object[]>);
    const migrated = new WorkroomDatabase(name);
    const read = openWorkroom(text);
    if (!read.ok) throw new Error(read.error.path);
    for (const list of LISTS) {
      const stored = (await migrated.table(list).toArray()) as object[];
      const asFile = openWorkroom(JSON.stringify({ ...read.workroom, [list]: stored }));
      if (!asFile.ok) throw new Error(asFile.error.path);
      expect(asFile.setAside).toEqual([]);
      const sorted = (all: readonly object[]) => all.map((one) => canonical(one)).sort();
      expect(sorted(asFile.workroom[list])).toEqual(sorted(read.workroom[list]));
    }
    await migrated.delete();
  });
});

it('a damaged record is brought up untouched', async () => {
  const text = readFileSync(path.join(folder, 'workroom-v2-jobs.json'), 'utf8');
  const file = JSON.parse(text) as Record<string, { id: string }[]>;
  file.needles[0] = { id: file.needles[0].id, hours: 'many' } as never;
  await olderDatabase('damaged', file);
  const migrated = new WorkroomDatabase('damaged');
  expect(await migrated.needles.get(file.needles[0].id)).toMatchObject({ sewn: 'many' });
  expect(await migrated.needles.count()).toBe(file.needles.length);
  await migrated.delete();
});
