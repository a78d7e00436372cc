import { FIBRE } from '../kit';
import type { Setup } from '../setup';
import { seamGive } from './give';
import type { SeamContext } from './seamContext';

/** Tested is worn and a tenth more: a seam that only just holds once does not hold in wear (common practice). */
export const GIVE_MARGIN = 1.1;

/**
 * How far a setting's seam gives before thread takes the load, as an estimate.
 *
 * @param seam - cloth and operation
 * @param setup - the setting
 * @returns cautious and hopeful end in percent, neither above what the cloth itself gives
 */
export function giveOfSetup(seam: SeamContext, setup: Setup): [number, number] {
  const { low, high } = seamGive({
    stitch: setup.stitch,
    lengthMm: setup.lengthMm,
    widthMm: setup.widthMm,
    thicknessMm: seam.thicknessMm,
    threadExtension: FIBRE[setup.thread.fibre].extension,
    twinGapMm: setup.needle.gapMm,
  });
  // An assumed stretch may be surpassed as far as its honest range goes; a measured one is what it is.
  const most = Math.min(seam.giveLimit, Math.max(seam.clothGive, seam.required.percent));
  return [Math.min(low, most), Math.min(high, most)];
}
