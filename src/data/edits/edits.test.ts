import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import type { Table } from 'dexie';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { readWorkroom, type Workroom } from '@/core/file';
import { database } from '../database';
import { cards, cloths, jobs, lines, needles, onMachines, swatches } from '../repositories';
import { backupDatabase } from '../snapshots';
import { StoreError } from '../storeError';
import { withTextBox } from '../textBox.testing';
import { contentText } from '../contentText.testing';
import { importWorkroom, startOwn } from '../workroomFile';
import { edit, redo, undo, undoEntry } from './edit';
import { forgetHistory, historyNow } from './history';

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const demo: Workroom = read.workroom;
const now = new Date('2026-05-01T10:00:00Z');
const last = () => historyNow().done.at(-1)!.id;

withTextBox();

beforeEach(async () => {
  await importWorkroom({ workroom: demo }, 'replace');
  forgetHistory();
});

describe('an edit', () => {
  it('is one thing in the list, however much it changes', async () => {
    await edit('Both renamed', async () => {
      await cloths.change('merino', (c) => c && { ...c, notes: 'a' });
      await jobs.change('apron', (j) => j && { ...j, notes: 'b' });
    });
    expect(historyNow().done.map(({ text, changes }) => [text, changes.length])).toEqual([['Both renamed', 2]]);
    await undo();
    expect((await cloths.get('merino'))!.notes).toBe(demo.cloths.find((c) => c.id === 'merino')!.notes);
  });

  it('that fails half-way changes nothing and is not in the list', async () => {
    const before = await contentText(now);
    const fails = edit('Half', async () => {
      await cloths.remove('merino');
      throw new Error('half-way');
    });
    await expect(fails).rejects.toThrow('half-way');
    expect(await contentText(now)).toBe(before);
    expect(historyNow().done).toEqual([]);
  });

  it('that leaves everything as it was is not in the list', async () => {
    await cloths.change('merino', (c) => c && { ...c });
    expect(historyNow().done).toEqual([]);
  });

  it('is refused when what it stores could not stand', async () => {
    const orphan = { ...demo.lines[0], id: 'orphan', swatchId: 'gone' };
    await expect(lines.put(orphan)).rejects.toThrow(StoreError);
    await expect(lines.put(orphan)).rejects.toThrow(/its swatch is missing/);
    expect(await lines.get('orphan')).toBeUndefined();
  });

  it('of letters typed one after the other into one field is one thing, and nothing when they are gone again', async () => {
    const type = (notes: string) => cloths.change('merino', (c) => c && { ...c, notes });
    const was = (await cloths.get('merino'))!.notes;
    for (const notes of ['T', 'Th', 'Thi']) await type(notes);
    await cloths.change('merino', (c) => c && { ...c, colour: '#000000' });
    await type('This');
    expect(historyNow().done).toHaveLength(3);
    await undo();
    await undo();
    expect((await cloths.get('merino'))!.notes).toBe('Thi');
    await type('Thi');
    expect(historyNow().done).toHaveLength(1);
    await undo();
    expect((await cloths.get('merino'))!.notes).toBe(was);
    await type('x');
    await type(was);
    expect(historyNow().done).toEqual([]);
  });

  it('of letters typed more than five seconds apart is two things', async () => {
    const clock = vi.spyOn(Date, 'now');
    const type = (notes: string, at: number) => {
      clock.mockReturnValue(1_800_000_000_000 + at);
      return cloths.change('merino', (c) => c && { ...c, notes });
    };
    await type('S', 0);
    await type('Si', 4900);
    expect(historyNow().done).toHaveLength(1);
    await type('Sil', 4900 + 5100);
    expect(historyNow().done).toHaveLength(2);
    clock.mockRestore();
  });

  it('forgets what could be redone', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'a' });
    await undo();
    await cloths.change('merino', (c) => c && { ...c, notes: 'b' });
    expect(await redo()).toEqual({ ok: false, text: null, why: null });
  });
});

describe('undo', () => {
  it('and redo go back and forth through everything', async () => {
    const states = [await contentText(now)];
    for (const id of ['merino', 'deck', 'denim']) {
      await cloths.change(id, (c) => c && { ...c, notes: 'new' });
      states.push(await contentText(now));
    }
    for (const state of [states[2], states[1], states[0]]) {
      await undo();
      expect(await contentText(now)).toBe(state);
    }
    for (const state of states.slice(1)) {
      await redo();
      expect(await contentText(now)).toBe(state);
    }
    expect(await redo()).toMatchObject({ ok: false });
  });

  it('of an older thing keeps what was written since, and can itself be undone', async () => {
    await cloths.change('merino', (c) => c && { ...c, colour: '#000000' });
    const older = last();
    await cloths.change('merino', (c) => c && { ...c, notes: 'written since' });
    await undoEntry(older);
    const was = demo.cloths.find((c) => c.id === 'merino')!;
    expect(await cloths.get('merino')).toMatchObject({ colour: was.colour, notes: 'written since' });
    await undo();
    expect(await cloths.get('merino')).toMatchObject({ colour: '#000000', notes: 'written since' });
  });

  it('of a deleted line brings back the swatch that was deleted after it, and says so', async () => {
    const [{ id, swatchId }] = demo.lines;
    await lines.remove(id);
    const first = last();
    await swatches.remove(swatchId);
    expect(await undoEntry(first)).toMatchObject({
      ok: true,
      told: [expect.stringMatching(/^Also brought back: swatch “/)],
    });
    expect(await swatches.get(swatchId)).toBeDefined();
    expect((await lines.all()).filter((line) => line.swatchId === swatchId).map((line) => line.id)).toEqual([id]);
  });

  it('of a seam brings back the project it was in', async () => {
    const job = demo.jobs[0];
    await edit('Seam deleted', () =>
      jobs.change(
        job.id,
        (j) => j && { ...j, notes: 'no seam', seams: j.seams.slice(1).map((s) => ({ ...s, after: [] })) },
      ),
    );
    const first = last();
    await jobs.remove(job.id);
    expect(await undoEntry(first)).toMatchObject({ ok: true });
    expect((await jobs.get(job.id))!.seams).toEqual(job.seams);
  });

  it('of an import leaves a fabric that a swatch was started on since, and says so', async () => {
    const [cloth] = demo.cloths;
    await cloths.putAll([
      { ...cloth, id: 'a' },
      { ...cloth, id: 'b' },
    ]);
    const first = last();
    await swatches.put({ ...demo.swatches[0], id: 's', clothId: 'a' });
    const done = await undoEntry(first);
    expect(done).toMatchObject({
      ok: true,
      told: [expect.stringMatching(/^Fabric “.*” stays: 1 swatch uses it now\.$/)],
    });
    expect(await cloths.get('a')).toBeDefined();
    expect(await cloths.get('b')).toBeUndefined();
    expect(await swatches.get('s')).toBeDefined();
  });

  it('of a needle that is in a machine takes it out of both, and redo puts it back into both', async () => {
    await needles.put({ ...demo.needles[0], id: 'n' });
    await onMachines.change('green', (on) => on && { ...on, needleId: 'n' });
    const before = await contentText(now);
    await needles.remove('n');
    expect((await onMachines.get('green'))!.needleId).toBeNull();
    await undo();
    expect(await contentText(now)).toBe(before);
  });

  it('of what another tab has deleted says why it cannot, and goes past it the next time', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'first' });
    const [{ id, swatchId }] = demo.lines;
    await lines.remove(id);
    // Another tab: nothing here knows of it.
    await database.lines.where('swatchId').equals(swatchId).delete();
    await database.swatches.delete(swatchId);
    expect(await undo()).toMatchObject({
      ok: false,
      why: expect.stringMatching(/cannot come back: its swatch is missing/),
    });
    expect(await lines.get(id)).toBeUndefined();
    expect(historyNow().done.at(-1)!.stuck).toBeDefined();
    expect(await undo()).toMatchObject({ ok: true });
    expect((await cloths.get('merino'))!.notes).not.toBe('first');
  });

  it('pressed twice at once undoes two things', async () => {
    await cloths.change('merino', (c) => c && { ...c, notes: 'a' });
    await cloths.change('deck', (c) => c && { ...c, notes: 'b' });
    await Promise.all([undo(), undo()]);
    expect(historyNow().done).toEqual([]);
  });

  it('of a card’s photo leaves the card', async () => {
    await cards.remove(demo.cards[0].id);
    await undo();
    expect(await cards.get(demo.cards[0].id)).toEqual(demo.cards[0]);
  });
});

describe('the whole workroom', () => {
  it('comes back as it was, with what cannot be read', async () => {
    await database.table('cloths').put({ id: 'bad', cloth: { name: 7 }, odd: Number.NaN });
    const before = await database.cloths.toArray();
    await startOwn(now, 'm1');
    expect(await cloths.all()).toEqual([]);
    expect(await undo()).toMatchObject({ ok: true, text: 'Empty workroom opened' });
    expect(await database.cloths.toArray()).toEqual(before);
    await redo();
    expect(await cloths.all()).toEqual([]);
    await undo();
    expect(await database.cloths.toArray()).toEqual(before);
  });

  it('comes back through more changes of the whole than copies are kept', async () => {
    const before = await contentText(now);
    for (let i = 0; i < 10; i += 1) await startOwn(now, `m${i}`);
    for (let i = 0; i < 10; i += 1) expect(await undo()).toMatchObject({ ok: true });
    expect(await contentText(now)).toBe(before);
    for (let i = 0; i < 10; i += 1) expect(await redo()).toMatchObject({ ok: true });
    expect(await cloths.all()).toEqual([]);
    for (let i = 0; i < 10; i += 1) await undo();
    expect(await contentText(now)).toBe(before);
  });

  it('is not touched when there is no room to keep it first', async () => {
    const before = await contentText(now);
    const full = vi
      .spyOn(backupDatabase.contents, 'put')
      .mockRejectedValue(new DOMException('full', 'QuotaExceededError'));
    await expect(startOwn(now, 'm1')).rejects.toThrow();
    full.mockRestore();
    expect(await contentText(now)).toBe(before);
    expect(historyNow().done).toEqual([]);
  });

  it('stays as it is when bringing it back fails, and the copy stays too', async () => {
    await startOwn(now, 'm1');
    const empty = await contentText(now);
    const broken = vi
      .spyOn(Object.getPrototypeOf(database.lines) as Table, 'bulkPut')
      .mockRejectedValue(new Error('disk'));
    await expect(undo()).rejects.toThrow('disk');
    broken.mockRestore();
    expect(await contentText(now)).toBe(empty);
    expect(await undo()).toMatchObject({ ok: true });
    expect(await cloths.all()).toHaveLength(10);
  });
});
