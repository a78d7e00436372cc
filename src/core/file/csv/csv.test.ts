import { readFileSync } from 'node:fs';
import path from 'node:path';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readWorkroom, type Workroom } from '..';
import {
  cellNumber,
  CLOTH_COLUMNS,
  guarded,
  KIT_COLUMNS,
  NEEDLE_COLUMNS,
  readCloths,
  readKit,
  readNeedles,
  writeCloths,
  writeKit,
  writeNeedles,
} from '.';

const demo = (): Workroom => {
  const read = readWorkroom(readFileSync(path.join(import.meta.dirname, '../../../../demo/tansy-wren.json'), 'utf8'));
  if (!read.ok) throw new Error(read.error.message);
  return read.workroom;
};
const fresh = () => {
  let count = 0;
  return { newId: () => `new-${(count += 1)}`, now: '2026-02-01T00:00:00Z' };
};
const cloths = (...rows: string[][]) => readCloths(rows, [], fresh());
const errors = (read: ReturnType<typeof cloths>) =>
  read.ok ? [] : read.errors.map((e) => `${e.row} ${e.column}: ${e.message}`);
const only = (read: ReturnType<typeof cloths>) => {
  if (!read.ok) throw new Error(JSON.stringify(read.errors));
  return read.records[0];
};

describe('a list that goes out and comes back', () => {
  const { cloths: drawer, needles, kit, threads } = demo();

  it('cloths keep their key, name and everything the gauges read', () => {
    const back = readCloths(writeCloths(drawer), drawer, fresh());
    if (!back.ok) throw new Error(JSON.stringify(back.errors));
    expect(back.records.map((r) => [r.id, r.cloth.name, r.readings])).toEqual(
      drawer.map((r) => [r.id, r.cloth.name, r.readings]),
    );
  });

  it('needles come back as they were', () => {
    const back = readNeedles(writeNeedles(needles), needles, fresh());
    expect(back).toMatchObject({ ok: true, records: needles });
  });

  it('spools, feet and plates come back as they were', () => {
    const back = readKit(writeKit(kit, threads), threads, fresh());
    if (!back.ok) throw new Error(JSON.stringify(back.errors));
    expect(back.records.flatMap((r) => (r.what === 'thread' ? [r.spool] : []))).toEqual(threads);
    expect(back.records.flatMap((r) => (r.what === 'foot' ? [r.foot] : []))).toEqual(kit.feet);
    expect(back.records.find((r) => r.what === 'foot' && r.foot === 'walking')).toMatchObject({
      where: 'machine drawer',
    });
  });

  it('every column has a heading of its own and says what it holds', () => {
    for (const columns of [CLOTH_COLUMNS, NEEDLE_COLUMNS, KIT_COLUMNS]) {
      const headings = columns.map((c) => c.heading);
      expect(new Set(headings).size).toBe(headings.length);
      expect(columns.every((c) => c.means.length > 3)).toBe(true);
    }
  });
});

describe('a table as spreadsheets leave it', () => {
  it('headings are known without their case, brackets and units of writing', () => {
    const record = only(cloths(['NAME', 'weight (g/m2)', ' Stretch_Across % '], ['Tea towel', '210', '5%']));
    expect(record.cloth).toMatchObject({ name: 'Tea towel', massGsm: 210, stretchAcross: 5 });
  });

  it('a heading may bring its own unit', () => {
    const record = only(cloths(['Name', 'Weight oz/yd²', 'Thickness in'], ['Bull denim', '12', '0.04']));
    expect(record.cloth.massGsm).toBeCloseTo(406.869, 2);
    expect(record.cloth.thicknessMm).toBeCloseTo(1.016, 3);
  });

  it('decimal commas, units in cells and spaces that do not break are fine', () => {
    const record = only(cloths(['Name', 'Weight', 'Thickness'], ['Silk', '19 momme', '0,12\u00a0mm']));
    expect(record.cloth.massGsm).toBeCloseTo(82.46, 1);
    expect(record.cloth.thicknessMm).toBeCloseTo(0.12, 10);
  });

  it('empty rows are skipped, but rows keep the number the spreadsheet shows', () => {
    const read = cloths(['Name', 'Weight'], ['', ''], ['Lawn', 'heavy']);
    expect(errors(read)).toEqual(['3 Weight g/m²: expected a weight, such as 160, 12 oz or 19 momme, got "heavy"']);
  });

  it('a column nobody knows is left out and told', () => {
    const read = cloths(['Name', 'Price'], ['Lawn', '12']);
    expect(read).toMatchObject({ ok: true, ignored: ['Price'] });
  });

  it('the family is guessed from the name when it is not said', () =>
    expect(only(cloths(['Name'], ['Black ponte'])).cloth).toMatchObject({ family: 'double-knit', structure: 'knit' }));

  it.each<[string, number | null]>([
    ['12.5', 12.5],
    ['12,5', 12.5],
    ['1 234,5', 1234.5],
    ['1,234.5', 1234.5],
    ['1.234,5', 1234.5],
    ["1'234", 1234],
    ['1,234', null],
    ['12 kg', null],
    ['', null],
  ])('the number %j is %j', (text, value) => expect(cellNumber(text)).toBe(value));
});

describe('a table with something wrong in it', () => {
  it('is refused whole, with every wrong cell by row and column', () => {
    const read = cloths(
      ['Name', 'Weight g/m²', 'Stretch across %', 'Closest to', 'Fibres', 'Colour'],
      ['Good one', '160', '50', 'jersey', 'cotton 100', '#aabbcc'],
      ['', '160', '', '', '', ''],
      ['Wrong weight', '-4', '900', 'jursey', 'cotton 120', 'blue'],
    );
    expect(errors(read)).toEqual([
      '3 Name: expected a name, got ""',
      expect.stringMatching(/^4 Closest to: expected one of jersey, .* got "jursey"$/),
      expect.stringMatching(/^4 Weight g\/m²: expected a weight.*got "-4"$/),
    ]);
  });

  it('numbers beyond what cloth can be are named by their column', () => {
    const read = cloths(['Name', 'Stretch across %', 'Colour'], ['A', '900', ''], ['B', '', 'blue']);
    expect(errors(read)).toEqual([
      '2 Stretch across %: expected a stretch in percent from 0 to 400, got 900',
      '3 Colour: expected a colour such as #a1b2c3, got "blue"',
    ]);
  });

  it('two rows with one key, a heading twice, no heading, no row', () => {
    expect(errors(cloths(['Name', 'Key'], ['A', 'k'], ['B', 'k']))).toEqual([
      '3 Key: expected each key once, but row 2 has it too',
    ]);
    expect(errors(cloths(['Name', 'Weight', 'gsm'], ['A', '1', '2']))).toEqual(['1 gsm: expected each column once']);
    expect(errors(cloths(['Fabric'], ['A']))).toEqual(['1 Name: expected a column with this heading']);
    expect(errors(cloths(['Name']))).toEqual(['2 Name: expected at least one row under the headings']);
    expect(errors(cloths())).toEqual(['1 Name: expected a column with this heading']);
  });

  it('needles: a size that is not made, a twin without a gap, a key for several', () => {
    const read = readNeedles(
      [
        ['Point', 'Size', 'Count', 'Key'],
        ['Universal', '85', '1', ''],
        ['Twin', '80/12', '1', ''],
        ['Jeans', '100/16', '3', 'k'],
        ['Shiny', '', '1.5', ''],
      ],
      [],
      fresh(),
    );
    expect(read.ok).toBe(false);
    if (read.ok) return;
    expect(read.errors.map((e) => `${e.row} ${e.column}`)).toEqual([
      '2 Size',
      '3 Gap mm',
      '4 Count',
      '5 Point',
      '5 Size',
      '5 Count',
    ]);
  });

  it('kit: a foot nobody makes, a spool without a number', () => {
    const read = readKit(
      [
        ['What', 'Name', 'Number'],
        ['foot', 'left boot', ''],
        ['thread', 'red', ''],
        ['hat', 'x', ''],
      ],
      [],
      fresh(),
    );
    expect(!read.ok && read.errors.map((e) => `${e.row} ${e.column}`)).toEqual(['2 Name', '3 Number', '4 What']);
  });
});

describe('several at once', () => {
  it('a row of five needles is five needles, each with a key of its own', () => {
    const read = readNeedles(
      [
        ['Point', 'Size', 'Count'],
        ['ballpoint', '75', '5'],
      ],
      [],
      fresh(),
    );
    if (!read.ok) throw new Error(JSON.stringify(read.errors));
    expect(new Set(read.records.map((r) => r.id)).size).toBe(5);
    expect(read.records[4]).toMatchObject({ needle: { point: 'ballpoint', nm: 75 }, sewn: [], spent: null });
  });
});

describe('no text becomes a formula', () => {
  it.each(['=1+1', '+cmd', '-2', '@SUM(A1)', '\t=1', '\r=1'])('%j goes out guarded', (text) =>
    expect(guarded(text)).toBe(`'${text}`),
  );

  it('and every text comes back as it was', () => {
    const marks = fc.constantFrom('', "'", "''", '=', "'=", "''-");
    const text = fc
      .tuple(marks, fc.string({ minLength: 1, maxLength: 40 }))
      .map(([mark, rest]) => `${mark}${rest}`)
      .map((s) => s.trim())
      .filter((s) => s !== '' && !/[\u00a0\u202f\ufeff]/.test(s));
    const [cloth] = demo().cloths;
    fc.assert(
      fc.property(text, (name) => {
        const record = { ...cloth, cloth: { ...cloth.cloth, name } };
        const [head, row] = writeCloths([record]);
        expect(/^[=+\-@\t\r]/.test(row[0])).toBe(false);
        const back = readCloths([head, row], [], fresh());
        expect(back.ok && back.records[0].cloth.name).toBe(name);
      }),
    );
  });
});
