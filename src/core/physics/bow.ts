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
/** No two seams creep alike: spread of one seam's strain, as a share of it (model). */
const SEAM_SPREAD = 0.25;

/**
 * How far a set of strips bends because one layer was fed more than the other.
 *
 * A strain ε along seams a strip's width w apart bends the opened set to κ = ε/w; over a span S it rises
 * (1 − cos(κS/2))/κ ≈ S²ε/(8w). Sewn all from the same end, every strip is longer than the last and the curvature stays
 * that of one seam. Alternating the end turns every second sign: what remains is the slope of the straight line fitted
 * (least squares) through the strips' lengths against their place, in which seam j of n weighs 6j(n + 1 − j)/(n(n + 1)(n + 2)). Since
 * no two seams creep alike that is a range, and never nothing.
 *
 * @param input - strain in percent, finished strip width and span in mm, number of seams, whether ends alternate (from two seams on)
 * @returns rise in the middle of the span, mm, and the range from the least of yielding to the most of rigid cloth
 * @example
 * stripBow({ strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 1, alternate: false }).sagittaMm // => 19.68
 * stripBow({ strainPercent: 1, stripMm: 63.5, spanMm: 1000, seams: 5, alternate: true }) // => { sagittaMm: 1.69, rangeMm: [0, 3.95] }
 */
export function stripBow(input: z.infer<typeof bowInputSchema>): { sagittaMm: number; rangeMm: [number, number] } {
  const { strainPercent, stripMm, spanMm, seams, alternate } = input;
  const oneSeamMm = rise(strainPercent / 100 / stripMm, spanMm);
  if (!alternate || seams < 2) return { sagittaMm: oneSeamMm, rangeMm: [YIELDING_SHARE * oneSeamMm, oneSeamMm] };
  const { mean, spread } = alternatingShare(seams);
  const least = YIELDING_SHARE * Math.max(0, mean - spread);
  return { sagittaMm: mean * oneSeamMm, rangeMm: [least * oneSeamMm, (mean + spread) * oneSeamMm] };
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

/** The share of one seam's bow that is left when ends alternate, and how far it may be off (one standard deviation). */
function alternatingShare(seams: number): { mean: number; spread: number } {
  let signed = 0;
  let square = 0;
  for (let j = 1; j <= seams; j += 1) {
    const weight = (6 * j * (seams + 1 - j)) / (seams * (seams + 1) * (seams + 2));
    signed += j % 2 === 1 ? weight : -weight;
    square += weight ** 2;
  }
  return { mean: Math.abs(signed), spread: SEAM_SPREAD * Math.sqrt(square) };
}
