import * as z from 'zod';
import { above0, oneOf, within } from '../result';
import { stitchFacts } from './geometry';
import { STITCHES } from './stitches';

/** A seam for counting thread. Thickness is the total, stitched down. */
export const threadUseInputSchema = z.strictObject({
  stitch: oneOf(STITCHES),
  lengthMm: above0('a length in mm', 20),
  widthMm: within(0, 20, 'a width in mm').default(0),
  thicknessMm: above0('a thickness in mm', 60),
  seamMm: above0('a length in mm'),
});
export type ThreadUseInput = z.infer<typeof threadUseInputSchema>;

/** Thread for a seam: both threads together per length of seam, and each share in mm. */
export interface ThreadUse {
  ratio: number;
  totalMm: number;
  needleMm: number;
  bobbinMm: number;
}

/**
 * Thread that goes into a seam, from the stitch's polyline.
 *
 * Each segment is laid twice, once above and once below, and each penetration goes through the cloth twice.
 * With a balanced lockstitch the two threads share evenly. For the plain lockstitch this is 2 + 2·T/L, which meets
 * the handbook ratio 2.5 of stitch 301 at ordinary settings; tails are not counted.
 *
 * @param input - stitch, length and width in mm, total thickness in mm, seam length in mm
 * @returns ratio (mm of thread per mm of seam) and lengths in mm
 * @example
 * threadUse({ stitch: 'straight', lengthMm: 2.5, widthMm: 0, thicknessMm: 0.6, seamMm: 100 }) // => { ratio: 2.48, totalMm: 248, needleMm: 124, bobbinMm: 124 }
 */
export function threadUse({ stitch, lengthMm, widthMm, thicknessMm, seamMm }: ThreadUseInput): ThreadUse {
  const { segments, advance } = stitchFacts(stitch);
  const laid = segments.reduce((sum, s) => sum + Math.hypot(s.dx * lengthMm, s.dy * widthMm), 0);
  const perRepeat = 2 * laid + 2 * thicknessMm * segments.length;
  const ratio = perRepeat / (advance * lengthMm);
  const totalMm = ratio * seamMm;
  return { ratio, totalMm, needleMm: totalMm / 2, bobbinMm: totalMm / 2 };
}
