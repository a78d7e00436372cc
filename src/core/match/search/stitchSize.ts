import { FIBRE, type Needle, type Thread } from '../../kit';
import { GIVE_MARGIN, seamGive, stitchRisks } from '../../physics';
import { stitchFacts, type StitchId } from '../../stitch';
import type { Question } from '../question';
import { measuredGive } from './learn';
import { miss, weigh } from './weigh';

/** What a setting that gives too little costs: more than all other faults together, and the shorter the worse. */
const SHORTFALL = { any: 1000, perPercent: 10 };

/** What a setting costs that gives enough, but not the tenth more that its scrap is pulled to; twice that at the very edge. */
const BARELY = 1.5;

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

/** Cost of a stitch at a length and width, whatever thread it is sewn with and whatever it has to give. */
export function sizeCost(
  { seam, aims }: Question,
  stitch: StitchId,
  { lengthMm, widthMm }: { lengthMm: number; widthMm: number },
): number {
  const length = 0.8 * miss(lengthMm, aims.length[stitch].aim);
  const width = widthMm === 0 ? 0 : 0.6 * miss(widthMm, aims.width[stitch].aim);
  return length + width + weigh(stitchRisks(seam, stitch, lengthMm, widthMm));
}

/** What it costs that a stitch with a thread gives too little; 0 where it gives enough or nothing has to give. */
export function shortfallCost(
  question: Question,
  stitch: StitchId,
  size: { lengthMm: number; widthMm: number },
  thread: Pick<Thread, 'fibre'>,
  twinGapMm?: number,
): number {
  const { percent } = question.seam.required;
  if (percent === 0) return 0;
  const gives = surestGive(question, stitch, size, thread, twinGapMm);
  if (gives < percent) return SHORTFALL.any + SHORTFALL.perPercent * (percent - gives);
  // The scrap is pulled a tenth further than the seam is worn: what only just gives would fail there.
  const barely = (GIVE_MARGIN * percent - gives) / ((GIVE_MARGIN - 1) * percent);
  return barely > 0 ? BARELY * (1 + barely) : 0;
}

/** Cost of a stitch at a length and width with a thread that stretches so far, the needle's size aside. */
export const stitchCost = (
  question: Question,
  stitch: StitchId,
  size: { lengthMm: number; widthMm: number },
  thread: Pick<Thread, 'fibre'>,
  twinGapMm?: number,
): number => sizeCost(question, stitch, size) + shortfallCost(question, stitch, size, thread, twinGapMm);

/** True when a total cost says that the seam gives too little. */
export const fallsShort = (cost: number) => cost >= SHORTFALL.any;

/**
 * What a stitch would give at its usual size with all-purpose thread, for stitches the rules took out unsearched.
 *
 * @param question - opened question
 * @param stitch - the stitch
 * @returns cautious give in percent
 */
export function usualGive(question: Question, stitch: StitchId): number {
  const { length, width } = question.aims;
  const widthMm = stitchFacts(stitch).swings ? width[stitch].aim.ideal : 0;
  return cautiousGive(question, stitch, { lengthMm: length[stitch].aim.ideal, widthMm }, { fibre: 'polyester' }).low;
}
