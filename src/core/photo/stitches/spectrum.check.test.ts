import { describe, expect, it } from 'vitest';
import { penetrationsIn } from './penetrations';
import { parabola, periodsOf } from './spectrum';
import { correlation, meanBetween, movingMean } from './signal';

describe('mathematics: periods', () => {
  it.each([7.3, 12.5, 31.4])('a wave of %f columns has that period', (length) => {
    const wave = Float64Array.from({ length: 700 }, (_, i) => Math.sin((2 * Math.PI * i) / length));
    const [first] = periodsOf(wave, 4, 90, 3);
    expect(Math.abs(first.length / length - 1)).toBeLessThan(0.004);
    expect(first.prominence).toBeGreaterThan(50);
  });
  it('a parabola through three values has its top where it belongs', () => {
    const at = (x: number) => 5 - (x - 0.3) ** 2;
    expect(parabola(at(-1), at(0), at(1))).toBeCloseTo(0.3, 9);
    expect(parabola(1, 1, 1)).toBe(0);
  });
  it('a mean between two places is that of a ramp, a moving mean keeps a ramp, a thing is like itself', () => {
    const ramp = Float64Array.from({ length: 50 }, (_, i) => 2 * i);
    expect(meanBetween(ramp, 10.2, 20.8)).toBeCloseTo(31, 6);
    expect(movingMean(ramp, 3)[20]).toBeCloseTo(40, 9);
    expect(correlation(ramp, ramp)).toBeCloseTo(1, 9);
    expect(
      correlation(
        ramp,
        ramp.map((value) => -value),
      ),
    ).toBeCloseTo(-1, 9);
    expect(correlation(ramp, new Float64Array(50))).toBe(0);
  });
  it('penetrations are placed on their scores, and carried on by the pitch where there is none', () => {
    const score = new Float64Array(200).fill(-0.2);
    [6, 26, 47, 66, 106, 126, 146].forEach((at) => (score[at] = 2));
    const at = penetrationsIn([score], 20, 0.35).map((one) => one.at);
    expect(at.slice(0, 4)).toEqual([6, 26, 47, 66]);
    expect(at[4]).toBeGreaterThan(82);
    expect(at[4]).toBeLessThan(90);
    expect(at.slice(5, 8)).toEqual([106, 126, 146]);
  });
});
