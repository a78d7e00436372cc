import { describe, expect, it } from 'vitest';
import { procedureOf } from '../procedure';
import { UNIT_SYSTEMS } from '../units';
import {
  asksOf,
  calculate,
  CALCULATIONS,
  calculationsFor,
  CALCULATION_GROUPS,
  knownFrom,
  sewnWith,
  usualAnswers,
} from '.';

const of = (id: string) => CALCULATIONS.find((one) => one.id === id)!;
const results = (id: string, answers: Record<string, number>) => {
  const calculation = of(id);
  const found = calculate(calculation, { ...usualAnswers(calculation, 'metric'), ...answers });
  if (!found.ok) throw new Error(JSON.stringify(found));
  return Object.fromEntries(found.worked.results.map(({ label, value }) => [label, value]));
};
const all = CALCULATIONS.map((one) => [one.name, one] as const);

describe('the calculator', () => {
  it('has every calculation of the headless command once, each in a group', () => {
    expect(new Set(CALCULATIONS.map(({ id }) => id)).size).toBe(CALCULATIONS.length);
    for (const { group } of CALCULATIONS) expect(CALCULATION_GROUPS).toContain(group);
  });

  it('names a stitch typed in stitches per inch by two decimals', () =>
    expect(Object.keys(results('curve', { lengthMm: 25.4 / 7 }))).toContain('Each stitch of 3.63 mm turns'));

  it.each(all)('%s works with its usual answers, in both systems, and says one thing first', (_, calculation) => {
    for (const system of UNIT_SYSTEMS) {
      const found = calculate(calculation, usualAnswers(calculation, system));
      if (!found.ok) throw new Error(JSON.stringify(found));
      expect(found.worked.results.filter(({ main }) => main)).toHaveLength(1);
      for (const { value } of found.worked.results)
        if (typeof value === 'number') expect(Number.isFinite(value)).toBe(true);
    }
  });

  it.each(all)(
    '%s has a choice or a number for every question, and refuses what is out of bounds',
    (_, calculation) => {
      const usual = usualAnswers(calculation, 'metric');
      for (const ask of asksOf(calculation, usual)) {
        const found = calculate(calculation, { ...usual, [ask.key]: ask.most + 1 });
        expect(found.ok, ask.key).toBe(false);
        expect('problems' in found && Object.keys(found.problems)).toEqual([ask.key]);
      }
    },
  );

  it.each(all)('%s begins only operations that are there, with questions they have', (_, calculation) => {
    for (const { procedure, takes } of calculation.sewn ?? []) {
      const asks = procedureOf(procedure)!.asks.map(({ key }) => key);
      expect(asks).toEqual(expect.arrayContaining(Object.values(takes)));
      expect(calculation.asks.map(({ key }) => key)).toEqual(expect.arrayContaining(Object.keys(takes)));
    }
  });

  it('carries answers to the operation and back', () => {
    const french = of('french');
    const [use] = sewnWith(french, { allowanceMm: 16, trimMm: 3, thicknessMm: 0.2 });
    expect(use).toEqual({ procedure: 'french', answers: { allowance: 16, trim: 3 } });
    expect(knownFrom(french, 'french', { allowance: 16, seam: 500 })).toEqual({ allowanceMm: 16 });
    expect(knownFrom(of('zip'), 'zip-lapped', { zip: 200 })).toMatchObject({ zipMm: 200, kind: 3 });
    expect(sewnWith(of('zip'), { kind: 1, zipMm: 220 }).map(({ procedure }) => procedure)).toEqual(['zip-concealed']);
    expect(calculationsFor('curved-seam').map(({ id }) => id)).toEqual(['curve', 'clips']);
    expect(calculationsFor('plain-open')).toEqual([]);
  });

  it('says what is not known, and what does not go together', () => {
    expect(results('band', { girthMm: 570 })['Does it pass']).toBeNull();
    expect(results('band', { girthMm: 570, stretch: 60 })['Does it pass']).toBe('yes');
    const felled = of('felled');
    const thick = calculate(felled, { ...usualAnswers(felled, 'metric'), thicknessMm: 1.3 });
    expect('blocked' in thick && thick.blocked[0].text).toContain('trim to {= 5.5 mm}');
    const stretch = of('stretch');
    expect('blocked' in calculate(stretch, { rest: 100, stretched: 90 })).toBe(true);
  });

  it('gives the check values of the trade', () => {
    expect(results('french', { allowanceMm: 15, thicknessMm: 0.3 })['First row, wrong sides together']).toBeCloseTo(
      9.5,
      6,
    );
    expect(results('curve', { radiusMm: 15 })['Set the stitch to']).toBe(2);
    expect(results('corner', { angleDeg: 121, weight: 2 })['Short stitches across the point']).toBe(0);
    expect(results('thread', { number: 120 }).Tex).toBe('25');
    expect(results('shrink', { before: 100, after: 95, neededMm: 2000 }).Buy).toBeCloseTo(2105.26, 2);
    expect(results('hump', { layerMm: 0.8, lowLayers: 3, highLayers: 6 })['Fold the same fabric']).toBe('3 times');
  });
});
