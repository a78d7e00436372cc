import * as z from 'zod';
import { above0 } from '../result';

/** A strip slid off the edge of a table until its tip falls to a slope of 41.5°. */
export const rigidityInputSchema = z.strictObject({
  massGsm: above0('a number', 3000),
  overhangMm: above0('a length in mm', 1000),
});

/**
 * Bending length and flexural rigidity of a cloth (ASTM D1388, cantilever test).
 *
 * At 41.5° the bending length is half the overhang; G = mass × c³ in the test's own units (mg/cm² and cm).
 *
 * @param input - mass in g/m², overhang in mm
 * @returns bending length in mm, rigidity in mg·cm
 * @example
 * rigidityFrom({ massGsm: 340, overhangMm: 60 }) // => { bendingLengthMm: 30, rigidityMgCm: 918 }
 */
export function rigidityFrom({ massGsm, overhangMm }: z.infer<typeof rigidityInputSchema>): {
  bendingLengthMm: number;
  rigidityMgCm: number;
} {
  const bendingLengthMm = overhangMm / 2;
  return { bendingLengthMm, rigidityMgCm: (massGsm / 10) * (bendingLengthMm / 10) ** 3 };
}
