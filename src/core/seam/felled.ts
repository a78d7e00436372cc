import { mm } from '../units';
import * as z from 'zod';
import { above0 } from '../result';
import { type Cannot, cannot } from './cannot';
import { turnOfClothMm } from './turnOfCloth';

/** A flat-felled seam. Lengths in mm, thickness of one layer; the band defaults to half the allowance. */
export const felledInputSchema = z.strictObject({
  allowanceMm: above0('an allowance in mm', 200),
  bandMm: above0('a width in mm', 200).optional(),
  trimMm: above0('a width in mm', 100).default(6),
  thicknessMm: above0('a thickness in mm', 10),
});

/** A flat-felled seam's widths, mm, and the layers the topstitching goes through. */
export interface FelledSeam {
  bandMm: number;
  trimMm: number;
  tuckMm: number;
  topstitchFromFoldMm: number;
  layers: number;
}

/** Distance of the topstitching from the fold: 2 mm, nearer if the tuck is short (common practice). */
const FROM_FOLD_MM = { usual: 2, least: 1 };
/** How far the tuck reaches past the topstitching, so that it is caught (common practice). */
const CAUGHT_MM = 3;
const LAYERS = 4;

/**
 * Widths of a flat-felled seam, from the allowance and the cloth.
 *
 * band + tuck + turn = allowance. The tuck must not pass the seam line (tuck ≤ band), must reach 3 mm past the
 * topstitching, and the trimmed edge with its turn must lie inside the band.
 *
 * @param input - allowance, finished band, trimmed width and thickness in mm
 * @returns widths in mm; blocked, naming the number to change, when they do not add up
 * @example
 * felledSeam({ allowanceMm: 16, trimMm: 6, thicknessMm: 0.9 }) // => { bandMm: 8, trimMm: 6, tuckMm: 6.59, topstitchFromFoldMm: 2, layers: 4 }
 * 'blocked' in felledSeam({ allowanceMm: 16, trimMm: 6, thicknessMm: 1.3 }) // => true
 */
export function felledSeam(input: z.infer<typeof felledInputSchema>): FelledSeam | Cannot {
  const { allowanceMm, trimMm, thicknessMm } = input;
  const bandMm = input.bandMm ?? allowanceMm / 2;
  const turn = turnOfClothMm(thicknessMm, 0);
  const tuckMm = allowanceMm - bandMm - turn;
  if (trimMm + turn > bandMm) {
    const fits = Math.floor((bandMm - turn) * 2) / 2;
    const text = `Trimmed to ${mm(trimMm)} the under edge does not fit inside a ${mm(bandMm)} band of this fabric: ${fits >= 3 ? `trim to ${mm(fits)}, or ` : ''}cut a wider allowance.`;
    return cannot('seam.felled-trim', text, bandMm - turn, trimMm);
  }
  if (tuckMm > bandMm) {
    const text = `The tucked edge would reach past the seam line: make the band at least ${mm(Math.ceil(allowanceMm - turn) / 2)}, or cut a narrower allowance.`;
    return cannot('seam.felled-tuck-long', text, bandMm, tuckMm);
  }
  if (tuckMm < FROM_FOLD_MM.least + CAUGHT_MM) {
    const text =
      'Too little is tucked under for the topstitching to catch: make the band narrower, or cut a wider allowance.';
    return cannot('seam.felled-tuck-short', text, FROM_FOLD_MM.least + CAUGHT_MM, tuckMm);
  }
  const topstitchFromFoldMm = Math.min(FROM_FOLD_MM.usual, tuckMm - CAUGHT_MM);
  return { bandMm, trimMm, tuckMm, topstitchFromFoldMm, layers: LAYERS };
}
