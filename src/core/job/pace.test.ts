import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { paceOf, timeSpread } from './pace';

const took = (ratio: number, count: number) =>
  Array.from({ length: count }, () => ({ expectedMin: 10, actualMin: 10 * ratio }));

describe('the person’s own pace', () => {
  it('leaves out what was clicked through in less than half a minute', () => {
    const count = (actualMin: number) => paceOf([{ expectedMin: 10, actualMin }]).count;
    expect([count(0.49), count(0.5), count(0.55)]).toEqual([0, 1, 1]);
    expect(paceOf([{ expectedMin: 0, actualMin: 10 }]).count).toBe(0);
  });

  it('is the estimate until something was sewn', () => {
    expect(paceOf([])).toEqual({ factor: 1, scatter: 0.4, count: 0 });
  });

  it('comes near what was sewn the more of it there is', () => {
    const [few, many] = [paceOf(took(2, 2)), paceOf(took(2, 50))];
    expect(few.factor).toBeCloseTo(Math.SQRT2, 9);
    expect(many.factor).toBeGreaterThan(1.9);
    expect(many.factor).toBeLessThan(2);
  });

  it('does not count what was clicked through', () => {
    expect(paceOf([{ expectedMin: 10, actualMin: 0.1 }]).count).toBe(0);
    expect(paceOf([{ expectedMin: 0, actualMin: 5 }]).count).toBe(0);
  });

  it('knows a steady hand from an unsteady one', () => {
    const unsteady = paceOf([...took(0.5, 10), ...took(2, 10)]);
    expect(unsteady.scatter).toBeGreaterThan(paceOf(took(1, 20)).scatter);
  });
});

describe('how long it takes', () => {
  it('adds up at the person’s pace, changes on the machine beside it', () => {
    expect(timeSpread([10, 20], { factor: 1.5, scatter: 0.4, count: 8 }, 6).minutes).toBe(51);
  });

  it('of nothing is the changes alone, without a spread', () => {
    expect(timeSpread([], paceOf([]), 4)).toEqual({ minutes: 4, low: 4, high: 4 });
  });

  it('lies within its range, which narrows with what is known', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.1, max: 60, noNaN: true }), { minLength: 1, maxLength: 30 }), (list) => {
        const [known, unknown] = [
          timeSpread(list, { factor: 1, scatter: 0.4, count: 40 }),
          timeSpread(list, paceOf([])),
        ];
        expect(known.low).toBeLessThanOrEqual(known.minutes);
        expect(known.high).toBeGreaterThanOrEqual(known.minutes);
        expect(known.high - known.low).toBeLessThanOrEqual(unknown.high - unknown.low + 1e-9);
      }),
    );
  });
});

describe('the time that is left', () => {
  it('lies within its range eight times in ten: a tenth of a normal distribution is above 1.2816 deviations', () => {
    const sure = { factor: 1, scatter: 0.1, count: 1e12 };
    const { minutes, low, high } = timeSpread([100], sure, 5);
    expect([minutes, low, high].map((m) => Number(m.toFixed(3)))).toEqual([105, 92.184, 117.816]);
  });
});
