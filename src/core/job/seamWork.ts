import { type Pace } from './pace';
import type { Cloth } from '../cloth';
import { isTwin, type Machine } from '../kit';
import {
  givenOf,
  isIroned,
  MAIN_ROW,
  type Numbers,
  type Person,
  procedureOf,
  rowOfStep,
  type RowSetups,
  type StepPlan,
  stepsOf,
  type Work,
  workOf,
  workOut,
} from '../procedure';
import { OPERATION } from '../setup';
import type { JobSeam } from './job';
import { NOTION_NEEDS } from './notions';

/** What is used up beside cloth and thread. Amounts in mm or pieces; `lengthMm` of one piece where that matters. */
export interface NotionUse {
  name: string;
  unit: 'mm' | 'count';
  amount: number;
  lengthMm?: number;
}

/** What a seam comes to, all of its count together. Thread in mm, times in minutes by the estimate. */
export interface SeamWork extends Work {
  /** It is meant to be seen: a bobbin should not end in it. */
  shows: boolean;
  /** Something in it is pressed with an iron. */
  presses: boolean;
  notions: NotionUse[];
  /** Why its answers do not go together; then all above is 0. */
  problem: string | null;
}

/** How each row of a seam is held and pressed. */
export type SeamPlans = Readonly<Record<string, StepPlan>>;

/** What a seam is sewn with. */
export interface SewnSo {
  setups: RowSetups | null;
  plans?: SeamPlans;
  /** The fabric of its band, where it has one of its own. */
  band?: Cloth | null;
}

const NOTHING: Omit<SeamWork, 'problem' | 'shows'> = {
  needleMm: 0,
  bobbinMm: 0,
  handMm: 0,
  needleMin: 0,
  handlingMin: 0,
  sewnMm: 0,
  rows: [],
  runs: [],
  presses: false,
  notions: [],
};

/**
 * Thread, time and notions of one seam of a job, from the steps of its operation.
 *
 * @param seam - the seam
 * @param cloth - what it is sewn on
 * @param machine - the machine; a plain one where there is none
 * @param so - the setting and the plan of each row; a plain straight stitch, pressed as its steps say, while there is none
 * @param person - which schools they follow, and what they measure in
 * @returns what it comes to; where its answers do not go together, why
 */
export function seamWork(
  seam: Pick<JobSeam, 'procedureId' | 'answers' | 'count'>,
  cloth: Cloth,
  machine: Machine | null,
  { setups, plans, band }: SewnSo,
  person: Person,
): SeamWork {
  const procedure = procedureOf(seam.procedureId);
  if (!procedure) return { ...NOTHING, shows: false, problem: `There is no operation "${seam.procedureId}".` };
  const shows = OPERATION[procedure.kind].shows === true;
  const { given, how } = givenOf(cloth, procedure, machine, setups, person, band);
  const worked = workOut(procedure, seam.answers, given);
  if (!worked.ok) return { ...NOTHING, shows, problem: problemOf(worked) };
  const { numbers } = worked;
  const steps = stepsOf(procedure, numbers);
  const twins = (row: string) => isTwin((setups?.[row] ?? setups?.[MAIN_ROW])?.needle.point ?? 'universal');
  return {
    ...workOf(steps, numbers, { given, how, twins, times: seam.count }),
    shows,
    presses: steps.some((step, i) => {
      const plan = plans?.[rowOfStep(steps, i)] ?? plans?.[MAIN_ROW];
      return step.with === 'iron' && (!plan || isIroned(step.do, plan));
    }),
    notions: notionsOf(seam, numbers),
    problem: null,
  };
}

function problemOf(worked: { problems: Readonly<Record<string, string>> } | { blocked: readonly { text: string }[] }) {
  return 'blocked' in worked ? worked.blocked[0].text : Object.values(worked.problems)[0];
}

function notionsOf({ procedureId, count }: Pick<JobSeam, 'procedureId' | 'count'>, numbers: Numbers): NotionUse[] {
  return NOTION_NEEDS.filter((need) => need.procedureId === procedureId).map(({ name, unit, number }) =>
    unit === 'each'
      ? { name, unit: 'count', amount: count, lengthMm: numbers[number] }
      : { name, unit, amount: count * numbers[number] },
  );
}

/** Thread of one seam, needle, bobbin and hand together, mm. */
export const threadInAllMm = ({ needleMm, bobbinMm, handMm }: SeamWork): number => needleMm + bobbinMm + handMm;

/** Minutes one seam takes at a person's pace. */
export const minutesAtPace = ({ needleMin, handlingMin }: SeamWork, { factor }: Pick<Pace, 'factor'>): number =>
  (needleMin + handlingMin) * factor;
