import { mm } from '../../units';
import { bandFor, type BandInput, bandReachMm, RECOVERS_PERCENT } from '../../seam';
import { cannot, type Cannot } from '../../seam';
import type { Given } from '../engine/types';

/**
 * How the band stretches and recovers: its own fabric, or the garment's where it is cut from that.
 *
 * @param given - what is known of the fabrics
 */
export const springOf = ({ band, stretch, recovery }: Given): { stretch: number; recovery: number } =>
  band ?? { stretch, recovery };

/**
 * How much shorter a band is cut because its fabric does not quite come back.
 *
 * @param ratio - as a band that recovers well would be, and as it is: finished band : opening
 * @param openingMm - the opening
 * @param recovery - of the band, percent
 * @returns mm, and whether it gapes: cut shorter for it, or as it is where it stretches too little for that
 */
export function shorterBy(
  ratio: { well: number; cut: number },
  openingMm: number,
  recovery: number,
): { shorter: number; gapes: number; gapesAsItIs: number } {
  const shorter = (ratio.well - ratio.cut) * openingMm;
  const gapes = recovery < RECOVERS_PERCENT.well;
  return { shorter, gapes: gapes && shorter > 0 ? 1 : 0, gapesAsItIs: gapes && !(shorter > 0) ? 1 : 0 };
}

/** What is known of a band before it is cut, and how its refusal ends. */
interface BandToCut {
  band: Omit<BandInput, 'girthMm' | 'stretch'> & { girthMm: number; stretch: number };
  width: number;
  allowance: number;
  /** What it is called, and what to do when it cannot pass. */
  called: 'band' | 'rib';
  wayOut: string;
}

/** What follows for a band, mm and percent. */
type BandNumbers = Record<
  | 'opening'
  | 'width'
  | 'allowance'
  | 'finished'
  | 'cut'
  | 'cutWidth'
  | 'ratio'
  | 'quarterBand'
  | 'quarterOpening'
  | 'pull',
  number
>;

/**
 * What follows for a band that is folded and stretched on.
 *
 * @param wanted - lengths in mm, stretch in percent
 * @returns numbers by name, mm and percent; or a refusal when it cannot pass what it has to pass
 */
export function bandNumbers({ band, width, allowance, called, wayOut }: BandToCut): BandNumbers | Cannot {
  const found = bandFor(band);
  if (found.passesGirth === false) {
    const pulled = Math.floor(bandReachMm(found.finishedMm, band.stretch));
    const text = `Stretched to four fifths of its limit the ${called} reaches ${mm(pulled)} and has to pass ${mm(band.girthMm)}: ${wayOut}.`;
    return cannot('seam.band-girth', text, band.girthMm, pulled);
  }
  return {
    opening: band.openingMm,
    width,
    allowance,
    finished: found.finishedMm,
    cut: found.cutMm,
    cutWidth: 2 * (width + allowance),
    ratio: 100 * found.ratio,
    quarterBand: found.quarterBandMm,
    quarterOpening: found.quarterOpeningMm,
    pull: found.stretchToFitPercent,
  };
}

/** Whether a band could not be worked out. */
export const isRefused = (found: BandNumbers | Cannot): found is Cannot => 'blocked' in found;

const OVERNIGHT = 'In the morning it still lies flat against a hand placed inside it.';

/** Before anything is cut from a fabric that does not quite come back. */
export const GAPES = {
  do: 'This fabric recovers poorly and will gape, so the band is cut {shorter} shorter. Sew one to a scrap shaped like the opening first, and leave it overnight.',
  check: OVERNIGHT,
  view: 'quarters',
  when: 'gapes',
} as const;
export const GAPES_AS_IT_IS = {
  do: 'This fabric recovers poorly and will gape, and it stretches too little to be cut any shorter. Sew one to a scrap shaped like the opening first, and leave it overnight. A fabric with better recovery is the answer.',
  check: OVERNIGHT,
  view: 'quarters',
  when: 'gapesAsItIs',
} as const;
