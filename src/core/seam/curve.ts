import { stepsWithin } from '../numbers';
import * as z from 'zod';
import { chordErrorMm, longestChordMm, turnPerChordDeg } from '../geometry';
import { above0 } from '../result';

/** A curve to be sewn. Lengths in mm, speed in stitches a minute; the toe is the part of the foot before the needle. */
export const curveInputSchema = z.strictObject({
  radiusMm: above0('a radius in mm', 5000),
  lengthMm: above0('a length in mm', 20).default(2.5),
  toleranceMm: above0('a tolerance in mm', 10).default(0.1),
  speedSpm: above0('a speed', 5000).default(750),
  toeMm: above0('a length in mm', 100).default(12),
});

/** How a curve is sewn. */
export interface CurveAnswer {
  /** The longest stitch that stays within the tolerance, mm. */
  maxLengthMm: number;
  chordErrorMm: number;
  turnPerStitchDeg: number;
  /** The fastest that hands can steer, stitches a minute, never above the machine's. */
  maxSpeedSpm: number;
  /** Needle down and turn after so many stitches; null where the foot follows the curve by itself. */
  pivotEvery: number | null;
}

/** How fast hands turn the cloth without losing the line, degrees a second (model). */
const STEERING_DEG_PER_S = 90;

/**
 * Stitch length, steering and pivots on a curve.
 *
 * Exact circle geometry; the steering rate is a model. A radius shorter than the toe of the foot cannot be steered: the
 * line is sewn straight for as many stitches as stay within the tolerance, then turned with the needle down. A stitch
 * longer than the diameter pivots at every stitch.
 *
 * @param input - radius, stitch length, tolerance and toe in mm, machine speed
 * @returns lengths in mm, turn in degrees, speed in stitches a minute
 * @example
 * curveAnswer({ radiusMm: 10, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 }).turnPerStitchDeg // => 14.36
 * curveAnswer({ radiusMm: 5, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 }).maxLengthMm // => 1.99
 * curveAnswer({ radiusMm: 60, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 }).pivotEvery // => null
 */
export function curveAnswer(input: z.infer<typeof curveInputSchema>): CurveAnswer {
  const { radiusMm, lengthMm, toleranceMm, speedSpm, toeMm } = input;
  const maxLengthMm = longestChordMm(radiusMm, toleranceMm);
  const turnPerStitchDeg = turnPerChordDeg(radiusMm, lengthMm);
  const straight = Math.max(1, stepsWithin(maxLengthMm / lengthMm));
  return {
    maxLengthMm,
    chordErrorMm: chordErrorMm(radiusMm, lengthMm),
    turnPerStitchDeg,
    maxSpeedSpm: Math.min(speedSpm, (60 * STEERING_DEG_PER_S) / turnPerStitchDeg),
    pivotEvery: radiusMm < toeMm || lengthMm > 2 * radiusMm ? straight : null,
  };
}
