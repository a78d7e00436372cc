import 'fake-indexeddb/auto';
import { beforeEach, describe, expect, it, vi } from 'vitest';
import { database } from './database';
import { readDraft, recoverDrafts, writeDraft } from './drafts';
import { withTextBox } from './textBox.testing';
import { startOwn } from './workroomFile';

const now = new Date('2026-05-01T10:00:00Z');

withTextBox();
beforeEach(async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
});

describe('a draft', () => {
  it('is there again at once, and gone once it is empty', () => {
    writeDraft('cloth:a:weight', { width: '100', grams: '' });
    expect(readDraft('cloth:a:weight')).toEqual({ width: '100', grams: '' });
    writeDraft('cloth:a:weight', { width: '', grams: '' });
    expect(Object.keys(localStorage)).toEqual([]);
  });

  it('that is damaged is an empty one', () => {
    localStorage.setItem('bobbet.draft.x', '{"width":7}');
    localStorage.setItem('bobbet.draft.y', '{');
    expect([readDraft('x'), readDraft('y')]).toEqual([{}, {}]);
  });

  it('of before drafts had a moment is read, and is older than any that has one', async () => {
    localStorage.setItem('bobbet.draft.x', '{"width":"10","at":"noon"}');
    expect(readDraft('x')).toEqual({ width: '10', at: 'noon' });
    await database.drafts.put({ key: 'x', at: 1, texts: { width: '100' } });
    await recoverDrafts();
    expect(readDraft('x')).toEqual({ width: '100' });
  });

  it('that the browser had no time to write out comes back from the database, the later of the two', async () => {
    writeDraft('job', { name: 'Mooring line b' });
    writeDraft('gone', { name: 'kept since' });
    await vi.waitFor(async () => expect(await database.drafts.count()).toBe(2));
    localStorage.setItem('bobbet.draft.job', JSON.stringify({ at: 5, texts: { name: 'Moor' } }));
    localStorage.setItem('bobbet.draft.newer', JSON.stringify({ at: 9, texts: { name: 'two' } }));
    await database.drafts.put({ key: 'newer', at: 8, texts: { name: 'one' } });
    await database.drafts.put({ key: 'gone', at: Date.now() + 1, texts: { name: '' } });
    await database.drafts.put({ key: 'odd', at: 1, texts: { name: 7 } as never });
    await recoverDrafts();
    expect(['job', 'newer', 'gone', 'odd'].map(readDraft)).toEqual([
      { name: 'Mooring line b' },
      { name: 'two' },
      {},
      {},
    ]);
    expect((await database.drafts.toCollection().primaryKeys()).sort()).toEqual(['job', 'newer']);
  });

  it('goes with the workroom it belonged to, and nothing else does', async () => {
    writeDraft('cloth:a:weight', { width: '100' });
    localStorage.setItem('other', 'stays');
    await startOwn(now, 'm1');
    expect(Object.keys(localStorage)).toEqual(['other']);
    expect(await database.drafts.count()).toBe(0);
  });
});
