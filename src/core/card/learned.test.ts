import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { shrunkMean } from '.';

const values = fc.array(fc.double({ min: -5, max: 5, noNaN: true }), { minLength: 1, maxLength: 12 });

describe('what several cards teach', () => {
  it('no card teaches nothing', () => expect(shrunkMean([])).toBeNull());

  it('one card moves a setting by a third of what it says, four by two thirds', () => {
    expect(shrunkMean([1.5])).toEqual({ mean: 0.5, spread: 0, count: 1 });
    expect(shrunkMean([1.5, 1.5, 1.5, 1.5])).toEqual({ mean: 1, spread: 0, count: 4 });
  });

  it('never says more than the cards themselves, and tells how far they lie apart', () => {
    fc.assert(
      fc.property(values, (list) => {
        const { mean, spread, count } = shrunkMean(list)!;
        const plain = list.reduce((sum, v) => sum + v, 0) / list.length;
        expect(count).toBe(list.length);
        expect(Math.abs(mean)).toBeLessThanOrEqual(Math.abs(plain) + 1e-12);
        expect(spread).toBeLessThanOrEqual(Math.max(...list) - Math.min(...list) + 1e-12);
      }),
    );
  });

  it('the more cards agree, the more they are believed', () =>
    expect([1, 2, 5, 20].map((n) => shrunkMean(Array<number>(n).fill(1))!.mean)).toEqual([1 / 3, 0.5, 5 / 7, 20 / 22]));
});
