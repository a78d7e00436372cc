import * as z from 'zod';
import { above0, wholeWithin, within } from '../result';

/** A set of strips sewn together along their length. Strain is how much longer the upper strip came out, percent. */
export const bowInputSchema = z.strictObject({
  strainPercent: within(-20, 20, 'a strain in percent'),
  stripMm: above0('a width in mm', 2000),
  spanMm: above0('a length in mm', 20000),
  seams: wholeWithin(1, 200, 'a whole number of seams').default(1),
  alternate: z.boolean({ error: 'expected true or false' }).default(false),
});

/** Cloth that also gives in its own length takes about this share of the bow (model). */
const YIELDING_SHARE = 0.75;

/**
 * How far a set of strips bends because one layer was fed more than the other.
 *
 * A strain ε along seams a strip's width w apart bends the opened set to κ = ε/w; over a span S it rises
 * (1 − cos(κS/2))/κ ≈ S²ε/(8w). Sewn all from the same end, every strip is longer than the last and the curvature stays
 * that of one seam. Alternating the end turns every second sign: what remains is the slope of the straight line fitted
 * (least squares) through the strips' lengths against their place.
 *
 * @param input - strain in percent, finished strip width and span in mm, number of seams, whether ends alternate
 * @returns rise in the middle of the span, mm, and the range from yielding to rigid cloth
 * @example
 * stripBow({ strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 1, alternate: false }).sagittaMm // => 19.68
 * stripBow({ strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 5, alternate: true }).sagittaMm // => 1.69
 */
export function stripBow(input: z.infer<typeof bowInputSchema>): { sagittaMm: number; rangeMm: [number, number] } {
  const { strainPercent, stripMm, spanMm, seams, alternate } = input;
  const slope = alternate ? alternatingSlope(seams) : 1;
  const sagittaMm = rise(((strainPercent / 100) * slope) / stripMm, spanMm);
  return { sagittaMm, rangeMm: [YIELDING_SHARE * sagittaMm, sagittaMm] };
}

/** The strips people sew most: 2 1/2 inches wide, a metre long. */
const USUAL_STRIP = { stripMm: 63.5, spanMm: 1000, seams: 1, alternate: false };

/**
 * How far a metre of usual strips would bow, all sewn from one end, on a machine that creeps as measured.
 *
 * @param shiftMm - how far the top layer ended behind the bottom one, mm, either way
 * @param overMm - over which length, mm, above 0
 * @returns rise in the middle, mm
 * @example
 * bowOfStrips(0, 300) // => 0
 */
export const bowOfStrips = (shiftMm: number, overMm: number): number =>
  shiftMm === 0 ? 0 : stripBow({ ...USUAL_STRIP, strainPercent: Math.abs((100 * shiftMm) / overMm) }).sagittaMm;

/** Rise of an arc of a given curvature over its own length; past a half circle it is the diameter. */
function rise(curvature: number, spanMm: number): number {
  const bend = Math.abs(curvature);
  if (bend * spanMm < 1e-6) return (bend * spanMm ** 2) / 8;
  return (1 - Math.cos(Math.min(Math.PI, (bend * spanMm) / 2))) / bend;
}

/** Strips long by 0, 1, 0, 1 … strains: the slope of the line fitted through them. */
function alternatingSlope(seams: number): number {
  const middle = seams / 2;
  let across = 0;
  let square = 0;
  for (let strip = 0; strip <= seams; strip += 1) {
    across += (strip - middle) * (strip % 2);
    square += (strip - middle) ** 2;
  }
  return Math.abs(across / square);
}
