import { clamp, stepsToReach } from '../numbers';
import * as z from 'zod';
import { above0, oneOf, within } from '../result';
import { type Cannot, cannot } from './cannot';

/** An allowance on a curve, after trimming. Lengths in mm, the turn of the curve in degrees. */
export const clipsInputSchema = z.strictObject({
  radiusMm: above0('a radius in mm', 5000),
  turnDeg: within(0, 3600, 'an angle in degrees'),
  allowanceMm: above0('an allowance in mm', 200),
  side: oneOf(['convex', 'concave']),
  maxGapMm: above0('a gap in mm', 50).default(4),
  notchBaseMm: above0('a width in mm', 50).default(5),
});

/** Notches or clips along a curved seam. */
export interface Clips {
  /** What the edge has to lose (convex) or gain (concave) when it is turned, mm. */
  differenceMm: number;
  kind: 'notch' | 'clip';
  count: number;
  /** From one to the next, along the seam, mm. */
  spacingMm: number;
}

/** Nearer than 5 mm they weaken the seam, farther than 30 mm the edge shows corners (common practice). */
const SPACING_MM = { least: 5, most: 30 };

/**
 * Where to notch an outside curve, or clip an inside one, so that its allowance lies flat when turned.
 *
 * Turned over an arc of θ, the edge of an allowance a moves from radius r + a to r − a (or back): it loses or gains 2aθ.
 * A clip at spacing s opens to 2as/r, a notch must take as much out; the spacing is kept within 5 to 30 mm. Cut up to
 * the stitching, never into it.
 *
 * @param input - radius and trimmed allowance in mm, turn in degrees
 * @returns difference and spacing in mm, whole count; blocked when the allowance reaches the centre of the curve
 * @example
 * clipsFor({ radiusMm: 30, turnDeg: 180, allowanceMm: 10, side: 'concave', maxGapMm: 4, notchBaseMm: 5 }) // => { differenceMm: 62.83, kind: 'clip', count: 16, spacingMm: 6 }
 * clipsFor({ radiusMm: 200, turnDeg: 90, allowanceMm: 10, side: 'concave', maxGapMm: 4, notchBaseMm: 5 }).spacingMm // => 30
 */
export function clipsFor(input: z.infer<typeof clipsInputSchema>): Clips | Cannot {
  const { radiusMm, turnDeg, allowanceMm, side, maxGapMm, notchBaseMm } = input;
  if (allowanceMm >= radiusMm) {
    const text = `Trim the allowance first: at ${allowanceMm} mm it reaches the centre of a ${radiusMm} mm curve.`;
    return cannot('seam.allowance-over-radius', text, radiusMm, allowanceMm);
  }
  const turnRad = (turnDeg * Math.PI) / 180;
  const opening = side === 'concave' ? maxGapMm : notchBaseMm;
  const wanted = (radiusMm * opening) / (2 * allowanceMm);
  const spacingMm = clamp(wanted, SPACING_MM.least, SPACING_MM.most);
  return {
    differenceMm: 2 * allowanceMm * turnRad,
    kind: side === 'concave' ? 'clip' : 'notch',
    count: stepsToReach((radiusMm * turnRad) / spacingMm),
    spacingMm,
  };
}
