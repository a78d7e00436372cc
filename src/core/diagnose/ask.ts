import { rowsOf } from '../result';
import type { Cause } from './causes';
import { type Facts, holds } from './facts';
import type { DiagnoseInput } from './input';
import { LIKELIHOOD } from './likelihood';
import { answerProbability, type Belief } from './network';
import { bestOf, minutesAhead, shares, type Weighable } from './outlook';
import { type AnswerFacts, askMinutes, QUESTION, QUESTION_IDS, type QuestionFacts, type QuestionId } from './questions';
import { cureOf, REMEDIES } from './remedies';

/**
 * A question is asked when it is expected to save so many minutes, its own taken off (model). A single sign has its classic first
 * answer, and that is made; several signs at once leave more open, and a look is quicker than a line; once a change did not help it is
 * time to look more closely.
 */
const WORTH_ASKING_MIN = { oneSign: 1, severalSigns: 0.3, later: 0.15 };

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
const isSettledBy = (change: string | undefined, cause: Cause): boolean =>
  REMEDIES.some((id) => id === change && cureOf(id, cause) >= SETTLES);

/** The causes a question is about. */
const causesAskedOf = ({ answers }: Pick<QuestionFacts, 'answers'>) => Object.keys(answers[0].likelihood) as Cause[];

/** A line that was sewn, the change it was sewn with, and what was answered about it. */
interface AnsweredLine {
  change?: string;
  answers?: readonly { question: string; answer: string }[];
}

/** An answer that is so much rarer where a cause is at work clears it (model). */
const CLEARS = 0.2;

/**
 * The causes that were looked for and found not to be at work.
 *
 * @param answers - what was asked and answered
 */
export const clearedBy = (answers: DiagnoseInput['answers'] = []): ReadonlySet<Cause> =>
  new Set(
    answers.flatMap(({ question, answer }) => {
      const facts = QUESTION[question].answers.find(({ id }) => id === answer);
      if (!facts) return [];
      const likelihoods: Partial<Record<Cause, number>> = facts.likelihood;
      return causesAskedOf(QUESTION[question]).filter(
        (cause) => (likelihoods[cause] ?? facts.otherwise) < CLEARS * facts.otherwise,
      );
    }),
  );

/** Whether an answer found a cause at fault. */
function accuses(question: QuestionId, answer: string, cause: Cause): boolean {
  const facts: AnswerFacts | undefined = QUESTION[question].answers.find(({ id }) => id === answer);
  return facts !== undefined && (facts.likelihood[cause] ?? facts.otherwise) > facts.otherwise;
}

/**
 * What was answered on the lines so far. An answer stays true on the lines after it, until it is given again or until what it found at
 * fault was changed; what was found in order stays so.
 *
 * @param lines - in the order they were sewn
 * @returns each question once, with its last answer; questions that are no longer asked are left out
 */
export function answersOf(lines: readonly AnsweredLine[]): NonNullable<DiagnoseInput['answers']> {
  const standing = new Map<QuestionId, string>();
  for (const { change, answers = [] } of lines) {
    for (const [id, answer] of standing)
      if (causesAskedOf(QUESTION[id]).some((cause) => accuses(id, answer, cause) && isSettledBy(change, cause)))
        standing.delete(id);
    for (const { question, answer } of answers) {
      const id = QUESTION_IDS.find((known) => known === question);
      if (id) standing.set(id, answer);
    }
  }
  return [...standing].map(([question, answer]) => ({ question, answer }));
}

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
  const triedFor = (cause: Cause) => input.history.some(({ change }) => isSettledBy(change, cause));
  const open = rowsOf(QUESTION).filter(
    ({ id, when, unlessKnown, answers }) =>
      !asked.has(id) &&
      causesAskedOf({ answers }).some((cause) => linked.has(cause) && !triedFor(cause)) &&
      holds(facts, when ?? []) &&
      !(unlessKnown && isKnown(input, unlessKnown)),
  );
  const first = bestOf(belief, changes);
  const by = shares(belief);
  const worth = open.flatMap((question) => {
    const about = causesAskedOf(question).reduce((sum, c) => sum + (by[c] ?? 0), 0);
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
  const signs = input.findings.filter(({ severity }) => severity > 0).length;
  const atFirst = WORTH_ASKING_MIN[signs > 1 ? 'severalSigns' : 'oneSign'];
  const least = input.history.length === 0 ? atFirst : WORTH_ASKING_MIN.later;
  return best && minutesAhead(belief, changes) - best.minutes >= least ? best.question : null;
}

const isKnown = (input: DiagnoseInput, what: NonNullable<QuestionFacts['unlessKnown']>) =>
  what === 'needleHours'
    ? input.needleHours !== undefined
    : input.threadQuality !== undefined && input.threadQuality !== 'unknown';
