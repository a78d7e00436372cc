import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { readWorkroom, type Workroom } from '@/core/file';
import { database } from './database';
import { changeKit, readKit, writeKit } from './kit';
import { readPreference, writePreference } from './preferences';
import { cards, cloths, lines, onMachines } from './repositories';
import { StoreError } from './repository';
import { exportText, importWorkroom, previewImport, startOwn } from './workroomFile';

const demoText = readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8');
const demo = (): Workroom => {
  const read = readWorkroom(demoText);
  if (!read.ok) throw new Error(read.error.message);
  return read.workroom;
};
const now = new Date('2026-05-01T10:00:00Z');

beforeEach(async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
});

describe('what is stored is checked on the way in and out', () => {
  it('something wrong is refused with its field, and the table stays as it was', async () => {
    const [cloth] = demo().cloths;
    await cloths.put(cloth);
    const wrong = { ...cloth, cloth: { ...cloth.cloth, massGsm: -1 } };
    await expect(cloths.put(wrong)).rejects.toThrow(StoreError);
    await expect(cloths.put(wrong)).rejects.toThrow(/cloth\.massGsm: expected a number above 0/);
    expect(await cloths.get(cloth.id)).toEqual(cloth);
  });

  it('something damaged is left out, kept untouched, and told', async () => {
    const [cloth] = demo().cloths;
    await cloths.put(cloth);
    await database.table('cloths').put({ id: 'bad', cloth: { name: 'Bad' } });
    expect((await cloths.all()).map((c) => c.id)).toEqual([cloth.id]);
    expect(await cloths.unreadable()).toMatchObject([{ noun: 'cloth', id: 'bad' }]);
    expect(await database.table('cloths').count()).toBe(2);
  });

  it('two quick changes of one line both hold', async () => {
    const [line] = demo().lines;
    await lines.put(line);
    await Promise.all([
      lines.change(line.id, (l) => l && { ...l, notes: 'slow' }),
      lines.change(line.id, (l) => l && { ...l, measures: { ...l.measures, stitches: 44 } }),
    ]);
    expect(await lines.get(line.id)).toMatchObject({ notes: 'slow', measures: { stitches: 44 } });
  });

  it('a damaged preference is its default again', async () => {
    await database.preferences.put({ key: 'units', value: 'furlongs' });
    expect(await readPreference('units')).toBe('metric');
  });
});

describe('the workroom file', () => {
  it('goes out, the workroom is wiped, it comes in, and everything is as it was', async () => {
    await importWorkroom(demo(), 'replace');
    const before = await exportText(now);
    await startOwn(now, 'm1');
    expect(await cards.all()).toEqual([]);
    const { read } = await previewImport(before, now);
    if (!read.ok) throw new Error(read.error.message);
    await importWorkroom(read.workroom, 'replace');
    expect(await exportText(now)).toBe(before);
  });

  it('that is broken changes nothing', async () => {
    await importWorkroom(demo(), 'replace');
    const before = await exportText(now);
    const { read, plan } = await previewImport('{"format":"bobbet-workroom","version":1}', now);
    expect(read.ok).toBe(false);
    expect(plan).toBeNull();
    expect(await exportText(now)).toBe(before);
  });

  it('merged twice adds nothing the second time', async () => {
    await importWorkroom(demo(), 'merge');
    const once = await exportText(now);
    const { plan } = await previewImport(demoText, now);
    expect(plan!.cloths).toEqual({ added: 0, changed: 0, same: 10 });
    await importWorkroom(demo(), 'merge');
    expect(await exportText(now)).toBe(once);
  });

  it('replaced leaves no question about a cloth that is gone', async () => {
    await importWorkroom(demo(), 'replace');
    await writePreference('question', { clothId: 'merino', machineId: 'green', operation: { kind: 'hem' } });
    await startOwn(now, 'm1');
    expect(await readPreference('question')).toMatchObject({ clothId: null, machineId: null });
    expect(await onMachines.all()).toEqual([]);
  });
});

describe('the kit', () => {
  it('is everything until something is ticked, and each change builds on the one before', async () => {
    expect(await readKit()).toBeNull();
    await writeKit({ needles: [], threads: [], feet: ['standard'], plates: ['standard'], overlocker: false });
    await Promise.all([
      changeKit((kit) => ({ ...kit, feet: [...kit.feet, 'walking'] })),
      changeKit((kit) => ({ ...kit, threads: [{ fibre: 'silk', tex: 16 }] })),
    ]);
    expect(await readKit()).toMatchObject({ feet: ['standard', 'walking'], threads: [{ fibre: 'silk', tex: 16 }] });
  });
});
