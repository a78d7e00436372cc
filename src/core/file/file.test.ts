import { readFileSync } from 'node:fs';
import path from 'node:path';
import { describe, expect, it } from 'vitest';
import { clothOf, planImport, readWorkroom, type StretchReading, type Workroom } from '.';

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
    ['an unknown field', (f) => Object.assign(f.cloths[1], { price: 3 }), 'cloths[1].price: unknown field'],
    [
      'another format',
      (f) => ((f as { format: string }).format = 'notes'),
      'format: expected "bobbet-workroom", got "notes"',
    ],
    [
      'a newer version',
      (f) => ((f as { version: number }).version = 2),
      'version: expected 1, got 2: this file was written by a newer Bobbet',
    ],
    ['a list left out', (f) => delete (f as Partial<Workroom>).lines, 'lines: '],
    [
      'a key used twice',
      (f) => (f.cloths[2].id = f.cloths[0].id),
      'cloths[2].id: expected a key of its own, got "merino" again',
    ],
    [
      'a line of a scrap that is not there',
      (f) => (f.lines[0].swatchId = 'gone'),
      'lines[0].swatchId: expected something in this file, got "gone"',
    ],
    [
      'marks that cannot be',
      (f) => (f.cloths[0].readings[0].marks.relaxed = 400),
      'cloths[0].readings[0].marks.relaxed: expected at most the stretched length',
    ],
  ])('with %s is refused, naming it', (_, edit, message) => expect(problem(edit)).toContain(message));

  it.each(['', '[]', 'null', '7', '{"format":3}'])('that is %j is refused without a crash', (text) =>
    expect(readWorkroom(text).ok).toBe(false),
  );
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

describe('a cloth with readings', () => {
  const reading = (stretched: number, relaxed?: number): StretchReading => ({
    direction: 'across',
    at: '2026-01-01T00:00:00Z',
    marks: { rest: 100, stretched, ...(relaxed !== undefined && { relaxed }) },
  });
  const record = {
    cloth: { name: 'A', structure: 'knit' as const, family: 'jersey' as const, traits: [], stretchAcross: 10 },
  };

  it('uses them instead of what was typed, at their cautious end', () => {
    const cloth = clothOf({ ...record, readings: [reading(148, 104), reading(150, 103), reading(152, 102)] });
    expect(cloth.stretchAcross).toBeCloseTo(48, 10);
    expect(cloth.recovery).toBeLessThan(95);
  });

  it('keeps what was typed while there are none', () => {
    expect(clothOf({ ...record, readings: [] }).stretchAcross).toBe(10);
  });
});
