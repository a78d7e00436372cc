import type { Needle, Thread } from '../../kit';
import { needleRisks, perforationRisk, tunnelRisk } from '../../physics';
import type { StitchId } from '../../stitch';
import type { Question } from '../question';
import { miss, weigh } from './weigh';

/** Cost of a needle with a thread in it; null when a rule takes either out. */
export function needleCost({ seam, aims, learned }: Question, needle: Needle, thread: Thread): number | null {
  const point = aims.point[needle.point].cost;
  const fibre = aims.fibre[thread.fibre].cost;
  if (point === null || fibre === null) return null;
  if (needle.gapMm !== undefined && !seam.operation.twin) return null;
  const tunnel = needle.gapMm === undefined ? 0 : weigh([tunnelRisk(seam, needle.gapMm)]);
  // Two rows look right about 2.5 mm apart.
  const gap = needle.gapMm === undefined ? 0 : 0.1 * Math.abs(needle.gapMm - 2.5);
  const unlike = learned.nm ? 0.012 * learned.nm.weight * Math.abs(needle.nm - learned.nm.value) : 0;
  return (
    unlike +
    point +
    fibre +
    0.5 * miss(thread.tex, aims.tex.aim) +
    weigh(needleRisks(seam, needle, thread)) +
    tunnel +
    gap
  );
}

/** What the needle's size adds to a stitch: tearing along the holes. */
export function perforationCost({ seam }: Question, stitch: StitchId, lengthMm: number, nm: number): number {
  return weigh([perforationRisk(seam, stitch, lengthMm, nm)]);
}
