import { FOOT, type Foot, type Plate } from '../../kit';
import { FEED_TOLERANCE, feedRisks, growthPercent, layerShiftMm } from '../../physics';
import type { StitchId } from '../../stitch';
import type { Question } from '../question';
import { weigh } from './weigh';

/** A line that is foreseen to miss a pass mark of the scrap is taken only where nothing owned mends it (model). */
const BREAKS_MARK = 3;

/**
 * How many pass marks of the scrap a seam is foreseen to miss as it is fed: its length, and how its layers end.
 *
 * A foot made for one job is not weighed by them: nothing else does that job, and the layers are basted.
 */
export function marksBroken(seam: Question['seam'], foot: Foot, pressure: number): number {
  if (!FOOT[foot].general) return 0;
  const grows = growthPercent(seam, foot, pressure) > FEED_TOLERANCE.growthPercent;
  const shifts = layerShiftMm(seam, foot, pressure) > FEED_TOLERANCE.shiftMm;
  return Number(grows) + Number(shifts);
}

/** Cost of foot, plate and pressure under a stitch; null when a rule takes one out. */
export function feedCost(
  { seam, aims }: Question,
  foot: Foot,
  plate: Plate,
  stitch: StitchId,
  pressure: number,
): number | null {
  const parts = [aims.foot[foot].cost, aims.plate[plate].cost, aims.stitch[stitch].cost];
  if (parts.includes(null)) return null;
  const ruled = parts.reduce<number>((sum, cost) => sum + cost!, 0);
  const off = 0.4 * ((pressure - aims.pressure.ideal) / 0.25) ** 2;
  return (
    ruled +
    off +
    BREAKS_MARK * marksBroken(seam, foot, pressure) +
    weigh(feedRisks(seam, foot, plate, stitch, pressure))
  );
}
