import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { brokenLinks, LINKS, linkedId, NOUNS, openWorkroom, readRaw, readWorkroom, type Workroom, writeRaw } from '.';

const demoText = readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8');
type Loose = Record<string, Record<string, unknown>[]>;
const opened = (edit: (file: Workroom & Loose) => void) => {
  const file = JSON.parse(demoText) as Workroom & Loose;
  edit(file);
  return openWorkroom(JSON.stringify(file));
};
const asideOf = (edit: (file: Workroom & Loose) => void) => {
  const read = opened(edit);
  if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
  return { ...read, told: read.setAside.map(({ path: at, problem }) => `${at}: ${problem}`) };
};

describe('a file with something wrong in it', () => {
  it('that is whole has nothing set aside, and is read as ever', () => {
    const read = openWorkroom(demoText);
    const strict = readWorkroom(demoText);
    expect(read).toEqual({ ok: true, workroom: strict.ok && strict.workroom, setAside: [] });
  });

  it('loses a record of the wrong shape, which is kept whole, and nothing else', () => {
    const { workroom, setAside, told } = asideOf((f) => (f.cards[0].setup.lengthMm = -1));
    expect(told).toEqual(['cards[0].setup.lengthMm: expected a length in mm above 0, got -1']);
    expect(setAside[0]).toMatchObject({ list: 'cards', cleared: false, record: { setup: { lengthMm: -1 } } });
    expect(workroom.cards).toHaveLength(4);
    expect(workroom.lines).toHaveLength((JSON.parse(demoText) as Workroom).lines.length);
  });

  it('loses what hangs on what is wrong too, down to the last line, each named', () => {
    const { workroom, told } = asideOf((f) => (f.cloths.find((c) => c.id === 'deck')!.colour = 'red'));
    const lost = (JSON.parse(demoText) as Workroom).lines.filter((l) => l.swatchId === 'canvas-seam').length;
    expect(told).toHaveLength(1 + 1 + lost);
    expect(told.join()).toContain('clothId: expected a key that is in this file, got "deck"');
    expect(workroom.lines.some((line) => line.swatchId === 'canvas-seam')).toBe(false);
    expect(brokenLinks(workroom)).toEqual([]);
  });

  it('keeps a record whose photo is missing, without the photo; the record as it was is kept beside', () => {
    const { workroom, setAside, told } = asideOf((f) => (f.cloths[0].photoId = 'gone'));
    expect(told).toEqual(['cloths[0].photoId: expected a key that is in this file, got "gone"']);
    expect(setAside[0]).toMatchObject({ cleared: true, record: { photoId: 'gone' } });
    expect(workroom.cloths).toHaveLength(10);
    expect(workroom.cloths[0].photoId).toBeUndefined();
  });

  it('keeps the first of two records with one key', () => {
    const { workroom, told } = asideOf((f) => f.jobs.push({ ...f.jobs[0], name: 'Twin' }));
    expect(told[0]).toMatch(/^jobs\[3\]\.id: expected each key once/);
    expect(workroom.jobs).toHaveLength(3);
  });

  it('loses a project whose seams wait in a ring, by its path', () => {
    const { told } = asideOf((f) => {
      const { seams } = f.jobs[0];
      seams[2].after = [{ seamId: seams[2].id, why: '' }];
    });
    expect(told).toEqual(['jobs[0].seams[2].after[0]: waits for itself']);
  });

  it('takes the usual kit for one that is damaged', () => {
    const { workroom, told } = asideOf((f) => Object.assign(f.kit, { feet: 'all' }));
    expect(told[0]).toMatch(/^kit\.feet: /);
    expect(workroom.kit).toMatchObject({ feet: null, needles: 'any' });
  });

  it('sets aside a record with a hidden field', () => {
    const text = demoText.replace('"jobs": [\n  {', '"jobs": [\n  {"__proto__": {"name": "x"},');
    const read = openWorkroom(text);
    expect(read.ok && read.setAside.map(({ path: at }) => at)).toEqual(['jobs[0].__proto__']);
  });

  it('carries along what an earlier export had set aside', () => {
    const entry = { list: 'cards', id: 'a', path: 'cards[3]', problem: 'odd', cleared: false, record: { a: 1 } };
    const { workroom, setAside } = asideOf((f) => Object.assign(f, { setAside: [entry] }));
    expect(setAside).toEqual([]);
    expect(workroom.setAside).toEqual([entry]);
    const again = openWorkroom(JSON.stringify(workroom));
    expect(again.ok && again.workroom).toEqual(workroom);
  });
});

describe('a file that cannot be used at all', () => {
  it.each<[string, string, string]>([
    ['no JSON', '{"format":', 'file'],
    ['a list', '[]', 'file'],
    ['another format', '{"format":"notes"}', 'format'],
    ['a newer version', '{"format":"bobbet-workroom","version":9}', 'version'],
    ['no version', '{"format":"bobbet-workroom"}', 'version'],
    ['nested beyond reason', `${'['.repeat(9000)}${']'.repeat(9000)}`, 'input[0][0][0]'],
  ])('is refused whole: %s', (_, text, at) => {
    const read = openWorkroom(text);
    expect(read.ok ? null : read.error.path).toBe(at);
  });

  it.each<[string, (f: Workroom & Loose) => void, string]>([
    ['an unknown part', (f) => Object.assign(f, { prices: [] }), 'prices: unknown field'],
    ['a list that is no list', (f) => Object.assign(f, { lines: {} }), 'lines: expected a list, got {}'],
    ['a list left out', (f) => delete (f as Partial<Workroom>).cards, 'cards: expected a list, got nothing'],
  ])('is refused whole: %s', (_, edit, text) => {
    const read = opened(edit);
    expect(read.ok ? null : `${read.error.path}: ${read.error.message}`).toBe(text);
  });

  it('a byte order mark before it is no harm', () => expect(openWorkroom(`\ufeff${demoText}`).ok).toBe(true));
});

describe('links', () => {
  it('every one of the demo holds, and every one is followed', () => {
    const read = readWorkroom(demoText);
    if (!read.ok) throw new Error(read.error.path);
    expect(brokenLinks(read.workroom)).toEqual([]);
    for (const link of LINKS) {
      const at = read.workroom[link.from].findIndex((record) => linkedId(record, link) !== null);
      if (at < 0) continue;
      const lost = { ...read.workroom, [link.to]: [] };
      expect(brokenLinks(lost).some(({ path: [list, , field] }) => list === link.from && field === link.field)).toBe(
        true,
      );
    }
  });

  it('lead only to lists there are', () => {
    for (const { from, to } of LINKS) expect([...NOUNS, 'onMachine']).toEqual(expect.arrayContaining([from, to]));
  });
});

describe('raw rows as text', () => {
  it.each<[string, unknown]>([
    ['nothing at all', undefined],
    ['no number', NaN],
    ['beyond numbers', [Infinity, -Infinity, -0]],
    ['a date', new Date(1e12)],
    ['a big integer', 12n],
    ['bytes', new Uint8Array([1, 2, 255])],
    ['a field like the mark', { $: 'undefined', value: 3 }],
    ['a lone half of a pair', { name: '\ud800' }],
  ])('come back as they were: %s', (_, value) => expect(readRaw(writeRaw({ a: [value] }))).toEqual({ a: [value] }));

  it('a field of the prototype’s name stays a field', () => {
    const odd = JSON.parse('{"__proto__": {"a": 1}}') as object;
    expect(Object.keys(readRaw(writeRaw(odd)) as object)).toEqual(['__proto__']);
  });
});
