import { stepsToReach } from '../numbers';
import type { LineMeasures } from '../card';
import { FEED_TOLERANCE, GIVE_MARGIN, type SeamContext, SHIFT_OVER_MM } from '../physics';

/** A shift up to this, mm, may just as well come from how the layers were cut and laid, however short the line (common practice). */
const SURE_SHIFT_MM = 1;
/** Grade from which a seam passes as smooth: between the slight puckers of grade 4 and the plain ones of grade 3 (common practice). */
const PUCKER_GRADE = 3.5;
/** A ridge up to this is felt, not seen, mm (common practice). */
const RIDGE_MM = 0.5;

/** What a line may show and still pass. */
export interface Accepted {
  /** Stretch that the line must hold, percent; 0 where the seam need not give. */
  givePercent: number;
  growthPercent: number;
  shiftMm: number;
  puckerGrade: number;
  ridgeMm: number;
}

/**
 * What a line may show and still pass.
 *
 * @param seam - cloth and operation
 * @param measures - of the line; its marked length limits what shift can be measured
 * @returns limits; give is the least, the others are the most
 * @example
 * accepted({ required: { percent: 25 } }, { markedMm: 300 }) // => { givePercent: 28, growthPercent: 2, shiftMm: 2, puckerGrade: 3.5, ridgeMm: 0.5 }
 */
export function accepted(
  { required }: { required: Pick<SeamContext['required'], 'percent'> },
  { markedMm }: Pick<LineMeasures, 'markedMm'>,
): Accepted {
  return {
    givePercent: stepsToReach(required.percent * GIVE_MARGIN),
    growthPercent: FEED_TOLERANCE.growthPercent,
    shiftMm: Math.max(SURE_SHIFT_MM, (FEED_TOLERANCE.shiftMm * markedMm) / SHIFT_OVER_MM),
    puckerGrade: PUCKER_GRADE,
    ridgeMm: RIDGE_MM,
  };
}
