import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { type LinkedList, LISTS, readRecord, readWorkroom } from '@/core/file';
import { database } from './database';
import { readOnce } from './readOnce';
import { cards, cloths } from './repositories';
import { importWorkroom } from './workroomFile';
import { withTextBox } from './textBox.testing';

withTextBox();

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const demo = read.workroom;

const parsed = (list: LinkedList, raw: unknown) => {
  const got = readOnce(list, raw);
  return got.ok ? got.record : null;
};

describe('a record is parsed once in each state', () => {
  it.each(LISTS)('%s: what has been parsed is parsed again to the same', (list) => {
    for (const record of demo[list]) {
      const again = readRecord(list, structuredClone(record));
      expect(again.ok && again.record).toEqual(record);
    }
  });

  it('and then handed out as the same object, until anything about it has changed', () => {
    const [merino] = demo.cloths;
    const first = parsed('cloths', structuredClone(merino));
    expect(first).toEqual(merino);
    expect(parsed('cloths', structuredClone(merino))).toBe(first);
    const deep = structuredClone(merino);
    deep.cloth.name = 'Merino, washed';
    expect(parsed('cloths', deep)).toEqual(deep);
    expect(parsed('cloths', structuredClone(merino))).not.toBe(first);
  });

  it('a record that has been damaged since is not handed out', () => {
    const [merino] = demo.cloths;
    expect(parsed('cloths', structuredClone(merino))).not.toBeNull();
    const damaged = readOnce('cloths', { ...structuredClone(merino), addedAt: 'yesterday' });
    expect(damaged).toMatchObject({ ok: false, path: 'addedAt' });
    expect(parsed('cloths', { ...structuredClone(merino), id: 7 })).toBeNull();
    expect(parsed('cloths', undefined)).toBeNull();
  });

  it('fields of another version are looked at too', () => {
    const [merino] = demo.cloths;
    const later = { ...structuredClone(merino), grown: 'at home' };
    const first = parsed('cloths', later);
    expect(first).toHaveProperty('grown', 'at home');
    expect(parsed('cloths', structuredClone(later))).toBe(first);
    expect(parsed('cloths', structuredClone(merino))).not.toHaveProperty('grown');
  });

  it('two lists that have a record of the same id keep them apart', () => {
    const [merino] = demo.cloths;
    const [card] = demo.cards;
    parsed('cloths', { ...structuredClone(merino), id: 'one' });
    expect(parsed('cards', { ...structuredClone(card), id: 'one' })).toMatchObject({ name: card.name });
    expect(parsed('cloths', { ...structuredClone(merino), id: 'one' })).toMatchObject({
      cloth: { name: merino.cloth.name },
    });
  });
});

describe('in the store', () => {
  it('a second read hands out what the first one did, and a change from elsewhere is seen', async () => {
    await importWorkroom({ workroom: demo }, 'replace');
    const [first, second] = [await cards.all(), await cards.all()];
    expect(second.every((card, i) => card === first[i])).toBe(true);
    // Behind the app's back, as another tab does it.
    await database.cloths.update('merino', { notes: 'washed in another tab' });
    expect((await cloths.get('merino'))?.notes).toBe('washed in another tab');
  });
});
