import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { nextStamp, readWorkroom, stampSchema } from '@/core/file';
import { touchedFields } from '@/core/workroom';
import { database } from '../database';
import { cards, cloths, lines } from '../repositories';
import { withTextBox } from '../textBox.testing';
import { exportText, importWorkroom } from '../workroomFile';
import { edit, undo } from './edit';
import { forgetHistory } from './history';

withTextBox();

const now = new Date('2026-11-28T10:00:00Z');
const demoText = readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8');
const demo = () => {
  const read = readWorkroom(demoText);
  if (!read.ok) throw new Error(read.error.path);
  return read.workroom;
};
const stampOf = (list: string, id: string) => database.stamps.get(`${list} ${id}`);
const deletedOf = (list: string, id: string) => database.deleted.get(`${list} ${id}`);

beforeEach(async () => {
  await importWorkroom({ workroom: demo() }, 'replace');
  forgetHistory();
});

describe('the clock of changes', () => {
  it('goes on where the computer’s clock stands still, runs back, or another device is ahead', () => {
    const first = nextStamp(null, 1000, 'a');
    const still = nextStamp(first, 1000, 'a');
    const back = nextStamp(still, 10, 'a');
    const ahead = nextStamp(nextStamp(null, 9_000_000, 'b'), 1000, 'a');
    const later = nextStamp(back, 1001, 'a');
    for (const stamp of [first, still, back, ahead, later]) expect(stampSchema.safeParse(stamp).success).toBe(true);
    expect([first, still, back].sort()).toEqual([first, still, back]);
    expect(later > back).toBe(true);
    expect(ahead > nextStamp(null, 9_000_000, 'b')).toBe(true);
  });

  it('gives out more at one moment than it can count by moving on', () => {
    const full = '1970-01-01T00:00:00.005Z-zzzz-a';
    expect(nextStamp(full, 5, 'a')).toBe('1970-01-01T00:00:00.006Z-0000-a');
  });
});

describe('what a change touches', () => {
  const cloth = demo().cloths[0];
  const updated = (to: object) =>
    touchedFields({ kind: 'updated', table: 'cloths', id: 'merino', change: [{ ...cloth }, { ...cloth, ...to }] });
  it.each<[string, object, string[]]>([
    ['a field', { notes: 'new' }, ['notes']],
    ['an entry that came', { readings: [...cloth.readings, { ...cloth.readings[0], id: 'new' }] }, ['readings/new']],
    ['an entry that went', { readings: cloth.readings.slice(1) }, [`readings/${cloth.readings[0].id}`]],
    ['entries in another order', { readings: [...cloth.readings].reverse() }, ['readings']],
    ['nothing', {}, []],
  ])('%s', (_, to, fields) => expect(updated(to)).toEqual(fields));
});

describe('stamps', () => {
  it('say when a record was added, and later which field was changed', async () => {
    await cloths.put({ ...demo().cloths[0], id: 'new' });
    const added = (await stampOf('cloths', 'new'))!;
    expect(added.fields).toEqual({});
    await cloths.change('new', (c) => c && { ...c, notes: 'softer' });
    const changed = (await stampOf('cloths', 'new'))!;
    expect(changed.at).toBe(added.at);
    expect(Object.keys(changed.fields)).toEqual(['notes']);
    expect(changed.fields.notes > added.at).toBe(true);
  });

  it('become a note of what was deleted, with everything that went with it, and undoing takes the note away', async () => {
    const { id } = demo().lines[0];
    await lines.remove(id);
    expect(await deletedOf('lines', id)).toMatchObject({ list: 'lines', id });
    expect(await stampOf('lines', id)).toBeUndefined();
    await undo();
    expect(await deletedOf('lines', id)).toBeUndefined();
    expect(await stampOf('lines', id)).toBeDefined();
  });

  it('are not left by what was refused', async () => {
    const before = await database.stamps.toArray();
    const failing = edit('Broken off', async () => {
      await cards.change(demo().cards[0].id, (c) => c && { ...c, notes: 'lost' });
      throw new Error('broken off');
    });
    await expect(failing).rejects.toThrow('broken off');
    expect(await database.stamps.toArray()).toEqual(before);
  });

  it('go out with the file, and come back with it', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'softer' });
    await cards.remove(demo().cards[0].id);
    const text = await exportText(now);
    const read = readWorkroom(text);
    if (!read.ok) throw new Error(read.error.path);
    expect(read.workroom.stamps.find(({ id }) => id === 'merino')?.fields).toHaveProperty('notes');
    expect(read.workroom.deleted.map(({ list }) => list)).toContain('cards');
    await importWorkroom({ workroom: demo() }, 'replace');
    expect(await database.stamps.count()).toBe(0);
    await importWorkroom({ workroom: read.workroom }, 'replace');
    expect(await exportText(now)).toBe(text);
  });

  it('that are damaged, or of a record with a damaged key, never stop an export', async () => {
    await database.stamps.put({ key: 'cloths merino', list: 'cloths', id: 'merino', at: 7, fields: {} } as never);
    await database.cloths.put({ ...demo().cloths[0], id: ' no key ' });
    await cloths.remove(' no key ');
    const read = readWorkroom(await exportText(now));
    expect(read.ok && [read.workroom.stamps, read.workroom.deleted]).toEqual([[], []]);
  });

  it('of another device that is ahead are followed, not overtaken', async () => {
    const ahead = '2099-01-01T00:00:00.000Z-0000-other';
    const stamps = [{ list: 'cloths', id: 'merino', at: ahead, fields: {} }];
    await importWorkroom({ workroom: { ...demo(), stamps } }, 'replace');
    await cloths.change('merino', (c) => c && { ...c, notes: 'softer' });
    expect((await stampOf('cloths', 'merino'))!.fields.notes > ahead).toBe(true);
  });
});
