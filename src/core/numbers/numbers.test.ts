import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  atLeast,
  atMost,
  clamp,
  isAbove,
  isBelow,
  isNear,
  mean,
  spreadOf,
  stepsToReach,
  stepsWithin,
  TOLERANCE,
} from '.';

const number = fc.double({ min: -1e6, max: 1e6, noNaN: true });

describe('a number kept within limits', () => {
  it('is within them, and stays itself where it was', () => {
    fc.assert(
      fc.property(number, number, number, (value, a, b) => {
        const [least, most] = [Math.min(a, b), Math.max(a, b)];
        const kept = clamp(value, least, most);
        expect(kept).toBeGreaterThanOrEqual(least);
        expect(kept).toBeLessThanOrEqual(most);
        if (value >= least && value <= most) expect(kept).toBe(value);
      }),
    );
  });
  it('keeps to the upper limit where the limits are crossed', () => expect(clamp(3, 5, 1)).toBe(1));
});

describe('mean and spread', () => {
  it('follow a worked case: 2, 4, 4, 4, 5, 5, 7, 9 have mean 5 and squares of 32', () => {
    const seen = spreadOf([2, 4, 4, 4, 5, 5, 7, 9])!;
    expect(seen.mean).toBe(5);
    expect(seen.deviation).toBeCloseTo(Math.sqrt(32 / 7), 12);
  });
  it('say nothing of none, and no spread of one', () => {
    expect(spreadOf([])).toBeNull();
    expect(mean([])).toBe(0);
    expect(spreadOf([4])).toEqual({ mean: 4, deviation: 0, count: 1 });
  });
  it('move with their numbers', () => {
    fc.assert(
      fc.property(
        fc.array(number, { minLength: 2, maxLength: 20 }),
        fc.integer({ min: -1000, max: 1000 }),
        (all, by) => {
          const [was, is] = [spreadOf(all)!, spreadOf(all.map((value) => value + by))!];
          expect(is.mean).toBeCloseTo(was.mean + by, 4);
          expect(is.deviation).toBeCloseTo(was.deviation, 3);
        },
      ),
    );
  });
});

describe('rounding noise', () => {
  it('decides nothing: half of it on either side of a limit is the limit, twice of it is not', () => {
    for (const limit of [0, 0.3, 12]) {
      expect(atMost(limit + TOLERANCE / 2, limit)).toBe(true);
      expect(isAbove(limit + TOLERANCE * 2, limit)).toBe(true);
      expect(atLeast(limit - TOLERANCE / 2, limit)).toBe(true);
      expect(isBelow(limit - TOLERANCE * 2, limit)).toBe(true);
      expect(isNear(limit, limit + TOLERANCE / 2)).toBe(true);
      expect(isNear(limit, limit - TOLERANCE * 2)).toBe(false);
    }
  });
  it('makes no step more or less', () => {
    expect([stepsWithin(0.3 / 0.1), stepsWithin(2.9), stepsWithin(3)]).toEqual([3, 2, 3]);
    expect([stepsToReach((0.1 + 0.2) / 0.1), stepsToReach(3.1), stepsToReach(3)]).toEqual([3, 4, 3]);
  });
});
