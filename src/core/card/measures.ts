import * as z from 'zod';
import { above0, oneOf, wholeWithin, within } from '../result';
import { formatNumber } from '../units';

/** Where a measure of a line comes from: counted or measured by hand, read from a photo, or sewn by a simulated machine. */
export const MEASURE_SOURCES = ['by-hand', 'photo', 'simulated'] as const;

const MEASURED = ['stitches', 'afterMm', 'widthMm', 'shiftMm', 'poppedAtMm', 'heldToMm', 'ridgeMm', 'pucker'] as const;

/** Where one measure comes from, and its spread (standard deviation, in the unit of the measure) where that is known. */
const sourceSchema = z.strictObject({
  source: oneOf(MEASURE_SOURCES),
  spread: within(0, 10000, 'a spread').optional(),
});

/** What can be measured on a sewn line. Every part may be missing: people measure what they need. */
export const lineMeasuresSchema = z
  .strictObject({
    /** Marked length before sewing, mm. */
    markedMm: above0('a length in mm', 2000).default(100),
    /** Stitches counted over the marked length. */
    stitches: wholeWithin(1, 2000, 'a whole number of stitches').optional(),
    /** The marked length after sewing, mm. */
    afterMm: above0('a length in mm', 2000).optional(),
    /** The whole swing of the stitch as it was sewn, mm. */
    widthMm: within(0, 15, 'a width in mm').optional(),
    /** How far the top layer ended behind the bottom one, mm; negative when it ran ahead. */
    shiftMm: within(-100, 100, 'a length in mm').optional(),
    /** Length the marked part reached when the thread broke, mm. */
    poppedAtMm: above0('a length in mm', 10000).optional(),
    /** Pulled as far as this without breaking, mm. */
    heldToMm: above0('a length in mm', 10000).optional(),
    /** Height of the ridge between two rows, or of the fold the line stands up in, mm. */
    ridgeMm: within(0, 20, 'a height in mm').optional(),
    /** Smoothness of the seam against the five grades of AATCC 88B and ISO 7770: 5 smooth, 1 badly puckered; halves are allowed. */
    pucker: within(1, 5, 'a grade from 1 to 5').optional(),
    /** Where each of these comes from; what is not named here was measured by hand. */
    sources: z.partialRecord(oneOf(MEASURED), sourceSchema).optional(),
  })
  .refine((m) => m.afterMm === undefined || (m.afterMm >= m.markedMm * 0.5 && m.afterMm <= m.markedMm * 2), {
    path: ['afterMm'],
    error: 'expected a length near the marked one (half to twice)',
  })
  .refine((m) => m.poppedAtMm === undefined || m.poppedAtMm >= m.markedMm * 0.9, {
    path: ['poppedAtMm'],
    error: 'expected at least the marked length, because the row was stretched',
  })
  .refine((m) => m.heldToMm === undefined || m.heldToMm >= m.markedMm * 0.9, {
    path: ['heldToMm'],
    error: 'expected at least the marked length, because the row was stretched',
  });
export type LineMeasures = z.infer<typeof lineMeasuresSchema>;

/** What follows from the measures. A part without its measure is absent. */
export interface LineFacts {
  lengthMm?: number;
  growthPercent?: number;
  /** How far it gave: exact when it popped, at least this much when it held. */
  give?: { percent: number; popped: boolean };
}

/**
 * True stitch length, growth and give of a sewn line.
 *
 * @param measures - checked measures
 * @returns what they say
 * @example
 * lineFacts({ markedMm: 100, stitches: 51, afterMm: 102 }) // => { lengthMm: 1.961, growthPercent: 2 }
 * lineFacts({ markedMm: 100, heldToMm: 130 }).give // => { percent: 30, popped: false }
 */
export function lineFacts({ markedMm, stitches, afterMm, poppedAtMm, heldToMm }: LineMeasures): LineFacts {
  const percent = (mm: number) => ((mm - markedMm) * 100) / markedMm;
  const facts: LineFacts = {};
  if (stitches !== undefined) facts.lengthMm = markedMm / stitches;
  if (afterMm !== undefined) facts.growthPercent = percent(afterMm);
  if (poppedAtMm !== undefined) facts.give = { percent: percent(poppedAtMm), popped: true };
  else if (heldToMm !== undefined) facts.give = { percent: percent(heldToMm), popped: false };
  return facts;
}

/**
 * How a test changed in length, in words.
 *
 * @param percent - below 0 it became shorter
 * @example
 * growthText(-2.04) // => 'shrank 2%'
 */
export const growthText = (percent: number): string =>
  `${percent < 0 ? 'shrank' : 'grew'} ${formatNumber(Math.abs(percent))}%`;
