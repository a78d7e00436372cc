import { stitchFacts } from './geometry';
import type { StitchId } from './stitches';

/** People sew at about this share of what the machine can do (model). */
export const PACE_SHARE = 0.5;

/**
 * How long the needle runs for a piece of seam.
 *
 * @param stitch - the stitch
 * @param lengthMm - feed per penetration, mm, above 0
 * @param seamMm - length of seam, mm
 * @param speedSpm - stitches a minute as sewn, above 0
 * @returns minutes
 * @throws when length or speed are not above 0
 * @example
 * needleMinutes('straight', 2.5, 750, 300) // => 1
 * needleMinutes('triple-straight', 2.5, 750, 300) // => 3
 */
export function needleMinutes(stitch: StitchId, lengthMm: number, seamMm: number, speedSpm: number): number {
  if (!(lengthMm > 0 && speedSpm > 0)) {
    throw new Error(`needleMinutes: expected length and speed above 0, got ${lengthMm} and ${speedSpm}`);
  }
  return (stitchFacts(stitch).penetrationsPerLength * seamMm) / lengthMm / speedSpm;
}
