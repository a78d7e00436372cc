import * as z from 'zod';
import { above0, oneOf } from '../result';

/** The last stretch before a corner. The angle is the one between the two edges: 90 is square. */
export const cornerInputSchema = z.strictObject({
  distanceMm: above0('a distance in mm', 5000),
  lengthMm: above0('a length in mm', 20),
  angleDeg: above0('an angle in degrees', 179.999),
  weight: oneOf(['light', 'medium', 'heavy']),
});

/** How to reach a corner. */
export interface CornerAnswer {
  stitches: number;
  /** Stitch length at which the needle lands on the point, mm. */
  lengthMm: number;
  /** Short stitches laid across the point; 0 where it is simply turned. */
  across: number;
}

/** A point sharper than square is sewn blunt by so many stitches (common practice). */
const ACROSS = { light: 1, medium: 2, heavy: 3 } as const;
/** Up to this angle thick cloth still wants one stitch across; a wider corner turns without, degrees (common practice). */
const THICK_TO_DEG = 120;

function stitchesAcross(angleDeg: number, weight: keyof typeof ACROSS): number {
  if (angleDeg < 90) return ACROSS[weight];
  return angleDeg <= THICK_TO_DEG && weight === 'heavy' ? 1 : 0;
}

/**
 * Stitches to a corner, so that the needle lands on its point, and how many go across it.
 *
 * A corner sharper than square is sewn blunt by one to three short stitches across the point, and so is a square one in heavy cloth: it
 * turns to a cleaner point than a sharp one. A wide corner needs none.
 *
 * @param input - distance and stitch length in mm, angle in degrees, weight of the cloth
 * @returns whole stitches (at least 1), their length in mm, stitches across
 * @example
 * cornerAnswer({ distanceMm: 48, lengthMm: 2.5, angleDeg: 90, weight: 'light' }) // => { stitches: 19, lengthMm: 2.53, across: 0 }
 * cornerAnswer({ distanceMm: 1, lengthMm: 2.5, angleDeg: 45, weight: 'medium' }) // => { stitches: 1, lengthMm: 1, across: 2 }
 */
export function cornerAnswer(input: z.infer<typeof cornerInputSchema>): CornerAnswer {
  const { distanceMm, lengthMm, angleDeg, weight } = input;
  const stitches = Math.max(1, Math.round(distanceMm / lengthMm));
  return { stitches, lengthMm: distanceMm / stitches, across: stitchesAcross(angleDeg, weight) };
}
