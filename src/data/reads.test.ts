import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { readWorkroom } from '@/core/file';
import { database } from './database';
import { cloths, lines, linesOf } from './repositories';
import { followed } from './sharedLive';
import { withTextBox } from './textBox.testing';
import { importWorkroom } from './workroomFile';

withTextBox();

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8'));
if (!read.ok) throw new Error(read.error.path);
const demo = read.workroom;

/** Rows that the database hands over while some work is done. */
async function rowsRead(work: () => Promise<unknown>): Promise<number> {
  let count = 0;
  const counted = (row: unknown) => {
    count += 1;
    return row;
  };
  database.lines.hook('reading', counted);
  await work();
  database.lines.hook('reading').unsubscribe(counted);
  return count;
}

describe('a ledger of ten thousand lines', () => {
  it('is not read to open a swatch with five', async () => {
    await importWorkroom({ workroom: demo }, 'replace');
    const five = Array.from({ length: 5 }, (_, i) => ({
      ...demo.lines[0],
      id: `five-${i}`,
      swatchId: 'velvet',
      number: 9 - i,
    }));
    const many = Array.from({ length: 10_000 }, (_, i) => ({
      ...demo.lines[0],
      id: `many-${i}`,
      number: 1 + (i % 900),
    }));
    await database.lines.where('swatchId').equals('velvet').delete();
    await database.lines.bulkPut([...many, ...five]);
    expect(await rowsRead(() => linesOf('velvet'))).toBe(5);
    expect((await linesOf('velvet')).map(({ number }) => number)).toEqual([5, 6, 7, 8, 9]);
    // The count counts: all of them are many more.
    expect(await rowsRead(() => lines.all())).toBeGreaterThan(10_000);
  });
});

describe('a table that is read page by page', () => {
  const ids = Array.from({ length: 1_003 }, (_, i) => `row-${String(i).padStart(4, '0')}`);
  beforeEach(async () => {
    await database.lines.clear();
    await database.lines.bulkPut(ids.map((id) => ({ ...demo.lines[0], id })));
  });

  it('gives every row once, in the order of the keys, however long the pages get', async () => {
    expect((await lines.all()).map(({ id }) => id)).toEqual(ids);
  });

  it('passes over a row that cannot be read, at the end of the first page of ten too', async () => {
    await database.lines.update(ids[9], { number: -1 });
    expect((await lines.all()).map(({ id }) => id)).toEqual(ids.filter((id) => id !== ids[9]));
  });
});

describe('a query that several screens follow', () => {
  const until = async (done: () => boolean) => {
    for (let i = 0; i < 200 && !done(); i += 1) await new Promise((go) => setTimeout(go, 10));
  };

  it('is asked once for all of them, and let go a while after the last has gone', async () => {
    await importWorkroom({ workroom: demo }, 'replace');
    let asked = 0;
    const all = followed(() => {
      asked += 1;
      return cloths.all();
    }, 60);
    const leave = [all.subscribe(() => undefined), all.subscribe(() => undefined)];
    await until(() => all.now() !== undefined);
    expect([all.now()?.length, asked]).toEqual([demo.cloths.length, 1]);
    leave.forEach((go) => go());
    const back = all.subscribe(() => undefined);
    // Somebody came back in time: it is still there, and was not asked again.
    expect([all.now()?.length, asked]).toEqual([demo.cloths.length, 1]);
    back();
    await until(() => all.now() === undefined);
    expect(all.now()).toBeUndefined();
    await cloths.change('merino', (c) => c && { ...c, notes: 'new' });
    await new Promise((go) => setTimeout(go, 50));
    expect(asked).toBe(1);
  });
});
