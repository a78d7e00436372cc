import type { Setup } from '../setup';
import { AT_WORK, CAUSE, type Cause } from './causes';
import type { NextStep } from './input';
import { type Belief, marginals } from './network';
import type { Offer } from './offers';
import { gainOf, shares } from './outlook';
import { askMinutes, NOT_SURE, type QuestionFacts } from './questions';
import { cureOf, REMEDY, type RemedyFacts, type RemedyId, remedyText } from './remedies';
import { timesInTen } from './words';

/** A change in words; `text` is what to do, without the caution. */
function step(change: RemedyFacts, setup: Setup, text: string, why: string): NextStep {
  return {
    change: change.id,
    kind: change.kind,
    ...(change.edit && { setup }),
    text: change.caution ? `${change.caution} ${text}` : text,
    minutes: change.minutes,
    because: why,
  };
}

/** A change that leaves the setting as it is. */
export const plain = (id: RemedyId, setup: Setup, why: string) => step(REMEDY[id], setup, REMEDY[id].text, why);

/**
 * Changes as the steps of an answer, in the order they come in.
 *
 * @param ranked - the changes
 * @param belief - what is believed of the line
 * @param from - its setting
 */
export const stepsOf = (ranked: readonly Offer[], belief: Belief, from: Setup): NextStep[] => {
  const by = shares(belief);
  const likeliest = likeliestOf(belief);
  return ranked.map((offer) => {
    const { change, setup } = offer;
    const text = remedyText(change, from, setup);
    return step(change, setup, text, because(change, by, likeliest));
  });
};

const likeliestOf = (belief: Belief): Cause => {
  const by = marginals(belief);
  return AT_WORK.reduce((best, cause) => (by[cause] > by[best] ? cause : best));
};

/** The likeliest cause it is for, how often that works, and that it is only quick where something else is likelier. */
function because({ id, cures }: RemedyFacts, by: Partial<Record<Cause, number>>, likeliest: Cause): string {
  const of = (cause: Cause) => (by[cause] ?? 0) * cureOf(id, cause);
  const main = (Object.keys(cures) as Cause[]).reduce((best, cause) => (of(cause) > of(best) ? cause : best));
  const works = `Works about ${timesInTen(gainOf(cures, by))}.`;
  return main === likeliest
    ? `Most likely ${CAUSE[main].text}. ${works}`
    : `Quickest to try: perhaps ${CAUSE[main].text}. ${works}`;
}

/** A question as the next step of an answer. */
export const asStep = (question: QuestionFacts): NextStep => ({
  change: question.id,
  kind: 'question',
  text: question.text,
  minutes: askMinutes(question),
  because: 'The answer decides what to change first.',
  answers: [...question.answers.map((a) => ({ id: a.id, text: a.text })), { id: NOT_SURE, text: 'Not sure' }],
});
