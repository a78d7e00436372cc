import { shrinkOf } from './washing';
import * as z from 'zod';
import { above0 } from '../result';

/** A marked length before and after the wash, and how much finished cloth is needed. */
export const shrinkInputSchema = z
  .strictObject({ before: above0(), after: above0(), neededMm: above0().optional() })
  .refine((s) => s.after <= s.before * 1.5, {
    path: ['after'],
    error: 'expected at most one and a half times the length before',
  });

/**
 * Shrinkage and the length to buy so that enough is left after the wash.
 *
 * @param input - before and after in one unit; `neededMm` in mm
 * @returns percent (negative when the cloth grew) and mm to buy when a need was given
 * @example
 * shrinkFrom({ before: 500, after: 475, neededMm: 2000 }) // => { shrinkPercent: 5, buyMm: 2105.263 }
 */
export function shrinkFrom(input: z.infer<typeof shrinkInputSchema>): {
  shrinkPercent: number;
  buyMm?: number;
} {
  const { before, after, neededMm } = input;
  const shrinkPercent = shrinkOf(before, after);
  return neededMm === undefined ? { shrinkPercent } : { shrinkPercent, buyMm: (neededMm * before) / after };
}
