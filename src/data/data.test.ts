import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import Dexie from 'dexie';
import { beforeEach, describe, expect, it } from 'vitest';
import { clothRecordSchema, hoursInMachine, readWorkroom, sewnHours, type Workroom } from '@/core/file';
import { needleHours, sewedBy } from '@/core/kit';
import { changePhoto } from './changePhoto';
import { contentText } from './contentText.testing';
import { database, WorkroomDatabase } from './database';
import { dependantsOfCloth, dependantsOfFoot, dependantsOfMachine, isFree } from './dependants';
import { deleteNeedle } from './deleteNeedle';
import { undo } from './edits';
import { changeKit, readKit } from './kit';
import { findDamage } from './damage/find';
import { readPreference, writePreference } from './preferences';
import { cards, care, cloths, lines, machines, needles, onMachines, photos, threads } from './repositories';
import { StoreError } from './storeError';
import { countSewing } from './sewing';
import { reportTrouble, setTrouble, troubleNow } from './trouble';
import { withTextBox } from './textBox.testing';
import { exportText, importWorkroom, previewImport, startOwn } from './workroomFile';

const AT = '2026-05-01T09:00:00Z';
const demoText = readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8');
const demo = (): Workroom => {
  const read = readWorkroom(demoText);
  if (!read.ok) throw new Error(read.error.message);
  return read.workroom;
};
const now = new Date('2026-05-01T10:00:00Z');

withTextBox();

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
    expect(await findDamage()).toMatchObject([
      { table: 'cloths', id: 'bad', name: 'fabric “Bad”', kind: 'unreadable' },
    ]);
    expect(await database.table('cloths').count()).toBe(2);
  });

  it('what is taken out comes back just as it was stored, and nothing comes of what was not there', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const [line] = demo().lines;
    await lines.change(line.id, (now) => now && { ...now, notes: 'written a moment before' });
    await lines.remove(line.id);
    expect(await lines.get(line.id)).toBeUndefined();
    expect(await undo()).toMatchObject({ ok: true, text: 'Test 1 deleted' });
    expect(await lines.get(line.id)).toEqual({ ...line, notes: 'written a moment before' });
    await lines.remove('nobody');
    expect(await lines.all()).toHaveLength(demo().lines.length);
  });

  it('two quick changes of one line both hold', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const [line] = demo().lines;
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
    await importWorkroom({ workroom: demo() }, 'replace');
    const before = await exportText(now);
    await startOwn(now, 'm1');
    expect(await cards.all()).toEqual([]);
    const { read } = await previewImport(before, now);
    if (!read.ok) throw new Error(read.error.message);
    await importWorkroom(read, 'replace');
    expect(await exportText(now)).toBe(before);
  });

  it('that is broken changes nothing', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const before = await exportText(now);
    const { read, plan } = await previewImport('{"format":"bobbet-workroom","version":1}', now);
    expect(read.ok).toBe(false);
    expect(plan).toBeNull();
    expect(await exportText(now)).toBe(before);
  });

  it('merged twice adds nothing the second time', async () => {
    await importWorkroom({ workroom: demo() }, 'merge');
    const once = await exportText(now);
    const { plan } = await previewImport(demoText, now);
    expect(plan!.cloths).toEqual({ added: 0, changed: 0, same: 10 });
    await importWorkroom({ workroom: demo() }, 'merge');
    expect(await exportText(now)).toBe(once);
  });

  it('replaced leaves no question about a cloth that is gone', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    await writePreference('question', { clothId: 'merino', machineId: 'green', operation: { kind: 'hem' } });
    await startOwn(now, 'm1');
    expect(await readPreference('question')).toMatchObject({ clothId: null, machineId: null });
    expect(await onMachines.all()).toEqual([]);
  });
});

describe('the kit', () => {
  it('is everything until something is ticked, and each change builds on the one before', async () => {
    expect(await readKit()).toBeNull();
    await changeKit(() => ({ feet: ['standard'], plates: ['standard'] }));
    await Promise.all([
      changeKit((kit) => ({ feet: [...(kit.feet ?? []), 'walking'] })),
      changeKit(() => ({ threads: 'owned' })),
      threads.put({ id: 's1', thread: { fibre: 'silk', tex: 16 }, colour: '#ffffff', addedAt: AT }),
    ]);
    expect(await readKit()).toMatchObject({ feet: ['standard', 'walking'], threads: [{ fibre: 'silk', tex: 16 }] });
  });

  it('does not choose a foot that is put away, nor a needle that is spent', async () => {
    await changeKit(() => ({ feet: ['standard', 'walking'], away: ['walking'], needles: 'owned' }));
    await needles.putAll([
      { id: 'n1', needle: { point: 'universal', nm: 80 }, addedAt: AT },
      { id: 'n2', needle: { point: 'universal', nm: 80 }, addedAt: AT },
      { id: 'n3', needle: { point: 'jeans', nm: 100 }, spent: 'struck', addedAt: AT },
    ]);
    expect(await readKit()).toMatchObject({ feet: ['standard'], needles: [{ point: 'universal', nm: 80 }] });
  });
});

describe('sewing', () => {
  const on = () => demo().onMachine[0];
  it('ages the needle in the machine, remembers what it sewed, and counts for the machine', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    await countSewing('green', 30, { id: 'deck', name: 'Deck canvas', family: 'canvas' });
    await countSewing('green', 30, { name: 'Tea towel', family: 'hand-woven' });
    const needle = await needles.get(on().needleId!);
    expect(needleHours(needle!)).toBeCloseTo(3.4 + 0.5 + 1, 10);
    expect(sewedBy(needle!).map((s) => s.what)).toEqual(['Tea towel', 'Deck canvas']);
    expect(sewedBy(needle!)[1].hours).toBeCloseTo(3.9, 10);
    expect(hoursInMachine((await onMachines.get('green'))!, await needles.all())).toBeCloseTo(4.9, 10);
    expect(sewnHours((await machines.get('green'))!)).toBeCloseTo(42.5, 10);
  });

  it('that was counted by mistake is taken back whole', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const before = await exportText(now);
    await countSewing('black', 24, { name: 'Pillow', family: 'lawn' });
    await countSewing('black', -24, { name: 'Pillow', family: 'lawn' });
    const after = JSON.parse(await exportText(now)) as Workroom;
    expect(sewnHours(after.machines.find((m) => m.id === 'black')!)).toBeCloseTo(12.2, 10);
    expect(after.needles).toEqual((JSON.parse(before) as Workroom).needles);
  });
});

describe('what hangs on a thing', () => {
  beforeEach(async () => void (await importWorkroom({ workroom: demo() }, 'replace')));

  it('is counted before it goes', async () => {
    expect(await dependantsOfCloth('merino')).toEqual({
      cards: 0,
      scraps: 1,
      jobs: 1,
      onMachine: false,
    });
    expect(await dependantsOfCloth('deck')).toEqual({ cards: 1, scraps: 1, jobs: 1, onMachine: true });
    expect(isFree(await dependantsOfCloth('neoprene'))).toBe(true);
    expect((await dependantsOfMachine('green')).cards).toBeGreaterThan(0);
    expect((await dependantsOfFoot('buttonhole')).cards).toBe(0);
  });

  it('goes with it when it is removed for good, but cards stand alone', async () => {
    await cloths.remove('deck');
    expect(await cloths.get('deck')).toBeUndefined();
    expect((await lines.all()).some((line) => line.swatchId === 'canvas-seam')).toBe(false);
    expect(await cards.get('card-canvas-seam')).toBeDefined();
    const { read } = await previewImport(await exportText(now), now);
    expect(read.ok).toBe(true);
  });

  it('goes with a machine too, and what is left is a whole workroom', async () => {
    await machines.remove('black');
    expect(await onMachines.get('black')).toBeUndefined();
    expect((await care.all()).every((c) => c.machineId === 'green')).toBe(true);
    const { read } = await previewImport(await exportText(now), now);
    expect(read.ok).toBe(true);
  });
});

describe('a needle taken out of the tin', () => {
  it('stays in its machine with the hours it has sewn, until that is undone', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const hours = hoursInMachine((await onMachines.get('green'))!, await needles.all());
    expect(hours).toBeGreaterThan(0);
    await deleteNeedle('jeans-100-1');
    const on = (await onMachines.get('green'))!;
    expect([on.needleId, hoursInMachine(on, await needles.all())]).toEqual([null, hours]);
    await undo();
    expect((await onMachines.get('green'))!.needleId).toBe('jeans-100-1');
    expect(hoursInMachine((await onMachines.get('green'))!, await needles.all())).toBeCloseTo(hours, 9);
  });

  it('leaves its machine too, so that the workroom can go out, and comes back into it', async () => {
    await importWorkroom({ workroom: demo() }, 'replace');
    const before = await contentText(now);
    const inMachine = (await onMachines.get('green'))!.needleId!;
    await needles.remove(inMachine);
    expect(await needles.get(inMachine)).toBeUndefined();
    expect((await onMachines.get('green'))!.needleId).toBeNull();
    expect((await previewImport(await exportText(now), now)).read.ok).toBe(true);
    await undo();
    expect(await contentText(now)).toBe(before);
  });
});

describe('a photo of a cloth', () => {
  const photo = (id: string) => ({ id, data: 'data:image/webp;base64,AAAA', widthPx: 40, heightPx: 30, takenAt: AT });
  it('takes the place of the one before, goes, and comes back', async () => {
    await cloths.put(demo().cloths[0]);
    const { id } = demo().cloths[0];
    await changePhoto('cloths', id, photo('p1'));
    await changePhoto('cloths', id, photo('p2'));
    expect((await photos.all()).map((p) => p.id)).toEqual(['p2']);
    await changePhoto('cloths', id, null);
    expect(await photos.all()).toEqual([]);
    expect((await cloths.get(id))!.photoId).toBeUndefined();
    expect((await previewImport(await exportText(now), now)).read.ok).toBe(true);
    await undo();
    expect((await cloths.get(id))!.photoId).toBe('p2');
    expect(await photos.get('p2')).toEqual(photo('p2'));
  });

  it('goes with its cloth', async () => {
    await cloths.put(demo().cloths[0]);
    await changePhoto('cloths', demo().cloths[0].id, photo('p1'));
    await cloths.remove(demo().cloths[0].id);
    expect(await photos.all()).toEqual([]);
  });
});

describe('a browser without room', () => {
  it('is told as such, and what was stored stays', async () => {
    const full = Object.assign(new Error('AbortError'), {
      name: 'AbortError',
      inner: new DOMException('x', 'QuotaExceededError'),
    });
    expect(reportTrouble(full)).toBe(true);
    expect(troubleNow()).toMatchObject({ kind: 'full' });
    setTrouble(null);
    expect(reportTrouble(new TypeError('a slip of ours'))).toBe(false);
    expect(troubleNow()).toBeNull();
  });

  it('something wrong names its field', async () => {
    const wrong = await cloths.put({ ...demo().cloths[0], colour: 'red' }).catch((cause: unknown) => cause);
    expect(reportTrouble(wrong)).toBe(true);
    expect(troubleNow()!.text).toContain('colour');
    setTrouble(null);
  });
});

describe('a database of version 1', () => {
  it('keeps everything: readings name their gauge, ticks become needles and spools', async () => {
    const name = 'bobbet-old';
    const old = new Dexie(name);
    old.version(1).stores({
      cloths: 'id, addedAt',
      machines: 'id, addedAt',
      kit: 'id',
      onMachine: 'machineId',
      swatches: 'id, clothId, startedAt',
      lines: 'id, swatchId, sewnAt',
      cards: 'id, clothId, passedAt',
      preferences: 'key',
    });
    const file = JSON.parse(
      readFileSync(path.join(import.meta.dirname, '../core/file/fixtures/workroom-v1.json'), 'utf8'),
    ) as { cloths: { readings: object[] }[]; kit: { kit: { needles: object[] } } };
    await old.table('cloths').bulkPut(file.cloths);
    await old.table('kit').put({ id: 'kit', kit: file.kit.kit });
    old.close();
    const migrated = new WorkroomDatabase(name);
    const stored = await migrated.cloths.toArray();
    expect(stored).toHaveLength(file.cloths.length);
    for (const cloth of stored) expect(clothRecordSchema.safeParse(cloth).success).toBe(true);
    expect(stored.flatMap((c) => c.readings)).toHaveLength(file.cloths.flatMap((c) => c.readings).length);
    expect(await migrated.needles.count()).toBe(file.kit.kit.needles.length);
    expect(await migrated.kit.get('kit')).toMatchObject({ needles: 'owned', threads: 'owned' });
    await migrated.delete();
  });
});
