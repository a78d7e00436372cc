import { FIBRE, type Needle, type Thread } from '../../kit';
import { seamGive, stitchRisks } from '../../physics';
import { stitchFacts, type StitchId } from '../../stitch';
import type { Question } from '../question';
import { measuredGive } from './learn';
import { miss, weigh } from './weigh';

/** What a setting that gives too little costs: more than all other faults together, and the shorter the worse. */
const SHORTFALL = { any: 1000, perPercent: 10 };

/** Cautious give of a stitch in this seam, percent, never more than the cloth's own. */
export function cautiousGive(
  { seam }: Question,
  stitch: StitchId,
  size: { lengthMm: number; widthMm: number },
  thread: Pick<Thread, 'fibre'>,
  twinGapMm?: number,
): { low: number; high: number } {
  return seamGive({
    stitch,
    ...size,
    thicknessMm: seam.thicknessMm,
    threadExtension: FIBRE[thread.fibre].extension,
    twinGapMm,
  });
}

/** What is known of a stitch's give: measured where it was, else the cautious end of the model. Percent. */
function surestGive(
  question: Question,
  stitch: StitchId,
  size: { lengthMm: number; widthMm: number },
  thread: Pick<Thread, 'fibre'>,
  twinGapMm?: number,
): number {
  const { low } = cautiousGive(question, stitch, size, thread, twinGapMm);
  const measured = twinGapMm === undefined ? measuredGive(question.learned, stitch, size, thread) : null;
  if (!measured) return low;
  // A line that held says "at least".
  return measured.popped ? measured.percent : Math.max(low, measured.percent);
}

/**
 * Whether a stitch may be sewn with a needle in this seam.
 *
 * Two needles make rows of straight stitch: with a swing or a way back they would cross each other's thread. And the hem of a
 * knit is never one single straight line, which pops (common practice).
 */
export function stitchSuitsNeedle({ seam }: Pick<Question, 'seam'>, stitch: StitchId, needle: Needle): boolean {
  const { swings, feedsBackwards } = stitchFacts(stitch);
  if (needle.gapMm !== undefined) return !(swings || feedsBackwards);
  return stitch !== 'straight' || !hemsAKnit(seam);
}

/** Whether a line hems a knit, which has to give however little it is worn stretched. */
export const hemsAKnit = ({ profile, operation }: Question['seam']): boolean =>
  profile.structure === 'knit' && operation.id === 'hem';

/** Cost of a stitch at a length and width with a thread that stretches so far, the needle's size aside. */
export function stitchCost(
  question: Question,
  stitch: StitchId,
  size: { lengthMm: number; widthMm: number },
  thread: Pick<Thread, 'fibre'>,
  twinGapMm?: number,
): number {
  const { seam, aims } = question;
  const short = seam.required.percent - surestGive(question, stitch, size, thread, twinGapMm);
  const shortfall = short > 0 ? SHORTFALL.any + SHORTFALL.perPercent * short : 0;
  const length = 0.8 * miss(size.lengthMm, aims.length[stitch].aim);
  const width = size.widthMm === 0 ? 0 : 0.6 * miss(size.widthMm, aims.width[stitch].aim);
  return shortfall + length + width + weigh(stitchRisks(seam, stitch, size.lengthMm, size.widthMm));
}

/** True when a total cost says that the seam gives too little. */
export const fallsShort = (cost: number) => cost >= SHORTFALL.any;
