import * as z from 'zod';
import { atLeast, isAbove } from '../numbers';
import { above0, oneOf, within } from '../result';
import { mm } from '../units';
import { cannot, type Cannot } from './cannot';
import { ZIP_KINDS } from './zipInput';
import { ABOVE_PULL_MM } from './zipProblem';

/** Lengths zips are commonly sold in, top stop to bottom stop, mm (common practice). */
export const SOLD_MM: Readonly<Record<'metric' | 'inch', readonly number[]>> = {
  metric: [100, 120, 150, 180, 200, 220, 250, 300, 350, 400, 450, 500, 550, 600, 650, 700, 750, 800],
  inch: [4, 5, 6, 7, 8, 9, 10, 12, 14, 16, 18, 20, 22, 24, 26, 28, 30].map((inches) => inches * 25.4),
};
/** A concealed zip is bought at least so much longer: the slider does not pass what is sewn down to the last tooth (common practice). */
const LONGER_MM = 25;
/** A zip so little shorter than the opening still fits it: it is sold to a tolerance (model). */
const SHORTER_FITS_MM = 2;

/** No shorter zip is sold, mm (common practice). */
const SHORTEST_TEETH_MM = 40;

/**
 * An opening that a zip is wanted for, mm: from the raw top edge to the notch or the end of the opening, and to the top stop. `sold` says in
 * which lengths zips are sold.
 */
export const zipToBuyInputSchema = z.strictObject({
  kind: oneOf(ZIP_KINDS),
  openingMm: above0('a length in mm', 2500),
  topMm: within(0, 500, 'a length in mm').default(0),
  sold: oneOf(['metric', 'inch']).default('metric'),
});
export type ZipToBuyInput = z.infer<typeof zipToBuyInputSchema>;

/** What zip to get for an opening; all in mm. */
export interface ZipToBuy {
  /** From the top stop to where the opening ends. */
  teethMm: number;
  /** The least it has to measure, stop to stop. */
  leastMm: number;
  /** What to get; null where none so long is sold in one piece, and it is bought by the metre. */
  buyMm: number | null;
  /** What of it is more than the opening takes: sewn past and cut off, or taken off before it is sewn. */
  tooLongMm: number;
  /** What is done with a zip of that length. */
  then: 'sew-to-notch' | 'as-it-is' | 'shorten' | 'by-the-metre';
}

/**
 * Which zip to get for an opening: one that is sold, and never too short.
 *
 * @param input - the way it is set and the opening, mm
 * @returns lengths in mm, and what is done with the rest; blocked where the top leaves no room for a zip
 * @example
 * zipToBuy({ kind: 'concealed', openingMm: 220, topMm: 20, sold: 'metric' }) // => { teethMm: 200, leastMm: 225, buyMm: 250, tooLongMm: 50, then: 'sew-to-notch' }
 * zipToBuy({ kind: 'centred', openingMm: 200, topMm: 20, sold: 'metric' }) // => { teethMm: 180, leastMm: 180, buyMm: 180, tooLongMm: 0, then: 'as-it-is' }
 */
export function zipToBuy({ kind, openingMm, topMm, sold }: ZipToBuyInput): ZipToBuy | Cannot {
  const teethMm = openingMm - topMm;
  if (!atLeast(teethMm, SHORTEST_TEETH_MM)) {
    const text = `From the top stop to the end of the opening is ${mm(Math.max(0, teethMm))}, and a zip needs at least ${mm(SHORTEST_TEETH_MM)}.`;
    return cannot('seam.zip-short', text, SHORTEST_TEETH_MM, teethMm);
  }
  const concealed = kind === 'concealed';
  const leastMm = teethMm + (concealed ? Math.max(LONGER_MM, ABOVE_PULL_MM) : 0);
  const fits = concealed ? leastMm : leastMm - SHORTER_FITS_MM;
  const buyMm = SOLD_MM[sold].find((length) => atLeast(length, fits)) ?? null;
  if (buyMm === null) return { teethMm, leastMm, buyMm, tooLongMm: 0, then: 'by-the-metre' };
  const tooLongMm = Math.max(0, buyMm - teethMm);
  if (concealed) return { teethMm, leastMm, buyMm, tooLongMm, then: 'sew-to-notch' };
  return { teethMm, leastMm, buyMm, tooLongMm, then: isAbove(tooLongMm, SHORTER_FITS_MM) ? 'shorten' : 'as-it-is' };
}
