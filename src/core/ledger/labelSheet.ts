import * as z from 'zod';
import { PAPERS } from '../geometry';
import { oneOf, wholeWithin, within } from '../result';

/** Labels narrower or lower than this hold no setting that can be read, mm. */
const LEAST = { widthMm: 25, heightMm: 12 };

/** How ready-cut labels lie on a sheet, as its packet says: how many, how far from the edges, and what is left between them. */
export const labelSheetSchema = z.strictObject({
  paper: oneOf(['a4', 'letter']),
  across: wholeWithin(1, 10, 'a number of columns'),
  down: wholeWithin(1, 30, 'a number of rows'),
  /** From the left and right edge to the first and last label, mm. */
  sideMm: within(0, 60, 'a margin in mm'),
  /** From the upper and lower edge, mm. */
  topMm: within(0, 60, 'a margin in mm'),
  gapMm: within(0, 20, 'a gap in mm'),
});
export type LabelSheet = z.infer<typeof labelSheetSchema>;

/** A sheet that many packets follow, until the person says what theirs is like (practice). */
export const USUAL_LABEL_SHEET: LabelSheet = { paper: 'a4', across: 3, down: 8, sideMm: 7, topMm: 13, gapMm: 2.5 };

/** One label's place on its sheet, mm from the upper left corner of the paper. */
export interface LabelPlace {
  xMm: number;
  yMm: number;
  widthMm: number;
  heightMm: number;
}

/** The places of a sheet, row by row; or why nothing fits on it. */
export type LabelPlaces = { ok: true; places: LabelPlace[] } | { ok: false; field: 'across' | 'down'; text: string };

/**
 * Where the labels of a sheet lie.
 *
 * @param sheet - as its packet says
 * @example
 * labelPlaces({ paper: 'a4', across: 1, down: 1, sideMm: 10, topMm: 10, gapMm: 0 }) // => { ok: true, places: [{ xMm: 10, yMm: 10, widthMm: 190, heightMm: 277 }] }
 */
export function labelPlaces({ paper, across, down, sideMm, topMm, gapMm }: LabelSheet): LabelPlaces {
  const { widthMm: wide, heightMm: high } = PAPERS.find(({ id }) => id === paper)!;
  const widthMm = (wide - 2 * sideMm - (across - 1) * gapMm) / across;
  const heightMm = (high - 2 * topMm - (down - 1) * gapMm) / down;
  if (widthMm < LEAST.widthMm)
    return { ok: false, field: 'across', text: `So many side by side leave less than ${LEAST.widthMm} mm for each.` };
  if (heightMm < LEAST.heightMm)
    return { ok: false, field: 'down', text: `So many rows leave less than ${LEAST.heightMm} mm for each.` };
  const places = Array.from({ length: across * down }, (_, i) => ({
    xMm: sideMm + (i % across) * (widthMm + gapMm),
    yMm: topMm + Math.floor(i / across) * (heightMm + gapMm),
    widthMm,
    heightMm,
  }));
  return { ok: true, places };
}
