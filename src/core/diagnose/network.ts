import type { Sign } from '../stitch';
import { AT_WORK, type Cause, priorOf } from './causes';
import type { Facts } from './facts';
import type { DiagnoseInput } from './input';
import { LIKELIHOOD, SOMETHING_ELSE } from './likelihood';
import { NOT_SURE, QUESTION } from './questions';
import { cureOf, REMEDY, type RemedyId } from './remedies';

/** Causes that are at work together: none, one or two of them. */
export interface CauseSet {
  causes: readonly Cause[];
  probability: number;
}

/** What is believed of a line: every set of causes with its probability; they add up to 1. */
export type Belief = readonly CauseSet[];

/** From the second degree on a sign shows less often (model): shares of the causes' strength for slight, clear and bad. */
const FALLS = [1, 0.75, 0.4] as const;
/** A sign that is there although nothing on the list causes it: slight, clear, bad (model). */
const LEAKS = [0.012, 0.0006, 0.0002] as const;

/** Nobody asks about a line for nothing: so much less likely is it that nothing is wrong (model). */
const ASKED = 0.2;

/**
 * What an observer reports: a row for each true severity 0 … 3, a column for each reported one (model). About one
 * slight sign in six is overlooked, and about one in fifty misread.
 */
const OBSERVED: readonly (readonly [number, number, number, number])[] = [
  [0.9845, 0.015, 0.0004, 0.0001],
  [0.165, 0.815, 0.018, 0.002],
  [0.02, 0.04, 0.9, 0.04],
  [0.004, 0.006, 0.04, 0.95],
];

const strengthOf = (cause: Cause, sign: Sign): number =>
  cause === 'something-else' ? SOMETHING_ELSE : (LIKELIHOOD[sign][cause] ?? 0);

/**
 * How likely a report of a sign is under these causes: noisy-or with a leak, seen by an observer who errs.
 *
 * @param sign - the sign
 * @param told - the severity that was told, 0 looked for and not seen … 3
 * @param causes - what is at work
 */
export function toldProbability(sign: Sign, told: number, causes: readonly Cause[]): number {
  const least = FALLS.map((share, k) =>
    causes.reduce((none, cause) => none * (1 - share * strengthOf(cause, sign)), 1 - LEAKS[k]),
  );
  // least[k]: that it is less than k + 1.
  const exactly = [least[0], least[1] - least[0], least[2] - least[1], 1 - least[2]];
  return exactly.reduce((sum, p, severity) => sum + p * OBSERVED[severity][told], 0);
}

/** How much likelier a cause is to be still at work after a change that is made by degrees helped. */
const HELPED = 3;
/** By degrees a single step may be too small to be seen (model). */
const BY_DEGREES = 0.55;

/** What the changes that were tried say of a cause that would still be at work. */
function tried(cause: Cause, history: DiagnoseInput['history']): number {
  const told = new Map<RemedyId, DiagnoseInput['history'][number]['result']>();
  for (const { change, result } of history) told.set(change, result);
  let factor = 1;
  for (const [change, result] of told) {
    const { again } = REMEDY[change];
    const cure = cureOf(change, cause);
    if (cure === 0) continue;
    if (result === 'better' && again) factor *= 1 + (HELPED - 1) * cure;
    else factor *= 1 - (again && result === 'same' ? BY_DEGREES : 1) * cure;
  }
  return factor;
}

/** What the answers given so far say of a set of causes: the one that speaks most for the answer decides. */
function answered(causes: readonly Cause[], answers: NonNullable<DiagnoseInput['answers']>): number {
  return answers.reduce((product, { question, answer }) => product * answerProbability(question, answer, causes), 1);
}

/**
 * How likely an answer is when these causes are at work.
 *
 * @param question - its id
 * @param answer - the answer's id; one that says nothing is as likely under all
 * @param causes - what is at work
 */
export function answerProbability(question: keyof typeof QUESTION, answer: string, causes: readonly Cause[]): number {
  const facts = QUESTION[question].answers.find(({ id }) => id === answer);
  if (!facts || answer === NOT_SURE) return 1;
  const own = causes.flatMap((cause) => facts.likelihood[cause] ?? []);
  if (own.length === 0) return facts.otherwise;
  // Of two causes that the question is about the one that is farther from the usual answer is the one heard.
  return own.reduce((far, p) => (Math.abs(p - facts.otherwise) > Math.abs(far - facts.otherwise) ? p : far));
}

/**
 * Every set of at most two causes with its probability, given what was seen, tried and answered.
 *
 * A sign that nobody looked for says nothing. A cause that shows none of what was seen keeps its prior.
 *
 * @param input - checked input
 * @param facts - of the line
 * @param base - base rates to use instead of those of the table
 * @returns probabilities that add up to 1, the empty set first
 */
export function beliefOf(input: DiagnoseInput, facts: Facts, base?: Partial<Record<Cause, number>>): Belief {
  const { findings, history } = input;
  const answers = input.answers ?? [];
  const one = AT_WORK.map((cause) => {
    const prior = priorOf(cause, facts, base);
    return { cause, odds: (prior / (1 - prior)) * tried(cause, history) };
  });
  const seen = findings.map(({ sign, severity }) => table(sign, severity));
  const weigh = (odds: number, i: number, j: number, causes: readonly Cause[]): CauseSet => {
    let probability = odds * (answers.length === 0 ? 1 : answered(causes, answers));
    for (const { none, steps, always } of seen) {
      let told = always;
      for (let k = 0; k < 3; k += 1) told += steps[k] * none[k][i] * none[k][j] * (1 - LEAKS[k]);
      probability *= told;
    }
    return { causes, probability };
  };
  const NOBODY = AT_WORK.length;
  const sets = [weigh(ASKED, NOBODY, NOBODY, [])];
  one.forEach(({ cause, odds }, i) => {
    sets.push(weigh(odds, NOBODY, i, [cause]));
    for (let j = 0; j < i; j += 1) sets.push(weigh(odds * one[j].odds, j, i, [one[j].cause, cause]));
  });
  const sum = sets.reduce((all, { probability }) => all + probability, 0);
  return sets.map(({ causes, probability }) => ({ causes, probability: probability / sum }));
}

/** `toldProbability` of one finding as tables by the place of each cause, with one more place for no cause: there are over a thousand sets. */
function table(sign: Sign, told: number) {
  const none = FALLS.map((share) => [...AT_WORK.map((cause) => 1 - share * strengthOf(cause, sign)), 1]);
  // Each severity has its own probability of being reported, so that the sum is one product for each degree.
  const steps = [0, 1, 2].map((k) => OBSERVED[k][told] - OBSERVED[k + 1][told]);
  return { none, steps, always: OBSERVED[3][told] };
}

/**
 * The probability that each cause is at work, alone or with another.
 *
 * @param belief - of a line
 * @returns by cause; `nothing` is that none is
 */
export function marginals(belief: Belief): Record<Cause, number> {
  const out = Object.fromEntries([...AT_WORK, 'nothing' as const].map((cause) => [cause, 0])) as Record<Cause, number>;
  for (const { causes, probability } of belief) {
    if (causes.length === 0) out.nothing += probability;
    for (const cause of causes) out[cause] += probability;
  }
  return out;
}
