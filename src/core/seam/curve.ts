import * as z from 'zod';
import { chordErrorMm, longestChordMm, pivotEvery, steeredStitchMm, turnPerChordDeg } from '../geometry';
import { stepsWithin } from '../numbers';
import { above0 } from '../result';

/** How much of a foot lies before its needle, mm (common practice). */
export const TOE_MM = 12;

/** A curve to be sewn. Lengths in mm, speed in stitches a minute; the toe of the foot is read, and does not matter. */
export const curveInputSchema = z.strictObject({
  radiusMm: above0('a radius in mm', 5000),
  lengthMm: above0('a length in mm', 20).default(2.5),
  toleranceMm: above0('a tolerance in mm', 10).default(0.1),
  speedSpm: above0('a speed', 5000).default(750),
  toeMm: above0('a length in mm', 100).default(TOE_MM),
});

/** How a curve is sewn. */
export interface CurveAnswer {
  /** The longest stitch that stays within the tolerance, mm. */
  maxLengthMm: number;
  /** The longest stitch that hands steer round it, mm. */
  steerLengthMm: number;
  /** What to set, in tenths of a mm. */
  sewLengthMm: number;
  chordErrorMm: number;
  turnPerStitchDeg: number;
  /** The fastest that hands can steer, stitches a minute, never above the machine's. */
  maxSpeedSpm: number;
  /** Needle down and turn after so many stitches; null where steering alone follows the curve. */
  pivotEvery: number | null;
}

/** How fast a learner turns the cloth without losing the line, degrees a second; a practised hand three times as fast (model). */
const STEERING_DEG_PER_S = 30;
/** A stitch is not made shorter than this to be steered: it would only pile up thread, mm. */
const LEAST_MM = 1;

/**
 * Stitch length, steering and pivots on a curve.
 *
 * Exact circle geometry; how far and how fast hands steer is a model. A stitch as long as the curve is wide pivots at every
 * stitch.
 *
 * @param input - radius, stitch length, tolerance in mm, machine speed
 * @returns lengths in mm, turn in degrees, speed in stitches a minute
 * @example
 * curveAnswer({ radiusMm: 10, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 }).turnPerStitchDeg // => 14.36
 * curveAnswer({ radiusMm: 5, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 }).maxLengthMm // => 1.99
 * curveAnswer({ radiusMm: 15, lengthMm: 2.5, toleranceMm: 0.1, speedSpm: 750, toeMm: 12 }).sewLengthMm // => 2
 */
export function curveAnswer(input: z.infer<typeof curveInputSchema>): CurveAnswer {
  const { radiusMm, lengthMm, toleranceMm, speedSpm } = input;
  const maxLengthMm = longestChordMm(radiusMm, toleranceMm);
  const steerLengthMm = steeredStitchMm(radiusMm);
  const turnPerStitchDeg = turnPerChordDeg(radiusMm, lengthMm);
  const least = Math.min(LEAST_MM, lengthMm);
  return {
    maxLengthMm,
    steerLengthMm,
    sewLengthMm: Math.max(least, stepsWithin(10 * Math.min(maxLengthMm, steerLengthMm, lengthMm)) / 10),
    chordErrorMm: chordErrorMm(radiusMm, lengthMm),
    turnPerStitchDeg,
    maxSpeedSpm: Math.min(speedSpm, (60 * STEERING_DEG_PER_S) / turnPerStitchDeg),
    pivotEvery: pivotEvery(radiusMm, lengthMm, toleranceMm),
  };
}
