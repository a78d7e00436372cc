import type { Needle, OwnedThread, Thread } from '../../kit';
import { bladeRisks, eyeRisks, perforationRisk, threadRisks, tunnelRisk, worseOf } from '../../physics';
import type { StitchId } from '../../stitch';
import type { Question } from '../question';
import { miss, weigh } from './weigh';

/** Two rows look right this far apart, mm (common practice); each mm off costs more than a narrow zigzag instead (model). */
const ROWS_MM = 2.5;
const PER_MM_OFF = 1.6;

/** What a needle costs whatever is threaded into it; null when a rule takes it out. */
export function bladeCost({ seam, aims, learned }: Question, needle: Needle): number | null {
  const point = aims.point[needle.point].cost;
  if (point === null) return null;
  if (needle.gapMm !== undefined && !seam.operation.twin) return null;
  const tunnel = needle.gapMm === undefined ? 0 : weigh([tunnelRisk(seam, needle.gapMm)]);
  const gap = needle.gapMm === undefined ? 0 : PER_MM_OFF * Math.abs(needle.gapMm - ROWS_MM);
  const unlike = learned.nm ? 0.012 * learned.nm.weight * Math.abs(needle.nm - learned.nm.value) : 0;
  return unlike + point + weigh(bladeRisks(seam, needle)) + tunnel + gap;
}

/** Cheap thread alone makes a knit skip: it is taken only where no good one comes near (model). */
const CHEAP = 2;

/** What a thread costs whatever needle it is in; null when a rule takes it out. */
export function threadCost({ seam, aims }: Question, thread: OwnedThread): number | null {
  const fibre = aims.fibre[thread.fibre].cost;
  if (fibre === null) return null;
  const fuzzy = thread.cheap && [seam, ...seam.each].some(({ profile }) => profile.structure === 'knit') ? CHEAP : 0;
  return fibre + fuzzy + 0.5 * miss(thread.tex, aims.tex.aim) + weigh(worseOf(seam, (one) => threadRisks(one, thread)));
}

/** What it costs how a thread sits in a needle. */
export const eyeCost = (needle: Needle, thread: Thread): number => weigh(eyeRisks(needle, thread));

/** Cost of a needle with a thread in it; null when a rule takes either out. */
export function needleCost(question: Question, needle: Needle, thread: Thread): number | null {
  const blade = bladeCost(question, needle);
  const strand = threadCost(question, thread);
  return blade === null || strand === null ? null : blade + strand + eyeCost(needle, thread);
}

/** What the needle's size adds to a stitch: tearing along the holes. */
export function perforationCost({ seam }: Question, stitch: StitchId, lengthMm: number, nm: number): number {
  return weigh([perforationRisk(seam, stitch, lengthMm, nm)]);
}
