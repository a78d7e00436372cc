import { rowsSewn } from './rows';
import { type Given, MAIN_ROW, type Numbers, type Step } from './types';
import { type SewnWith, takesOf } from './workOut';

/** What an operation comes to, all pieces together. Thread in mm, times in minutes by the estimate. */
export interface Work {
  needleMm: number;
  bobbinMm: number;
  handMm: number;
  needleMin: number;
  handlingMin: number;
  /** Seam that is sewn, mm. */
  sewnMm: number;
  /** The machine's part of it, row by row. */
  rows: RowWork[];
  /** The rows as the machine goes through them, each for as long as it is set for it; one may come twice. */
  runs: RowRun[];
}

/** One row, sewn without another in between. */
export interface RowRun {
  row: string;
  needleMin: number;
}

/** What one row of an operation comes to, all pieces together. */
export interface RowWork {
  row: string;
  needleMm: number;
  bobbinMm: number;
  needleMin: number;
}

/**
 * Minutes of hands for each step: laying and looking, holding along a line that is sewn, sewing by hand (model: a first
 * guess that the person's own pace corrects).
 */
const HANDS = { look: 1.2, sewn: 0.8, heldPerM: 2, handPerM: 6 };

interface SewnSo {
  given: Given;
  how: SewnWith;
  /** Whether a row is sewn with two needles. */
  twins: (row: string) => boolean;
  /** How many pieces. */
  times: number;
}

/**
 * Thread, needle time and handling of all steps.
 *
 * @param steps - of one piece
 * @param numbers - of `workOut`
 * @param so - how it is sewn, and how often
 */
export function workOf(steps: readonly Step[], numbers: Numbers, { given, how, twins, times }: SewnSo): Work {
  const all = steps.map((step) => ({ step, ...takesOf(step, numbers, given, how) }));
  const sum = (of: (one: (typeof all)[number]) => number) => times * all.reduce((total, one) => total + of(one), 0);
  const byMachine = ({ step, threadMm }: (typeof all)[number]) => (step.sews ? threadMm / 2 : 0);
  return {
    needleMm: sum((one) => byMachine(one) * (twins(one.step.row ?? MAIN_ROW) ? 2 : 1)),
    bobbinMm: sum(byMachine),
    handMm: sum(({ step, threadMm }) => (step.sews ? 0 : threadMm)),
    needleMin: sum(({ minutes }) => minutes),
    handlingMin: sum(({ step, sewnMm, threadMm }) => handsOn(step, sewnMm, threadMm)),
    sewnMm: sum(({ sewnMm }) => sewnMm),
    runs: runsOf(
      all.filter(({ step }) => step.sews),
      times,
    ),
    rows: rowsSewn(steps).map((row) => {
      const own = (of: (one: (typeof all)[number]) => number) =>
        sum((one) => (one.step.sews && (one.step.row ?? MAIN_ROW) === row ? of(one) : 0));
      const bobbinMm = own(byMachine);
      return { row, needleMm: bobbinMm * (twins(row) ? 2 : 1), bobbinMm, needleMin: own(({ minutes }) => minutes) };
    }),
  };
}

/** Steps that are sewn, put together while the row is the same: of many pieces each run is sewn on all of them. */
function runsOf(sewn: readonly { step: Step; minutes: number }[], times: number): RowRun[] {
  const runs: RowRun[] = [];
  for (const { step, minutes } of sewn) {
    const row = step.row ?? MAIN_ROW;
    const last = runs.at(-1);
    if (last?.row === row) last.needleMin += times * minutes;
    else runs.push({ row, needleMin: times * minutes });
  }
  return runs;
}

function handsOn(step: Step, sewnMm: number, threadMm: number): number {
  if (step.sews) return HANDS.sewn + (sewnMm / 1000) * HANDS.heldPerM;
  return HANDS.look + (step.handThread ? (threadMm / 1000) * HANDS.handPerM : 0);
}
