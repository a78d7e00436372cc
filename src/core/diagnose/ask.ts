import { rowsOf } from '../result';
import type { Cause } from './causes';
import { type Facts, holds } from './facts';
import type { DiagnoseInput } from './input';
import { LIKELIHOOD } from './likelihood';
import { answerProbability, type Belief } from './network';
import { bestOf, minutesAhead, shares, type Weighable } from './outlook';
import { askMinutes, QUESTION, type QuestionFacts } from './questions';
import { cureOf } from './remedies';

/**
 * A question is asked when it is expected to save so many minutes, its own taken off (model): at first the obvious change is made;
 * when it did not help it is time to look more closely.
 */
const WORTH_ASKING_MIN = { atFirst: 1, later: 0.15 };

/** Nobody asks after what is hardly suspected: its share of what is wrong (model). */
const SUSPECTED = 0.12;

/** A length that comes out so far from its dial is a sign of its own: shares of it. */
export const LENGTH_OFF = { short: 0.88, long: 1.12 };

/** The causes that show as one of the signs that were seen; what has nothing to do with them is neither asked nor changed. */
export function linkedCauses(
  { findings }: Pick<DiagnoseInput, 'findings'>,
  { lengthShare }: Facts,
): ReadonlySet<Cause> {
  const seen = findings.filter(({ severity }) => severity > 0);
  return new Set([
    ...seen.flatMap(({ sign }) => Object.keys(LIKELIHOOD[sign]) as Cause[]),
    ...(lengthShare !== undefined && lengthShare < LENGTH_OFF.short ? (['stitch-too-short'] as const) : []),
    ...(lengthShare !== undefined && lengthShare >= LENGTH_OFF.long ? (['stitch-too-long'] as const) : []),
  ]);
}

/** A change that cures a cause so surely has answered the question by how it went. */
const SETTLES = 0.8;

/** What is believed after an answer, and how likely it is to be given. */
function after(belief: Belief, question: QuestionFacts, answer: string): { probability: number; belief: Belief } {
  const sets = belief.map(({ causes, probability }) => ({
    causes,
    probability: probability * answerProbability(question.id, answer, causes),
  }));
  const probability = sets.reduce((sum, set) => sum + set.probability, 0);
  return { probability, belief: sets.map((set) => ({ ...set, probability: set.probability / probability })) };
}

/**
 * The question worth asking before anything is changed: the one after whose answers the least is expected to be left.
 *
 * @param input - the line
 * @param facts - of the line
 * @param belief - what is believed now
 * @param changes - what can be done
 * @returns the question, or null when acting is better
 */
export function questionWorthAsking(
  input: DiagnoseInput,
  facts: Facts,
  belief: Belief,
  changes: readonly Weighable[],
): QuestionFacts | null {
  if (changes.length === 0) return null;
  const asked = new Set((input.answers ?? []).map((a) => a.question));
  const linked = linkedCauses(input, facts);
  const triedFor = (cause: Cause) => input.history.some(({ change }) => cureOf(change, cause) >= SETTLES);
  const open = rowsOf(QUESTION).filter(
    ({ id, when, unlessKnown, answers }) =>
      !asked.has(id) &&
      (Object.keys(answers[0].likelihood) as Cause[]).some((cause) => linked.has(cause) && !triedFor(cause)) &&
      holds(facts, when ?? []) &&
      !(unlessKnown && isKnown(input, unlessKnown)),
  );
  const first = bestOf(belief, changes);
  const by = shares(belief);
  const worth = open.flatMap((question) => {
    const about = (Object.keys(question.answers[0].likelihood) as Cause[]).reduce((sum, c) => sum + (by[c] ?? 0), 0);
    if (about < SUSPECTED) return [];
    const then = question.answers.map(({ id }) => after(belief, question, id));
    // An answer that leaves the same step best is not worth hearing.
    if (then.every((one) => bestOf(one.belief, changes) === first)) return [];
    const minutes = then.reduce(
      (sum, one) => sum + one.probability * minutesAhead(one.belief, changes),
      askMinutes(question),
    );
    return [{ question, minutes }];
  });
  const [best] = worth.sort((a, b) => a.minutes - b.minutes);
  const least = input.history.length === 0 ? WORTH_ASKING_MIN.atFirst : WORTH_ASKING_MIN.later;
  return best && minutesAhead(belief, changes) - best.minutes >= least ? best.question : null;
}

const isKnown = (input: DiagnoseInput, what: NonNullable<QuestionFacts['unlessKnown']>) =>
  what === 'needleHours'
    ? input.needleHours !== undefined
    : input.threadQuality !== undefined && input.threadQuality !== 'unknown';
