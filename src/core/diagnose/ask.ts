import { rowsOf } from '../result';
import type { Cause } from './causes';
import { REMEDY } from './remedies';
import { type Facts, holds } from './facts';
import type { DiagnoseInput } from './input';
import { LIKELIHOOD } from './likelihood';
import { ASK_MIN, type AnswerFacts, NOT_SURE, QUESTION, type QuestionFacts } from './questions';

/** The probability of every cause, adding up to 1. */
export type Posterior = Readonly<Record<Cause, number>>;

/** An answer is worth asking for when it makes the next step so much better, for each minute: a cheap check is sooner done. */
const BETTER = 1.5;

/** The causes that show as one of the signs that were seen; what has nothing to do with them is neither asked nor changed. */
export function linkedCauses({ findings }: Pick<DiagnoseInput, 'findings'>): ReadonlySet<Cause> {
  const seen = findings.filter(({ severity }) => severity > 0);
  return new Set(seen.flatMap(({ sign }) => Object.keys(LIKELIHOOD[sign]) as Cause[]));
}

/** A change that cures a cause so surely has answered the question by how it went. */
const SETTLES = 0.8;

const causesOf = (answers: readonly AnswerFacts[]) => Object.keys(answers[0].likelihood) as Cause[];

/** How likely an answer is under a cause. */
const likelihoodOf = (answer: AnswerFacts, cause: Cause) => answer.likelihood[cause] ?? answer.otherwise;

/**
 * What the answers given so far say of a cause.
 *
 * @param cause - the cause
 * @param answers - as given; one that says nothing, or is not known, moves nothing
 * @returns how likely they are under it
 */
export function answered(cause: Cause, answers: NonNullable<DiagnoseInput['answers']>): number {
  return answers.reduce((product, { question, answer }) => {
    const facts = QUESTION[question].answers.find((a) => a.id === answer);
    return facts && answer !== NOT_SURE ? product * likelihoodOf(facts, cause) : product;
  }, 1);
}

function posteriorAfter(posterior: Posterior, answer: AnswerFacts): { probability: number; posterior: Posterior } {
  const entries = (Object.entries(posterior) as [Cause, number][]).map(
    ([cause, p]) => [cause, p * likelihoodOf(answer, cause)] as const,
  );
  const probability = entries.reduce((sum, [, p]) => sum + p, 0);
  return {
    probability,
    posterior: Object.fromEntries(entries.map(([cause, p]) => [cause, p / probability])) as unknown as Posterior,
  };
}

/**
 * The question worth asking before anything is changed.
 *
 * Weighed like any other step: what the best step gains for each minute now, against what the best step after each answer would
 * gain, the time of asking included. One that leaves the same step best whatever is answered gains nothing and is not asked.
 *
 * @param input - the line
 * @param facts - of the line
 * @param posterior - of the causes now
 * @param best - gain and minutes of the best step under a posterior
 * @returns the question, or null when acting is better
 */
export function questionWorthAsking(
  input: DiagnoseInput,
  facts: Facts,
  posterior: Posterior,
  best: (posterior: Posterior) => { gain: number; minutes: number } | null,
): QuestionFacts | null {
  const now = best(posterior);
  if (!now) return null;
  const asked = new Set((input.answers ?? []).map((a) => a.question));
  const linked = linkedCauses(input);
  const triedFor = (cause: Cause) => input.history.some(({ change }) => (REMEDY[change].cures[cause] ?? 0) >= SETTLES);
  const open = rowsOf(QUESTION).filter(
    ({ id, when, unlessKnown, answers }) =>
      !asked.has(id) &&
      causesOf(answers).some((cause) => linked.has(cause) && !triedFor(cause)) &&
      holds(facts, when ?? []) &&
      !(unlessKnown && isKnown(input, unlessKnown)),
  );
  const worth = open.map((question) => {
    const value = question.answers.reduce((sum, answer) => {
      const then = posteriorAfter(posterior, answer);
      const step = best(then.posterior);
      return sum + (step ? (then.probability * step.gain) / (step.minutes + ASK_MIN) : 0);
    }, 0);
    return { question, value };
  });
  const most = worth.sort((a, b) => b.value - a.value)[0];
  return most && most.value > (BETTER * now.gain) / now.minutes ? most.question : null;
}

const isKnown = (input: DiagnoseInput, what: NonNullable<QuestionFacts['unlessKnown']>) =>
  what === 'needleHours'
    ? input.needleHours !== undefined
    : input.threadQuality !== undefined && input.threadQuality !== 'unknown';
