import { mm } from '../units';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';

/** Total thickness, stitched down, from which a foot tips and a needle bends at the step, mm (model). */
const JAMS = { fromMm: 3.2, overMm: 4, nm: 100 };

/**
 * Stalling or bending at thick places.
 *
 * Model: thickness over what a domestic foot climbs without help, eased by a stiffer needle. A shim behind the foot
 * takes most of it away, which no setting can.
 *
 * @param seam - cloth and operation
 * @param nm - needle size
 * @returns one risk
 * @example
 * humpRisk({ thicknessMm: 6 }, 100).level // => 0.7
 * humpRisk({ thicknessMm: 1.4 }, 90).level // => 0
 */
export function humpRisk(seam: Pick<SeamContext, 'thicknessMm'>, nm: number): Hazard {
  const over = (seam.thicknessMm - JAMS.fromMm) / JAMS.overMm;
  return {
    sign: 'hump-stall',
    level: over <= 0 ? 0 : riskLevel(over + (JAMS.nm - nm) / 100),
    why: () => `${mm(seam.thicknessMm)} under the foot: at the step the foot tips and the needle bends.`,
  };
}
