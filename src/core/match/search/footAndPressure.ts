import type { Foot, Plate } from '../../kit';
import { feedRisks } from '../../physics';
import type { StitchId } from '../../stitch';
import type { Question } from '../question';
import { weigh } from './weigh';

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
  return ruled + off + weigh(feedRisks(seam, foot, plate, stitch, pressure));
}
