import { describe, expect, it } from 'vitest';
import { FAMILY, type Family } from '../src/core/cloth';
import { PROCEDURES, type StepsOutput } from '../src/core/procedure';
import { runCommand } from './run';

const run = (command: string, input: object) => runCommand(command.split(' '), () => JSON.stringify(input));
const steps = (procedure: string, family: Family, more: object = {}): StepsOutput => {
  const cloth = { structure: FAMILY[family].structure, family };
  const { exit, out, error } = run('steps', { procedure, cloth, ...more });
  expect([exit, error]).toEqual([0, '']);
  return JSON.parse(out) as StepsOutput;
};

const TWELVE: readonly Family[] = [
  'jersey',
  'rib',
  'poplin',
  'denim',
  'silk',
  'velvet',
  'satin',
  'wool',
  'neoprene',
  'leather',
  'vinyl',
  'quilt-sandwich',
];

describe('every operation on twelve fabrics', () => {
  it.each(TWELVE)('%s', (family) => {
    for (const { id, group } of PROCEDURES) {
      const found = steps(id, family);
      if (found.blocked) {
        // Numbers that do not go together in this fabric, or a machine without what it takes; never without a word.
        for (const { text } of found.blocked) expect(text.length, `${id} on ${family}`).toBeGreaterThan(20);
        continue;
      }
      expect(found.steps!.length, id).toBeGreaterThan(1);
      expect(
        found.steps!.some(({ sews }) => sews),
        id,
      ).toBe(!['by hand', 'prepare'].includes(group));
      for (const { does, check, sews } of found.steps!) {
        expect(`${does} ${check}`, `${id} on ${family}`).not.toMatch(/[[\]{}]|undefined|NaN/);
        if (!sews) continue;
        expect(sews.start.length, id).toBeGreaterThan(0);
        expect(sews.lengthMm, id).toBeGreaterThan(0);
        expect(sews.stitches, id).toBeGreaterThanOrEqual(1);
      }
      expect(found.proof).toEqual({ of: 'nothing' });
    }
  });
});

describe('what is told', () => {
  it('vinyl is neither pinned nor ironed, and its ends are knotted', () => {
    const { steps: told, ready } = steps('plain-open', 'vinyl');
    const text = JSON.stringify(told!.map(({ does, check, cautions }) => [does, check, cautions]));
    expect(text).not.toMatch(/\bpin/i);
    expect(text.replaceAll('Do not iron this fabric.', '')).not.toMatch(/\biron\b|(?<!finger-)\bpress/i);
    expect(told!.find(({ sews }) => sews)!.sews!.secure).toBe('knot');
    expect(ready!.join()).not.toMatch(/pin|iron/);
  });

  it('what is not for a fabric is said, with what is sewn instead; its steps are there all the same', () => {
    const found = steps('bar-tack', 'vinyl');
    expect(found.fits!.verdict).toBe('not-this');
    expect(found.steps!.some(({ sews }) => sews?.setup.stitch === 'zigzag')).toBe(true);
    expect(steps('french', 'velvet').fits).toMatchObject({ verdict: 'not-this' });
  });

  it('a band has its own fabric: one that comes back badly gapes', () => {
    const tired = { structure: 'knit', family: 'rib', recovery: 50 };
    expect(steps('neck-band', 'jersey', { band: tired }).fits!.verdict).toBe('not-this');
    expect(steps('neck-band', 'jersey', { band: { ...tired, recovery: 70 } }).fits!.verdict).toBe('with-care');
    expect(steps('neck-band', 'jersey', { band: { ...tired, recovery: 95 } }).fits!.verdict).toBe('fine');
  });

  it('numbers equal those of the sums on their own', () => {
    const sum = JSON.parse(run('calc french', { allowanceMm: 15, trimMm: 3, thicknessMm: 0.2 }).out) as {
      firstMm: number;
      secondMm: number;
    };
    const cloth = { structure: 'woven', family: 'lawn', thicknessMm: 0.2 };
    const { out } = run('steps', { procedure: 'french', cloth, answers: { allowance: 15, trim: 3 } });
    const { numbers, answers } = JSON.parse(out) as StepsOutput;
    expect([numbers!.first, numbers!.second]).toEqual([sum.firstMm, sum.secondMm]);
    expect(answers).toMatchObject({ allowance: 15, trim: 3 });
  });

  it('a line of any shape is taken as a path or by its name', () => {
    const found = steps('outline-seam', 'poplin', { outline: { path: 'M 0 0 L 300 0' } });
    expect(found.numbers!.sewn).toBeCloseTo(300, 0);
    expect(steps('outline-seam', 'poplin', { outline: { shape: 'collar' } }).steps!.length).toBeGreaterThan(2);
  });

  it('help lists every operation with its keys', () => {
    const { out } = runCommand(['help', 'steps'], () => '');
    for (const { id, asks } of PROCEDURES)
      expect(out.split('\n').find((line) => line.trim().startsWith(`${id} `))).toContain(asks[0].key);
  });
});

describe('what cannot be meant', () => {
  it.each([
    [{ procedure: 'overlock' }, /^procedure: expected one of plain-open/],
    [{ procedure: 'plain-open', answers: { length: 3 } }, /^answers.length: expected one of seam, allowance/],
    [
      { procedure: 'plain-open', answers: { allowance: 400 } },
      /^answers.allowance: expected at least 3 mm, at most 60 mm/,
    ],
    [{ procedure: 'plain-open', outline: { shape: 'collar' } }, /^outline: expected none/],
    [{ procedure: 'plain-open', steps: 3 }, /^steps: /],
  ])('%j', (input, message) => {
    const { exit, out, error } = run('steps', { cloth: { structure: 'woven' }, ...input });
    expect([exit, out]).toEqual([2, '']);
    expect(error).toMatch(message);
  });
});
