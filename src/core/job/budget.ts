import type { Setup } from '../setup';
import { needleMinutes, threadUse } from '../stitch';

/** One seam to be budgeted. Lengths in mm, thickness total and stitched down, speed as sewn. */
export interface BudgetSeam {
  id: string;
  setup: Pick<Setup, 'stitch' | 'lengthMm' | 'widthMm'>;
  /** What stands on the spool: needle and bobbin may differ. */
  needleColour: string;
  bobbinColour: string;
  thicknessMm: number;
  seamMm: number;
  /** Rows sewn like this. */
  rows: number;
  speedSpm: number;
  /** Minutes of laying, pinning and turning beside the sewing itself. */
  handlingMin: number;
}

/** Thread and time of one seam, mm and minutes. */
export interface SeamBudget {
  id: string;
  needleMm: number;
  bobbinMm: number;
  needleMin: number;
  minutes: number;
}

/** Thread left hanging at each end of each row, per thread, mm (common practice). */
const TAIL_MM = 100;

/**
 * Thread and time of one seam.
 *
 * Thread from the stitch's polyline, with a tail at both ends of every row; time is the needle's own plus handling.
 *
 * @param seam - the seam
 * @returns mm of each thread, minutes of needle and in all
 * @example
 * seamBudget({ id: 'a', setup: { stitch: 'straight', lengthMm: 2.5, widthMm: 0 }, needleColour: 'red', bobbinColour: 'red', thicknessMm: 1, seamMm: 1000, rows: 1, speedSpm: 400, handlingMin: 2 }) // => { id: 'a', needleMm: 1600, bobbinMm: 1600, needleMin: 1, minutes: 3 }
 */
export function seamBudget(seam: BudgetSeam): SeamBudget {
  const { setup, thicknessMm, seamMm, rows, speedSpm } = seam;
  const one = threadUse({ ...setup, thicknessMm, seamMm });
  const tails = rows * 2 * TAIL_MM;
  const needleMin = rows * needleMinutes(setup.stitch, setup.lengthMm, seamMm, speedSpm);
  return {
    id: seam.id,
    needleMm: rows * one.needleMm + tails,
    bobbinMm: rows * one.bobbinMm + tails,
    needleMin,
    minutes: needleMin + seam.handlingMin,
  };
}

/** Bobbins of one colour: how many, and in which seam each runs out. */
export interface BobbinPlan {
  colour: string;
  totalMm: number;
  bobbins: number;
  runsOut: { seamId: string; afterMm: number }[];
}

/** A wound bobbin is planned on nine tenths: the last turns are uneven and slip (common practice). */
const PLANNED_SHARE = 0.9;

/**
 * How many bobbins each colour takes, and where each would run out.
 *
 * @param seams - in the order they are sewn
 * @param capacityMm - thread on one full bobbin, mm, above 0
 * @returns one plan for each bobbin colour, in order of first use
 * @throws when the capacity is not above 0
 */
export function bobbinPlans(seams: readonly BudgetSeam[], capacityMm: number): BobbinPlan[] {
  if (!(capacityMm > 0)) throw new Error(`bobbinPlans: expected a capacity above 0, got ${capacityMm}`);
  const full = capacityMm * PLANNED_SHARE;
  const plans = new Map<string, BobbinPlan>();
  for (const seam of seams) {
    const { bobbinMm } = seamBudget(seam);
    const plan = plans.get(seam.bobbinColour) ?? { colour: seam.bobbinColour, totalMm: 0, bobbins: 0, runsOut: [] };
    plans.set(seam.bobbinColour, plan);
    const before = plan.totalMm;
    // A bobbin used up at the very end of a seam runs out at the start of the next.
    const first = Math.max(1, plan.bobbins);
    plan.totalMm += bobbinMm;
    plan.bobbins = Math.max(first, Math.ceil(plan.totalMm / full - 1e-9));
    for (let end = first; end < plan.bobbins; end += 1) {
      // The seam's own length at which the thread ends, its tails shared evenly over it.
      const afterMm = ((end * full - before) / bobbinMm) * seam.seamMm * seam.rows;
      plan.runsOut.push({ seamId: seam.id, afterMm });
    }
  }
  return [...plans.values()];
}

/**
 * Needle thread of each colour.
 *
 * @param seams - the seams
 * @returns mm by colour
 */
export function needleThread(seams: readonly BudgetSeam[]): Record<string, number> {
  const totals: Record<string, number> = {};
  for (const seam of seams) totals[seam.needleColour] = (totals[seam.needleColour] ?? 0) + seamBudget(seam).needleMm;
  return totals;
}
