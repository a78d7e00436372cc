import * as z from 'zod';
import { above0, oneOf, within } from '../result';

/** The ways a zip is set. */
export const ZIP_KINDS = ['centred', 'concealed', 'exposed', 'lapped', 'between-folds'] as const;

/**
 * A zip to be placed. All in mm; `coilToTapeEdgeMm` from the middle of the coil to the edge of one tape; `openingMm`, of a concealed zip
 * that was bought longer, from the raw top edge to the notch: it is sewn to there and no farther.
 */
export const zipInputSchema = z.strictObject({
  kind: oneOf(ZIP_KINDS),
  zipMm: above0('a length in mm', 2000),
  topMm: within(0, 500, 'a length in mm').default(0),
  shownMm: within(0, 40, 'a width in mm').optional(),
  allowanceMm: above0('an allowance in mm', 100),
  coilToTapeEdgeMm: above0('a distance in mm', 60),
  coilWidthMm: above0('a width in mm', 40),
  topstitchMm: above0('a distance in mm', 60).default(7),
  lengthMm: above0('a length in mm', 12).default(2.5),
  revealMm: above0('a width in mm', 60).optional(),
  openingMm: above0('a length in mm', 2500).optional(),
});
export type ZipInput = z.infer<typeof zipInputSchema>;
