import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { type Changes, readChanges } from '@/core/exchange';
import { canonical, readWorkroom } from '@/core/file';
import { closeClash, exportChanges, previewChanges, takeChanges, useOther } from './changes';
import { database } from './database';
import { edit, undo } from './edits';
import { forgetHistory } from './edits/history';
import { readPreference, writePreference } from './preferences';
import { cards, cloths, lines, machines, swatches } from './repositories';
import { withTextBox } from './textBox.testing';
import { exportText, importWorkroom, readAll } from './workroomFile';

withTextBox();

const now = new Date('2026-11-28T10:00:00Z');
const demo = () => {
  const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8'));
  if (!read.ok) throw new Error(read.error.path);
  return read.workroom;
};

/** What a browser keeps beside its database. */
const BOX = ['bobbet.device', 'bobbet.stamp', 'bobbet.newest'];

/** Two devices in one browser: everything one has stored is put by while the other is in use. */
class Devices {
  private readonly stored = new Map<string, { rows: [string, unknown[]][]; box: [string, string][] }>();
  private current = '';

  async use(name: string): Promise<void> {
    const rows = await Promise.all(
      database.tables.map(async (table) => [table.name, await table.toArray()] as [string, unknown[]]),
    );
    const box = BOX.flatMap((key): [string, string][] => {
      const value = localStorage.getItem(key);
      return value === null ? [] : [[key, value]];
    });
    if (this.current) this.stored.set(this.current, { rows, box });
    this.current = name;
    const next = this.stored.get(name);
    for (const key of BOX) localStorage.removeItem(key);
    for (const [key, value] of next?.box ?? [['bobbet.device', name]]) localStorage.setItem(key, value);
    for (const table of database.tables) await table.clear();
    for (const [table, all] of next?.rows ?? []) await database.table(table).bulkPut(all);
    if (!next) await importWorkroom({ workroom: demo() }, 'replace');
    forgetHistory();
  }
}
let devices: Devices;
beforeEach(async () => {
  devices = new Devices();
  await devices.use('b');
  await devices.use('a');
});

const read = (text: string): Changes => {
  const found = readChanges(text);
  if (!found.ok) throw new Error(`${found.error.path}: ${found.error.message}`);
  return found.changes;
};
const take = async (text: string) => {
  const preview = await previewChanges(read(text), now);
  if (preview.kind !== 'ready') throw new Error(preview.kind);
  await takeChanges(read(text), 'Changes taken in', now);
  return preview;
};
/** Everything that both should have the same. */
const content = async () => {
  const { stamps, deleted, ...lists } = await readAll(now);
  return canonical({
    lists,
    stamps: stamps.map((s) => canonical(s)).sort(),
    deleted: deleted.map(({ list, id }) => `${list} ${id}`).sort(),
  });
};

describe('own: two devices, by file', () => {
  it('end with the same workroom; the file is small; nothing more is changed the second time', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'as it was' });
    const first = await exportChanges(now, true);
    await devices.use('b');
    await take(first);
    await devices.use('a');
    await cloths.change('merino', (c) => c && { ...c, notes: 'softer' });
    const [gone] = demo().lines;
    await lines.remove(gone.id);
    const fromA = await exportChanges(now, false);
    expect(fromA.length).toBeLessThan((await exportText(now)).length / 10);
    await devices.use('b');
    await cloths.change('merino', (c) => c && ({ ...c, name: 'Merino, navy' } as typeof c));
    await cards.remove(demo().cards[0].id);
    expect((await take(fromA)).clashes).toEqual([]);
    expect((await cloths.get('merino'))?.notes).toBe('softer');
    expect(await lines.get(gone.id)).toBeUndefined();
    const [fromB, onB] = [await exportChanges(now, false), await content()];
    await devices.use('a');
    await take(fromB);
    expect(await content()).toBe(onB);
    expect((await take(fromB)).plan).toEqual([]);
    expect(await content()).toBe(onB);
  });

  it('both changed the same: the later stays, the other is listed, can be used instead, and that travels', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'from a' });
    const fromA = await exportChanges(now, false);
    await devices.use('b');
    await new Promise((done) => setTimeout(done, 5));
    await cloths.change('merino', (c) => c && { ...c, notes: 'from b' });
    const { clashes } = await take(fromA);
    expect(clashes).toMatchObject([{ list: 'cloths', id: 'merino', field: 'notes', kept: 'from b', lost: 'from a' }]);
    expect(await readPreference('clashes')).toEqual(clashes);
    await useOther(clashes[0], 'Other one used');
    expect((await cloths.get('merino'))?.notes).toBe('from a');
    expect(await readPreference('clashes')).toEqual([]);
    await undo();
    expect((await cloths.get('merino'))?.notes).toBe('from b');
    expect(await readPreference('clashes')).toEqual(clashes);
    await closeClash(clashes[0]);
    expect(await readPreference('clashes')).toEqual([]);
  });

  it('the other version is only used where it fits what is there now', async () => {
    const clash = { list: 'cloths', id: 'merino', field: 'notes', kept: 'x', lost: 'y' };
    await writePreference('clashes', [clash]);
    expect(await useOther({ ...clash, id: 'nobody' }, 'used')).toBe(false);
    expect(await useOther({ ...clash, field: 'cloth', lost: 7 }, 'used')).toBe(false);
    const line = { ...demo().lines[0], id: 'lost-line', swatchId: 'gone' };
    expect(await useOther({ list: 'lines', id: line.id, field: null, kept: null, lost: line }, 'used')).toBe(false);
    expect(await readPreference('clashes')).toEqual([clash]);
    expect(await useOther(clash, 'used')).toBe(true);
    expect((await cloths.get('merino'))?.notes).toBe('y');
  });

  it('another workroom in this one’s place knows no other device, and no clash', async () => {
    await writePreference('clashes', [{ list: 'cloths', id: 'merino', field: 'notes', kept: 'x', lost: 'y' }]);
    await exportChanges(now, false);
    await cloths.change('merino', (c) => c && { ...c, notes: 'z' });
    await importWorkroom({ workroom: demo() }, 'replace');
    for (const [key, empty] of [
      ['clashes', []],
      ['heard', {}],
      ['knows', {}],
      ['told', null],
    ] as const)
      expect(await readPreference(key)).toEqual(empty);
  });

  it('a clock that is more than a year ahead does not carry this one along', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'x' });
    const changes = read(await exportChanges(now, true));
    await devices.use('b');
    const at = (days: number) => `${new Date(now.getTime() + days * 86_400_000).toISOString()}-0000-a`;
    expect((await previewChanges({ ...changes, knows: {}, stamps: new Map(), upTo: at(365) }, now)).kind).toBe('ready');
    expect((await previewChanges({ ...changes, upTo: at(367) }, now)).kind).toBe('ahead');
  });

  it('taking in is undone as a whole', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'from a' });
    await cards.remove(demo().cards[0].id);
    const fromA = await exportChanges(now, false);
    await devices.use('b');
    const before = await content();
    await take(fromA);
    expect(await content()).not.toBe(before);
    await undo();
    expect(await content()).toBe(before);
  });

  it('a file that is missing between is noticed, and everything helps', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'first' });
    await exportChanges(now, false);
    await cloths.change('merino', (c) => c && { ...c, notes: 'second' });
    const second = await exportChanges(now, false);
    const everything = await exportChanges(now, true);
    await devices.use('b');
    expect((await previewChanges(read(second), now)).kind).toBe('gap');
    await take(everything);
    expect((await cloths.get('merino'))?.notes).toBe('second');
    await take(second);
    await devices.use('a');
    expect((await previewChanges(read(second), now)).kind).toBe('own');
  });

  it('a new line on a swatch that was deleted elsewhere keeps the swatch; hours sewn add up', async () => {
    const { swatchId } = demo().lines[0];
    await edit('deleted', () => swatches.remove(swatchId));
    const entry = (id: string) => ({ id, at: '2026-11-28T10:00:00Z', by: 1 });
    await machines.change('green', (m) => m && ({ ...m, sewn: [...m.sewn, entry('a1')] } as typeof m));
    const fromA = await exportChanges(now, false);
    await devices.use('b');
    await lines.put({ ...demo().lines[0], id: 'new-line' });
    await machines.change('green', (m) => m && ({ ...m, sewn: [...m.sewn, entry('b1')] } as typeof m));
    await take(fromA);
    expect(await swatches.get(swatchId)).toBeDefined();
    expect((await machines.get('green'))?.sewn.map(({ id }) => id)).toEqual(expect.arrayContaining(['a1', 'b1']));
    const [fromB, onB] = [await exportChanges(now, false), await content()];
    await devices.use('a');
    await take(fromB);
    expect(await content()).toBe(onB);
  });

  it('with a third device the next file reaches back to what the second has brought', async () => {
    await writePreference('heard', { c: '2026-01-01T00:00:00.000Z-0000-c' });
    await exportChanges(now, false);
    await devices.use('b');
    await cloths.change('merino', (c) => c && { ...c, notes: 'from b' });
    const fromB = await exportChanges(now, false);
    await devices.use('a');
    await take(fromB);
    expect(await readPreference('told')).toBeNull();
  });
});

describe('own: files of changes that are broken', () => {
  it('are refused by the first thing wrong, and none throws', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'x' });
    const text = await exportChanges(now, false);
    const whole = JSON.parse(text) as Record<string, unknown>;
    const broken: [unknown, RegExp][] = [
      ['[]', /./],
      [{ ...whole, version: 2 }, /version/],
      [{ ...whole, device: 'A B' }, /device/],
      [{ ...whole, since: 'yesterday' }, /since/],
      [{ ...whole, records: [{ list: 'nowhere', id: 'x', record: {} }] }, /records/],
      [{ ...whole, records: [{ list: 'cloths', id: 'x', record: { id: 'x' } }] }, /records\[0\]\.record/],
      [{ ...whole, records: [{ list: 'kit', id: 'kit', record: { feet: 7 } }] }, /records\[0\]\.record/],
      [{ ...whole, extra: 1 }, /extra/],
    ];
    for (const [file, at] of broken) {
      const found = readChanges(typeof file === 'string' ? file : JSON.stringify(file));
      expect(found.ok ? 'read' : `${found.error.path} ${found.error.message}`).toMatch(at);
    }
    for (let i = 0; i < 500; i += 1) {
      const at = (i * 7919) % text.length;
      expect(() =>
        readChanges(text.slice(0, at) + String.fromCharCode(33 + (i % 90)) + text.slice(at + 1 + (i % 3))),
      ).not.toThrow();
    }
  });
});
