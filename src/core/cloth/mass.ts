import * as z from 'zod';
import { above0 } from '../result';
import { arealMass, GSM_PER_MOMME, GSM_PER_OZ_SQ_YD } from '../units';

const cutPiece = z.strictObject({
  grams: above0(),
  widthMm: above0('a number of mm', 10000),
  lengthMm: above0('a number of mm', 100000),
});

/** How heavy a cloth is, in any one of the ways it is known. */
export const massInputSchema = z.union([
  cutPiece,
  z.strictObject({ gsm: above0() }),
  z.strictObject({ ozPerSqYd: above0() }),
  z.strictObject({ momme: above0() }),
]);
export type MassInput = z.infer<typeof massInputSchema>;

/**
 * Areal mass from a weighed rectangle, or from another unit.
 *
 * @param input - grams with the rectangle's sides in mm, or one number in g/m², oz/yd² or momme
 * @returns the mass in all three units
 * @example
 * massFrom({ grams: 1.6, widthMm: 100, lengthMm: 100 }).gsm // => 160
 * massFrom({ ozPerSqYd: 12 }).gsm // => 406.869
 */
export function massFrom(input: MassInput): ReturnType<typeof arealMass> {
  if ('grams' in input) return arealMass((input.grams / (input.widthMm * input.lengthMm)) * 1e6);
  if ('ozPerSqYd' in input) return arealMass(input.ozPerSqYd * GSM_PER_OZ_SQ_YD);
  return arealMass('momme' in input ? input.momme * GSM_PER_MOMME : input.gsm);
}
