import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { migrateWorkroom, planImport, readWorkroom, type Workroom } from '.';

const demoText = readFileSync(path.join(import.meta.dirname, '../../../demo/tansy-wren.json'), 'utf8');
const demo = () => JSON.parse(demoText) as Workroom;
const problem = (edit: (file: Workroom) => void) => {
  const file = demo();
  edit(file);
  const read = readWorkroom(JSON.stringify(file));
  return read.ok ? null : `${read.error.path}: ${read.error.message}`;
};

describe('a workroom file', () => {
  it('that Bobbet wrote is read whole', () => {
    const read = readWorkroom(demoText);
    expect(read.ok && read.workroom.cloths).toHaveLength(10);
  });

  it.each<[string, (file: Workroom) => void, string]>([
    [
      'a wrong number deep inside',
      (f) => (f.cards[0].setup.lengthMm = -1),
      'cards[0].setup.lengthMm: expected a length in mm above 0, got -1',
    ],
    ['an unknown part', (f) => Object.assign(f, { prices: [] }), 'prices: unknown field'],
    [
      'another format',
      (f) => ((f as { format: string }).format = 'notes'),
      'format: expected "bobbet-workroom", got "notes"',
    ],
    [
      'a newer version',
      (f) => ((f as { version: number }).version = 4),
      'version: expected 3, got 4: this file was written by a newer Bobbet',
    ],
    [
      'an operation along a shape without size',
      (f) =>
        Object.assign(f.runs[0], { outline: { from: 'svg', d: 'M0 0 H9', mmPerUnit: 0, name: '', side: 'usual' } }),
      'runs[0].outline.mmPerUnit: expected mm for one unit above 0, got 0',
    ],
    ['a list left out', (f) => delete (f as Partial<Workroom>).lines, 'lines: '],
    [
      'a key used twice',
      (f) => (f.cloths[2].id = f.cloths[0].id),
      'cloths[2].id: expected each key once, got "merino" again',
    ],
    [
      'a line of a scrap that is not there',
      (f) => (f.lines[0].swatchId = 'gone'),
      'lines[0].swatchId: expected a key that is in this file, got "gone"',
    ],
    [
      'marks that cannot be',
      (f) => Object.assign(f.cloths[0].readings[0], { marks: { rest: 100, stretched: 150, relaxed: 400 } }),
      'cloths[0].readings[0].marks.relaxed: expected at most the stretched length',
    ],
  ])('with %s is refused, naming it', (_, edit, message) => expect(problem(edit)).toContain(message));

  it.each(['', '[]', 'null', '7', '{"format":3}'])('that is %j is refused without a crash', (text) =>
    expect(readWorkroom(text).ok).toBe(false),
  );
});

describe('a field that is not known', () => {
  it.each<[string, (file: Workroom) => object]>([
    ['of a record', (f) => f.cloths[1]],
    ['deep in a record', (f) => f.cards[0].setup.needle],
    ['of an entry of a list', (f) => f.cloths[0].readings[0]],
    [
      'in one of several shapes',
      (f) => (f.cloths[0].readings.find((r) => r.gauge === 'weight') as { piece: object }).piece,
    ],
    ['of the kit', (f) => f.kit],
  ])('%s is carried along, and goes out again', (_, of) => {
    const file = demo();
    Object.assign(of(file), { price: { pounds: 3 } });
    const read = readWorkroom(JSON.stringify(file));
    if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
    expect(of(read.workroom)).toMatchObject({ price: { pounds: 3 } });
    const again = readWorkroom(JSON.stringify(read.workroom));
    expect(again.ok && of(again.workroom)).toMatchObject({ price: { pounds: 3 } });
  });

  it('beside a wrong value does not save the record', () =>
    expect(problem((f) => Object.assign(f.cloths[1], { price: 3, colour: 'red' }))).toMatch(/^cloths\[1\].colour: /));
});

describe('the line an operation is sewn along', () => {
  it.each([
    { from: 'shape', shape: 'pocket', sizes: { width: 120 }, side: 'other' },
    { from: 'drawn', parts: [{ straightMm: 80 }, { radiusMm: 0, turnDeg: -90 }], closed: true, side: 'usual' },
    { from: 'svg', name: 'collar.svg', d: 'M0 0 H90 V40', mmPerUnit: 2, side: 'usual' },
  ] as const)('goes into the file and out of it as it was: $from', (outline) => {
    const file = demo();
    Object.assign(file.runs[0], { outline });
    const read = readWorkroom(JSON.stringify(file));
    expect(read.ok && read.workroom.runs[0].outline).toEqual(outline);
  });

  it('is not there in a run from before there was any, which stands alone in its row', () => {
    const file = demo();
    const { pieces, piece, atItSeconds, ...before } = file.runs[0];
    expect([pieces, piece, atItSeconds]).toEqual([2, 1, 1140]);
    const read = readWorkroom(JSON.stringify({ ...file, runs: [before] }));
    expect(read.ok && read.workroom.runs[0]).toMatchObject({ pieces: 1, piece: 1, atItSeconds: 0 });
    expect(read.ok && read.workroom.runs[0].outline).toBeUndefined();
  });
});

describe('before an import', () => {
  it('it is said what would be added, changed and left', () => {
    const now = demo();
    const file = demo();
    file.cloths[0].colour = '#000000';
    file.cloths.push({ ...file.cloths[1], id: 'new' });
    const plan = planImport(now, file);
    expect(plan.cloths).toEqual({ added: 1, changed: 1, same: 9 });
    expect(plan.cards).toEqual({ added: 0, changed: 0, same: 5 });
  });

  it('the order of fields makes no change', () => {
    const now = demo();
    const turned = {
      ...now,
      cloths: now.cloths.map((c) => Object.fromEntries(Object.entries(c).reverse()) as typeof c),
    };
    expect(planImport(now, turned).cloths.changed).toBe(0);
  });
});

describe('a file of version 2 from before something was added', () => {
  it('has none of it: no operations, no answers, cards that were proven once and never simulated', () => {
    const old = demo() as unknown as Record<string, unknown> & Workroom;
    delete (old as Partial<Workroom>).runs;
    for (const card of old.cards as unknown as Record<string, unknown>[]) {
      delete card.simulated;
      delete card.provenAgain;
      delete card.where;
    }
    for (const scrap of old.swatches as unknown as Record<string, unknown>[]) {
      delete scrap.where;
      delete scrap.spares;
    }
    const read = readWorkroom(JSON.stringify(old));
    expect(read.ok && read.workroom.runs).toEqual([]);
    expect(read.ok && read.workroom.cards[0]).toMatchObject({ simulated: false, provenAgain: [], where: '' });
    expect(read.ok && read.workroom.swatches[0]).toMatchObject({ where: '', spares: [] });
  });
});

describe('a file of version 1', () => {
  const old = readFileSync(path.join(import.meta.dirname, 'fixtures/workroom-v1.json'), 'utf8');

  it('is read as if it were written today, and nothing in it is lost', () => {
    const read = readWorkroom(old);
    if (!read.ok) throw new Error(`${read.error.path}: ${read.error.message}`);
    const { workroom } = read;
    const was = JSON.parse(old) as { kit: { kit: { needles: unknown[]; threads: unknown[]; feet: string[] } } };
    expect(workroom.version).toBe(3);
    expect(workroom.cloths).toHaveLength(10);
    expect(workroom.cloths[0].readings[0]).toMatchObject({ gauge: 'stretch', direction: 'across' });
    expect(workroom.needles.map((n) => n.needle)).toEqual(was.kit.kit.needles);
    expect(workroom.threads.map((t) => t.thread)).toEqual(was.kit.kit.threads);
    expect(workroom.kit).toMatchObject({ feet: was.kit.kit.feet, needles: 'owned', threads: 'owned' });
    expect(workroom.cards).toHaveLength(5);
  });

  it('in which nothing was ticked leaves everything on sale to choose from', () => {
    const file = { ...(JSON.parse(old) as object), kit: { kit: null } };
    const read = readWorkroom(JSON.stringify(file));
    expect(read.ok && read.workroom.kit).toMatchObject({ feet: null, plates: null, needles: 'any', threads: 'any' });
    expect(read.ok && read.workroom.needles).toEqual([]);
  });

  it.each([
    null,
    7,
    'text',
    [],
    {},
    { version: 1, cloths: 3, kit: 'all' },
    { version: 1, cloths: [null], kit: { kit: [] } },
  ])('that is broken as %j is carried over without a crash, for the check to name what is wrong', (file) =>
    expect(() => migrateWorkroom(file)).not.toThrow(),
  );
});
