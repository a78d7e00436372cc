import fc from 'fast-check';
import { mean as meanOf, sampleStandardDeviation } from 'simple-statistics';
import { describe, expect, it } from 'vitest';
import { mean, spreadOf } from '.';

describe('mathematics: means and spreads', () => {
  // A worked example of every textbook of statistics.
  it('2 4 4 4 5 5 7 9 have a mean of 5 and a sample deviation of 2.138', () => {
    const found = spreadOf([2, 4, 4, 4, 5, 5, 7, 9])!;
    expect(found.mean).toBe(5);
    expect(found.deviation).toBeCloseTo(2.138, 3);
  });

  it.each([
    [[1, 2, 3, 4, 5], 3, 1.5811],
    [[10, 12], 11, 1.4142],
    [[3, 3, 3], 3, 0],
  ])('%j: mean %d, deviation %d', (values, middle, deviation) => {
    expect(mean(values)).toBe(middle);
    expect(spreadOf(values)!.deviation).toBeCloseTo(deviation, 4);
  });
});

describe('library: means and spreads agree with simple-statistics', () => {
  it('for any numbers', () => {
    const some = fc.array(fc.double({ min: -1e4, max: 1e4, noNaN: true }), { minLength: 2, maxLength: 40 });
    fc.assert(
      fc.property(some, (values) => {
        expect(mean(values)).toBeCloseTo(meanOf(values), 6);
        expect(spreadOf(values)!.deviation).toBeCloseTo(sampleStandardDeviation(values), 6);
      }),
    );
  });
});
