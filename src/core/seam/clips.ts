import { mm } from '../units';
import * as z from 'zod';
import { clamp, isAbove, isBelow, stepsToReach } from '../numbers';
import { above0, oneOf, within } from '../result';
import { type Cannot, cannot } from './cannot';

/** How far a slit may open, and how wide a wedge is at the raw edge, mm (common practice). */
export const SLIT_OPENS_MM = 4;
export const NOTCH_BASE_MM = 5;

/** An allowance on a curve, after trimming. Lengths in mm, the turn of the curve in degrees. */
export const clipsInputSchema = z.strictObject({
  radiusMm: above0('a radius in mm', 5000),
  turnDeg: within(0, 3600, 'an angle in degrees'),
  allowanceMm: above0('an allowance in mm', 200),
  side: oneOf(['convex', 'concave']),
  maxGapMm: above0('a gap in mm', 50).default(SLIT_OPENS_MM),
  notchBaseMm: above0('a width in mm', 50).default(NOTCH_BASE_MM),
});
type ClipsInput = z.infer<typeof clipsInputSchema>;

/** Wedges or slits along a curved seam. */
export interface Clips {
  /** What the edge has to lose (convex) or gain (concave) when it is turned, mm. */
  differenceMm: number;
  /** `notch`: a wedge is cut out; `clip`: a slit is cut in. */
  kind: 'notch' | 'clip';
  count: number;
  /** From one to the next, along the seam, mm; null where none is needed. */
  spacingMm: number | null;
  /** Trim the allowance to this first, mm: as wide as it is, the cuts would be too close or take too much of the edge. */
  trimToMm?: number;
}

/** Slits closer than 5 mm weaken the seam; farther apart than 30 mm the edge shows corners (common practice). */
const SPACING_MM = { least: 5, most: 30 };
/** An edge with less than this share of a wedge too much is eased in by the iron (common practice). */
const EASED_SHARE = 0.5;

/**
 * Where to cut wedges out of a round edge, or slits into a hollow one, so that its allowance lies flat when turned.
 *
 * Turned over an arc of θ, the edge of an allowance a moves from radius r + a to r − a (or back): it loses or gains 2aθ. Wedges take
 * that out, so many as their base goes into it. A slit at spacing s along the seam opens to 2as/r; the spacing is kept within 5 to
 * 30 mm. Where the wedges would take more than half of the edge (a over r/3), or slits would come closer than 5 mm, the
 * allowance is to be trimmed first. Cut up to the stitching, never into it.
 *
 * @param input - radius and trimmed allowance in mm, turn in degrees
 * @returns difference and spacing in mm, whole count; blocked when the allowance reaches the centre of the curve
 * @example
 * clipsFor({ radiusMm: 30, turnDeg: 180, allowanceMm: 10, side: 'concave', maxGapMm: 4, notchBaseMm: 5 }) // => { differenceMm: 62.83, kind: 'clip', count: 16, spacingMm: 6 }
 * clipsFor({ radiusMm: 60, turnDeg: 90, allowanceMm: 10, side: 'convex', maxGapMm: 4, notchBaseMm: 5 }) // => { differenceMm: 31.42, kind: 'notch', count: 7, spacingMm: 13.46 }
 * clipsFor({ radiusMm: 2000, turnDeg: 5, allowanceMm: 10, side: 'convex', maxGapMm: 4, notchBaseMm: 5 }).count // => 0
 */
export function clipsFor(input: ClipsInput): Clips | Cannot {
  const { radiusMm, turnDeg, allowanceMm, side } = input;
  if (allowanceMm >= radiusMm) {
    const text = `Trim the allowance first: at ${mm(allowanceMm)} it reaches the centre of a ${mm(radiusMm)} curve.`;
    return cannot('seam.allowance-over-radius', text, radiusMm, allowanceMm);
  }
  const turnRad = (turnDeg * Math.PI) / 180;
  const differenceMm = 2 * allowanceMm * turnRad;
  const alongMm = radiusMm * turnRad;
  return side === 'concave' ? slits(input, differenceMm, alongMm) : wedges(input, differenceMm, alongMm);
}

/** From one slit to the next, mm: as far as its opening allows, within bounds. */
const slitSpacing = (radiusMm: number, allowanceMm: number, maxGapMm: number) =>
  (radiusMm * maxGapMm) / (2 * allowanceMm);
/** A wedge is no wider at the edge than it is deep, or it could not be cut out. */
const wedgeBase = (allowanceMm: number, notchBaseMm: number) => Math.min(notchBaseMm, allowanceMm);

/**
 * How much of a cut a piece of curve asks for, not yet rounded to whole cuts.
 *
 * @param kind - wedge or slit
 * @param alongMm - length of the piece along the seam, mm
 * @param radiusMm - its radius, mm, above the allowance
 * @param allowanceMm - the trimmed allowance, mm
 * @returns cuts, a fraction
 * @example
 * cutsOver('notch', 94.25, 60, 10) // => 6.28
 */
export function cutsOver(kind: Clips['kind'], alongMm: number, radiusMm: number, allowanceMm: number): number {
  if (kind === 'notch') return (2 * allowanceMm * alongMm) / radiusMm / wedgeBase(allowanceMm, NOTCH_BASE_MM);
  return alongMm / clamp(slitSpacing(radiusMm, allowanceMm, SLIT_OPENS_MM), SPACING_MM.least, SPACING_MM.most);
}

/** Whole cuts of a curve that asks for so much; a round edge with less than half a wedge too much needs none. */
export const cutsNeeded = (kind: Clips['kind'], cuts: number): number =>
  kind === 'notch' && isBelow(cuts, EASED_SHARE) ? 0 : stepsToReach(cuts);

function slits({ radiusMm, allowanceMm, maxGapMm }: ClipsInput, differenceMm: number, alongMm: number): Clips {
  const wanted = slitSpacing(radiusMm, allowanceMm, maxGapMm);
  const spacingMm = clamp(wanted, SPACING_MM.least, SPACING_MM.most);
  return {
    differenceMm,
    kind: 'clip',
    count: cutsNeeded('clip', alongMm / spacingMm),
    spacingMm,
    ...(isBelow(wanted, SPACING_MM.least) && { trimToMm: (radiusMm * maxGapMm) / (2 * SPACING_MM.least) }),
  };
}

function wedges({ radiusMm, allowanceMm, notchBaseMm }: ClipsInput, differenceMm: number, alongMm: number): Clips {
  const count = cutsNeeded('notch', differenceMm / wedgeBase(allowanceMm, notchBaseMm));
  const mostMm = radiusMm / 3;
  return {
    differenceMm,
    kind: 'notch',
    count,
    spacingMm: count === 0 ? null : alongMm / count,
    ...(count > 0 && isAbove(allowanceMm, mostMm) && { trimToMm: mostMm }),
  };
}
