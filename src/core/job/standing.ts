import type { UnitSystem } from '../units';
import { sum } from '../numbers';
import { type Cloth, UNKNOWN_CLOTH } from '../cloth';
import type { Machine } from '../kit';
import { MAIN_ROW, type RowSetups } from '../procedure';
import type { Operation, Schools, Setup } from '../setup';
import { type Budget, budgetOf, type Owned } from './budget';
import type { Job, JobSeam } from './job';
import { type ScheduleInput, type Weighed, weighOrder } from './order';
import { type Pace, timeSpread, type TimeSpread } from './pace';
import {
  inOrder,
  isMachined,
  kindOf,
  orderQuestion,
  otherClothId,
  type Proof,
  SCRAP_MIN,
  type SeamNow,
  type WorkItem,
  workLeft,
} from './plan';
import { isSewn, type Progress, progressOf, type SewnRun } from './progress';
import { type SeamPlans, seamWork } from './seamWork';
import { type Timeline, timelineOf } from './timeline';

/** A setting for a seam, and whether it is proven. */
export interface SeamSetting {
  /** Of each row; null while that of the main row is not known, or no machine sews it. */
  setups: RowSetups | null;
  /** How each row is held and pressed; left out while Match has not said. */
  plans?: SeamPlans;
  proof: Proof;
  cardId: string | null;
}

/** What the workroom says about a job. */
export interface Surroundings {
  machine: Machine | null;
  /** Null for a cloth that is not in the drawer. */
  clothOf: (id: string | null) => Cloth | null;
  settingOf: (seam: JobSeam) => SeamSetting;
  runs: readonly (SewnRun & { id: string; atItSeconds: number })[];
  scraps: readonly {
    id: string;
    clothId: string;
    secondId: string | null;
    machineId: string;
    operation: Pick<Operation, 'kind'>;
  }[];
  /** What is on the machine now; null when nothing is known. */
  on: Setup | null;
  owned: Owned;
  schools: Schools;
  /** What the person measures in; metric unless said. */
  system?: UnitSystem;
  todayMinutes: number;
  pace: Pace;
}

/** A job with everything that follows from it today. */
export interface Standing {
  seams: SeamNow[];
  /** What is left to do, in order. */
  items: WorkItem[];
  question: ScheduleInput;
  weighed: Weighed;
  timeline: Timeline;
  progress: Progress;
  /** What is left: sewing at the person's pace, with the changes in the order as it is. */
  left: TimeSpread;
  /** What the whole of it takes, and what the rest of it still takes. */
  budget: Budget;
  restBudget: Budget;
  /** Minutes the needle runs in the whole job. */
  needleMin: number;
  /** Minutes spent so far, as the timer counted them. */
  tookMin: number;
  /** Settings are still being worked out. */
  waiting: boolean;
}

/**
 * Where a job stands today: its seams, what is left in which order and along which time, and what it takes.
 *
 * @param job - the job
 * @param around - what the workroom says about it
 * @returns everything its screens show
 */
export function jobStanding(job: Job, around: Surroundings): Standing {
  const { machine, on, pace, owned, todayMinutes, clothOf } = around;
  const seams = job.seams.map((seam) => seamNow(job, seam, around));
  const items = inOrder(workLeft(job, seams), job.order);
  const question = orderQuestion(job, items, on, pace.factor);
  const order = items.map(({ id }) => id);
  const weighed = weighOrder(question, order);
  const timeline = timelineOf(question, items, weighed.changes);
  const expected = items.map(({ kind, now: { work } }) =>
    kind === 'scrap' ? SCRAP_MIN / pace.factor : work.needleMin + work.handlingMin,
  );
  const rest = items.flatMap((item) => (item.kind === 'seam' ? [item.now] : []));
  const sewnFirst = [...seams.filter(({ state }) => state === 'done'), ...rest];
  const familyOf = ({ seam }: SeamNow) => (clothOf(seam.clothId) ?? UNKNOWN_CLOTH).family;
  return {
    seams,
    items,
    question,
    weighed,
    timeline,
    progress: progressOf(seams, timeline.stops, todayMinutes),
    left: timeSpread(expected, pace, weighed.cost),
    budget: budgetOf(job, sewnFirst, machine, owned, familyOf),
    restBudget: budgetOf(job, rest, machine, owned, familyOf),
    needleMin: sum(seams.map(({ work }) => work.needleMin)),
    tookMin: sum(around.runs.filter((run) => run.jobId === job.id).map((run) => run.atItSeconds / 60)),
    waiting: seams.some(isWaiting),
  };
}

const isWaiting = ({ seam, setup, state }: SeamNow) =>
  state !== 'done' && seam.clothId !== null && !setup && isMachined(seam.procedureId);

function seamNow(job: Job, seam: JobSeam, around: Surroundings): SeamNow {
  const { clothOf, machine, settingOf, runs, scraps, schools, system } = around;
  const { setups, plans, proof, cardId } = settingOf(seam);
  const own = runs.filter((r) => r.jobId === job.id && r.seamId === seam.id);
  const begun = own.find((r) => r.status !== 'done');
  const sewn = own.find((r) => r.status === 'done' && r.outcome !== 'unpick');
  const kind = kindOf(seam.procedureId);
  const scrap = scraps.find(
    ({ clothId, machineId, secondId, operation }) =>
      clothId === seam.clothId &&
      machineId === job.machineId &&
      operation.kind === kind &&
      secondId === otherClothId(seam),
  );
  return {
    seam,
    setup: setups?.[MAIN_ROW] ?? null,
    setups,
    work: seamWork(
      seam,
      clothOf(seam.clothId) ?? UNKNOWN_CLOTH,
      machine,
      { setups, plans, band: clothOf(seam.bandClothId) },
      { schools, system },
    ),
    proof,
    cardId,
    scrapId: scrap?.id ?? null,
    state: isSewn(job, seam, own) ? 'done' : begun ? 'begun' : 'to do',
    runId: begun?.id ?? sewn?.id ?? null,
  };
}
