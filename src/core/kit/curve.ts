import { mean, spreadOf } from '../numbers';
import type { LengthCount, WidthMeasure } from './calibration';

/** What one place on a dial truly gives. Spread is the sample standard deviation of its repeats, 0 for one. */
export interface CurvePoint {
  dialMm: number;
  trueMm: number;
  spreadMm: number;
  n: number;
}

/** A dial against the truth, lowest place first. */
export type DialCurve = readonly CurvePoint[];

/**
 * The curve of a dial from its measures: repeats at one place become one point.
 *
 * @param measures - places on the dial and what they gave, mm
 * @returns points by rising dial; none for no measure
 * @example
 * dialCurve([{ dialMm: 2, trueMm: 1.8 }, { dialMm: 2, trueMm: 2 }]) // => [{ dialMm: 2, trueMm: 1.9, spreadMm: 0.1414, n: 2 }]
 */
export function dialCurve(measures: readonly { dialMm: number; trueMm: number }[]): DialCurve {
  const dials = [...new Set(measures.map((m) => m.dialMm))].sort((a, b) => a - b);
  return dials.map((dialMm) => {
    const seen = measures.filter((m) => m.dialMm === dialMm).map((m) => m.trueMm);
    const { mean: trueMm, deviation: spreadMm, count: n } = spreadOf(seen)!;
    return { dialMm, trueMm, spreadMm, n };
  });
}

/**
 * What a machine's length dial truly gives, from counted stitches.
 *
 * @param calibration - the machine's measures
 * @returns the curve; empty when nothing was counted
 */
export const lengthCurve = (calibration: { length: readonly LengthCount[] } | undefined): DialCurve =>
  dialCurve((calibration?.length ?? []).map((c) => ({ dialMm: c.dialMm, trueMm: c.overMm / c.stitches })));

/**
 * What a machine's width dial truly gives.
 *
 * @param calibration - the machine's measures
 * @returns the curve; empty when nothing was measured
 */
export const widthCurve = (calibration: { width: readonly WidthMeasure[] } | undefined): DialCurve =>
  dialCurve(calibration?.width ?? []);

/**
 * Two neighbouring places of which the higher one gives less: no dial does that, so one was counted wrong.
 *
 * @param curve - the curve
 * @returns the two dial places, or null when the curve rises all along
 * @example
 * fallingPlace([{ dialMm: 2, trueMm: 2.2, spreadMm: 0, n: 1 }, { dialMm: 3, trueMm: 2.1, spreadMm: 0, n: 1 }]) // => [2, 3]
 */
export function fallingPlace(curve: DialCurve): [number, number] | null {
  const at = curve.findIndex((point, i) => i > 0 && point.trueMm <= curve[i - 1].trueMm);
  return at < 0 ? null : [curve[at - 1].dialMm, curve[at].dialMm];
}

/**
 * What a dial truly gives at one place.
 *
 * Straight lines between the measured places; below the first and above the last, their own proportion goes on, so that
 * one measured place acts as a plain factor. A curve that falls somewhere is not used: the dial is then assumed to be accurate.
 *
 * @param curve - the dial's curve
 * @param dialMm - the place on the dial, mm, 0 or more
 * @returns mm
 * @example
 * trueAt([{ dialMm: 2, trueMm: 1.8, spreadMm: 0, n: 1 }, { dialMm: 4, trueMm: 4, spreadMm: 0, n: 1 }], 3) // => 2.9
 * trueAt([{ dialMm: 2, trueMm: 1.8, spreadMm: 0, n: 1 }], 4) // => 3.6
 */
export function trueAt(curve: DialCurve, dialMm: number): number {
  return along(usable(curve), dialMm, 'dialMm', 'trueMm');
}

/**
 * Where to set a dial for a wanted true size: the inverse of `trueAt`.
 *
 * @param curve - the dial's curve
 * @param trueMm - the wanted size, mm, 0 or more
 * @returns the place on the dial, mm, not yet on the dial's own steps
 * @example
 * dialAt([{ dialMm: 2, trueMm: 1.8, spreadMm: 0, n: 1 }], 1.8) // => 2
 */
export function dialAt(curve: DialCurve, trueMm: number): number {
  return along(usable(curve), trueMm, 'trueMm', 'dialMm');
}

/** What a dial's curve means for the next time it is turned. */
export interface DialSummary {
  /** How much more the dial gives than it says, percent; negative for less. */
  offPercent: number;
  /** The widest spread of any place, mm. */
  spreadMm: number;
  /** For example: for this true size, set the dial there. */
  example: { trueMm: number; dialMm: number };
}

/**
 * A dial's curve in three numbers.
 *
 * @param curve - at least one place
 * @returns null for a curve of no place
 * @example
 * dialSummary([{ dialMm: 2, trueMm: 1.8, spreadMm: 0, n: 1 }])?.offPercent // => -10
 */
export function dialSummary(curve: DialCurve): DialSummary | null {
  if (curve.length === 0) return null;
  const trueMm = curve[Math.floor((curve.length - 1) / 2)].dialMm;
  return {
    offPercent: Number(mean(curve.map((place) => (place.trueMm / place.dialMm - 1) * 100)).toFixed(9)),
    spreadMm: Math.max(...curve.map((place) => place.spreadMm)),
    example: { trueMm, dialMm: dialAt(curve, trueMm) },
  };
}

const usable = (curve: DialCurve): DialCurve => (fallingPlace(curve) ? [] : curve);

type Side = 'dialMm' | 'trueMm';

function along(curve: DialCurve, value: number, from: Side, to: Side): number {
  if (curve.length === 0) return value;
  const [first, last] = [curve[0], curve[curve.length - 1]];
  if (value <= first[from]) return (value * first[to]) / first[from];
  if (value >= last[from]) return (value * last[to]) / last[from];
  const i = curve.findIndex((point) => point[from] >= value);
  const [a, b] = [curve[i - 1], curve[i]];
  return a[to] + ((value - a[from]) / (b[from] - a[from])) * (b[to] - a[to]);
}
