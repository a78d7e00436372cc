import { describe, expect, it } from 'vitest';
import { massFrom, shrinkFrom, stretchFromMarks } from '.';

describe('published: cloth measures agree with their definitions', () => {
  it.each([
    [4, 6, 50],
    [4, 8, 100],
    [4, 5, 25],
    [10, 15, 50],
  ])('%i pulled to %i is %i %% stretch (ASTM D2594 quantity; common practice)', (rest, stretched, percent) => {
    expect(stretchFromMarks({ rest, stretched }).stretchPercent).toBe(percent);
  });

  it('recovery and growth follow from the relaxed mark (ASTM D2594, D3107 quantities)', () => {
    const result = stretchFromMarks({ rest: 100, stretched: 150, relaxed: 104 });
    expect(result).toEqual({ stretchPercent: 50, recoveryPercent: 92, growthPercent: 4 });
  });

  it('2.00 m at 5% shrink is 2.105 m to buy (definition)', () => {
    const { shrinkPercent, buyMm } = shrinkFrom({ before: 500, after: 475, neededMm: 2000 });
    expect(shrinkPercent).toBe(5);
    expect(buyMm).toBeCloseTo(2105.263, 3);
  });

  it('a 10 cm square of 1.6 g is 160 g/m² (definition)', () => {
    expect(massFrom({ grams: 1.6, widthMm: 100, lengthMm: 100 }).gsm).toBeCloseTo(160, 10);
  });
});
