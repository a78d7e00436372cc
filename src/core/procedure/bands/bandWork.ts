import { mm } from '../../units';
import { bandFor, type BandInput, bandReachMm } from '../../seam';
import { cannot, type Cannot } from '../../seam';
import type { Numbers } from '../engine/types';

/** What is known of a band before it is cut, and how its refusal ends. */
interface BandToCut {
  band: Omit<BandInput, 'girthMm' | 'stretch'> & { girthMm: number; stretch: number };
  width: number;
  allowance: number;
  /** What it is called, and what to do when it cannot pass. */
  called: 'band' | 'rib';
  wayOut: string;
}

/**
 * What follows for a band that is folded and stretched on.
 *
 * @param wanted - lengths in mm, stretch in percent
 * @returns numbers by name, mm and percent; or a refusal when it cannot pass what it has to pass
 */
export function bandNumbers({ band, width, allowance, called, wayOut }: BandToCut): Numbers | Cannot {
  const found = bandFor(band);
  if (found.passesGirth === false) {
    const pulled = Math.floor(bandReachMm(found.finishedMm, band.stretch));
    const text = `Pulled to four fifths of its stretch the ${called} reaches ${mm(pulled)} and has to pass ${mm(band.girthMm)}: ${wayOut}.`;
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
