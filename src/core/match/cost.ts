import { type Foot, FIBRE, type Needle, type Plate, type Thread } from '../kit';
import {
  feedRisks,
  type Hazard,
  needleRisks,
  perforationRisk,
  seamGive,
  stitchRisks,
  tensionRisks,
  tunnelRisk,
} from '../physics';
import { type Sign, stitchFacts, type StitchId } from '../stitch';
import { measuredGive } from './learn';
import type { Question } from './question';
import type { Aim } from './ruleTypes';

/** How much each sign spoils a seam, when two settings are weighed against each other (model). */
const WEIGHT: Partial<Record<Sign, number>> = {
  skipped: 4,
  'needle-broke': 4,
  perforated: 4,
  wavy: 4,
  'uneven-layers': 4,
  holes: 3,
  shreds: 3,
  'pucker-away': 3,
  'loops-below': 3,
  'loops-above': 3,
  'pucker-line': 2.5,
  'uneven-length': 2.5,
  wandering: 2,
  chewed: 2,
  tunnel: 2,
  popped: 2,
  'hump-stall': 2,
  slippage: 2,
  grinning: 1.5,
  marks: 1.5,
};

/** What a setting that gives too little costs: more than all other faults together, and the shorter the worse. */
const SHORTFALL = { any: 1000, perPercent: 10 };

/** The risks of a setting weighed into one number. */
const weigh = (risks: readonly Hazard[]) =>
  risks.reduce((sum, { sign, level }) => sum + (WEIGHT[sign] ?? 2) * level, 0);

/** How far a value is from what is wanted, as a share of the room practice leaves on that side, squared. */
function miss(value: number, { min, ideal, max }: Aim): number {
  const room = value < ideal ? ideal - min : max - ideal;
  return value === ideal ? 0 : ((value - ideal) / Math.max(room, 0.1)) ** 2;
}

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

/** Two needles make rows of straight stitch: with a swing or a way back they would cross each other's thread. */
export function stitchSuitsNeedle(stitch: StitchId, needle: Needle): boolean {
  const { swings, feedsBackwards } = stitchFacts(stitch);
  return needle.gapMm === undefined || !(swings || feedsBackwards);
}

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

/** What the needle's size adds to a stitch: tearing along the holes. */
export function perforationCost({ seam }: Question, stitch: StitchId, lengthMm: number, nm: number): number {
  return weigh([perforationRisk(seam, stitch, lengthMm, nm)]);
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
  return ruled + off + weigh(feedRisks(seam, foot, plate, stitch, pressure));
}

/** Cost of a tension with a thread. */
export function tensionCost({ seam, learned, input }: Question, thread: Thread, steps: number): number {
  const tested = learned.tensionSteps;
  if (tested) {
    // What worked on scrap outweighs the model of where the threads cross.
    const model = (1 - tested.weight) * weigh(tensionRisks(seam, thread, steps));
    return model + 0.5 * tested.weight * Math.abs(steps - tested.value);
  }
  // Where this machine's own balance lies is where its cards say.
  const own = steps - (input.learned?.tensionSteps ?? 0);
  return 0.15 * Math.abs(own - seam.operation.tensionSteps) + weigh(tensionRisks(seam, thread, own));
}

/** True when a total cost says that the seam gives too little. */
export const fallsShort = (cost: number) => cost >= SHORTFALL.any;
