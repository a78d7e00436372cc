import 'fake-indexeddb/auto';
import { readFileSync } from 'node:fs';
import path from 'node:path';
import { beforeEach, describe, expect, it } from 'vitest';
import { decodeText, readWorkroom } from '@/core/file';
import { csvText, importCsv, parseTable, previewCsv } from './csv';
import { database } from './database';
import { readKit, readKitRecord } from './kit';
import { cloths, needles, threads } from './repositories';
import { undo } from './edits';
import { contentText } from './contentText.testing';
import { importWorkroom } from './workroomFile';

const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../demo/tansy-wren.json'), 'utf8'));
const demo = () => (read.ok ? structuredClone(read.workroom) : Promise.reject(new Error('demo')));
const now = new Date('2026-05-01T10:00:00Z');
const bytes = (text: string) => new TextEncoder().encode(text);
const fresh = () => {
  let count = 0;
  return { newId: () => `new-${(count += 1)}`, now: '2026-02-01T00:00:00Z' };
};

beforeEach(async () => {
  await Promise.all(database.tables.map((table) => table.clear()));
});

describe('the text of a table', () => {
  it('is read in whatever letters the spreadsheet wrote it', () => {
    expect(decodeText(bytes('\ufeffName\nCrêpe'))).toBe('Name\nCrêpe');
    expect(decodeText(new Uint8Array([0x43, 0x72, 0xea, 0x70, 0x65]))).toBe('Crêpe');
    expect(decodeText(new Uint8Array([0xff, 0xfe, 0x41, 0x00, 0x42, 0x00]))).toBe('AB');
  });

  it.each([
    ['commas', 'Name,Weight\nLawn,80'],
    ['semicolons', 'Name;Weight\nLawn;80'],
    ['tabs', 'Name\tWeight\nLawn\t80'],
    ['a first line that names them', 'sep=;\r\nName;Weight\r\nLawn;80'],
    ['quotes round cells', '"Name","Weight"\r\n"Lawn","80"'],
  ])('may have %s between its cells', (_, text) =>
    expect(parseTable(text)).toEqual([
      ['Name', 'Weight'],
      ['Lawn', '80'],
    ]),
  );

  // RFC 4180, section 2.6 and 2.7: line breaks, commas and doubled quotes inside quoted cells.
  it('keeps commas, quotes and line breaks inside a cell', () =>
    expect(parseTable('Name,Notes\n"Wool, ""thick""","two\nlines"')[1]).toEqual(['Wool, "thick"', 'two\nlines']));
});

describe('lists out and in', () => {
  it.each(['=crate', "'=crate", "''-1", '@home'])('a place called %j comes back as it was', async (where) => {
    await importWorkroom({ workroom: await demo() }, 'replace');
    await cloths.change('merino', (c) => c && { ...c, where });
    const preview = await previewCsv('cloths', bytes(await csvText('cloths')), fresh());
    expect(preview).toMatchObject({ ok: true, added: 0, changed: 0 });
    const back = (preview as unknown as { records: { id: string; where: string }[] }).records;
    expect(back.find(({ id }) => id === 'merino')!.where).toBe(where);
  });

  it.each(['cloths', 'needles', 'kit'] as const)('%s exported and imported again change nothing', async (noun) => {
    await importWorkroom({ workroom: await demo() }, 'replace');
    const text = await csvText(noun);
    const before = [await cloths.all(), await needles.all(), await threads.all(), await readKitRecord()];
    const preview = await previewCsv(noun, bytes(text), fresh());
    expect(preview).toMatchObject({ ok: true, added: 0, changed: 0 });
    await importCsv(preview);
    expect(await csvText(noun)).toBe(text);
    expect([await cloths.all(), await needles.all(), await threads.all(), await readKitRecord()]).toEqual(before);
  });

  it('a table with a fault stores nothing', async () => {
    const preview = await previewCsv('cloths', bytes('Name,Weight\nLawn,80\nTweed,heavy'), fresh());
    expect(preview.ok).toBe(false);
    await expect(importCsv(preview)).rejects.toThrow(/without a fault/);
    expect(await cloths.all()).toEqual([]);
  });

  it('needles that come in are what Match chooses from', async () => {
    await importCsv(await previewCsv('needles', bytes('Point,Size,Count\nJeans,100/16,3'), fresh()));
    expect(await needles.all()).toHaveLength(3);
    expect((await readKit())!.needles).toEqual([{ point: 'jeans', nm: 100 }]);
  });

  it('feet and plates are added to what is owned', async () => {
    await importCsv(
      await previewCsv(
        'kit',
        bytes('What,Name,Kept in\nfoot,Walking,\nfoot,Roller,put away\nplate,Standard,on the machine'),
        fresh(),
      ),
    );
    expect(await readKitRecord()).toMatchObject({
      feet: ['walking', 'roller'],
      away: ['roller'],
      plates: ['standard'],
      kept: { 'plate-standard': 'on the machine' },
    });
    expect((await readKit())!.feet).toEqual(['walking']);
  });

  it.each<['cloths' | 'needles' | 'kit', string]>([
    ['cloths', 'Name,Weight,Key\nMerino of another weight,220,merino\nTweed,300,'],
    ['needles', 'Point,Size,Hours,Key\nJeans,100/16,2,jeans-100-1\nLeather,90/14,,'],
    ['kit', 'What,Name,Number,Key\nthread,moss,Tkt 75,spool-1\nthread,plum,Tex 30,\nfoot,Roller,,'],
  ])('%s that were imported are taken back: the new ones go, the others are as they were', async (noun, table) => {
    await importWorkroom({ workroom: await demo() }, 'replace');
    const before = await contentText(now);
    const preview = await previewCsv(noun, bytes(table), fresh());
    expect(preview).toMatchObject({ ok: true, changed: 1 });
    await importCsv(preview);
    expect(await contentText(now)).not.toBe(before);
    expect(await undo()).toMatchObject({ ok: true, told: [] });
    expect(await contentText(now)).toBe(before);
  });

  it('a number that is only shown rounded or measured is not typed in by bringing it back', async () => {
    await importWorkroom({ workroom: await demo() }, 'replace');
    const [head, ...rows] = parseTable(await csvText('cloths'));
    const merino = rows.find((row) => row.includes('merino'))!;
    merino[head.indexOf('Notes')] = 'For the spring.';
    const preview = await previewCsv(
      'cloths',
      bytes([head, merino].map((row) => row.map((c) => `"${c}"`).join(',')).join('\n')),
      fresh(),
    );
    await importCsv(preview);
    const was = (await demo()).cloths.find((c) => c.id === 'merino')!;
    expect(await cloths.get('merino')).toEqual({ ...was, notes: 'For the spring.' });
  });
});
