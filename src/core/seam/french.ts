import { mm } from '../units';
import { clamp, stepsToReach } from '../numbers';
import * as z from 'zod';
import { above0 } from '../result';
import { type Cannot, cannot } from './cannot';
import { turnOfClothMm } from './turnOfCloth';

/** The pattern's allowance for a French seam, and the cloth. Lengths in mm, thickness of one layer. */
export const frenchInputSchema = z.strictObject({
  allowanceMm: above0('an allowance in mm', 200),
  trimMm: above0('a width in mm', 50).default(3),
  thicknessMm: above0('a thickness in mm', 10),
});

/** The two passes of a French seam, mm. */
export interface FrenchSeam {
  firstMm: number;
  trimMm: number;
  secondMm: number;
}

/** Up to this thickness the finer split is made; above it the even one, which has more room (common practice). */
const FINE_UP_TO_MM = 0.5;
/** Free space inside the second pass: past the trimmed edges, or threads poke out of the seam. */
const SPARE_MM = { wanted: 2, least: 1 };
const FINEST_SECOND_MM = 5;
/** The first pass must stand clear of the edge it is trimmed to. */
const FIRST_OVER_TRIM_MM = 0.5;

const upToHalf = (mm: number) => stepsToReach(mm * 2) / 2;

/**
 * How to split an allowance into the two passes of a French seam.
 *
 * Wrong sides together at `first`, trimmed, turned, right sides together at `second`; the two add up to the pattern's
 * allowance and the second closes over the trimmed edges with the turn of cloth and a little room. Two splits are
 * taught for 15 mm: 6 then 9, and 9–10 then 5–6. Thin cloth gets the finer one. Not for tight curves.
 *
 * @param input - allowance, trim and thickness in mm
 * @returns both passes to half a millimetre; blocked, with the allowance it would take, when they do not fit
 * @example
 * frenchSeam({ allowanceMm: 15, trimMm: 3, thicknessMm: 0.15 }) // => { firstMm: 9.5, trimMm: 3, secondMm: 5.5 }
 * frenchSeam({ allowanceMm: 15, trimMm: 3, thicknessMm: 0.8 }) // => { firstMm: 6, trimMm: 3, secondMm: 9 }
 */
export function frenchSeam({
  allowanceMm,
  trimMm,
  thicknessMm,
}: z.infer<typeof frenchInputSchema>): FrenchSeam | Cannot {
  const turn = turnOfClothMm(thicknessMm, 0);
  const least = trimMm + turn + SPARE_MM.least;
  const most = allowanceMm - trimMm - FIRST_OVER_TRIM_MM;
  if (most < least) {
    const needs = upToHalf(least) + trimMm + FIRST_OVER_TRIM_MM;
    const text = `An allowance of ${mm(allowanceMm)} is too narrow to trim to ${mm(trimMm)} and close over it in this fabric: cut it ${mm(needs)} wide, or trim closer.`;
    return cannot('seam.french-too-narrow', text, needs, allowanceMm);
  }
  const fine = thicknessMm <= FINE_UP_TO_MM;
  const wanted = fine
    ? upToHalf(Math.max(FINEST_SECOND_MM, trimMm + turn + SPARE_MM.wanted))
    : allowanceMm - 2 * trimMm;
  const secondMm = clamp(wanted, least, most);
  return { firstMm: allowanceMm - secondMm, trimMm, secondMm };
}
