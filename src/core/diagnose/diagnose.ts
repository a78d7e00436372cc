import { FULL_KIT } from '../kit';
import type { Setup } from '../setup';
import type { Sign } from '../stitch';
import { applyEdit } from './apply';
import { answered, linkedCauses, type Posterior, questionWorthAsking } from './ask';
import { CAUSE, type Cause, CAUSES } from './causes';
import { type RemedyFacts, type RemedyId, REMEDY, REMEDY_LIST } from './remedies';
import { type Facts, factsOf, holds, machineOf } from './facts';
import type { DiagnoseInput, DiagnoseOutput, NextStep } from './input';
import { LEAK, LIKELIHOOD, SOMETHING_ELSE } from './likelihood';
import { ASK_MIN, NOT_SURE, type QuestionFacts, type QuestionId } from './questions';

/** A line sewn again to see whether a change helped, with laying and looking, minutes (model). */
const LINE_MIN = 2;
/** Under this probability of helping, nothing on the list is worth another line. */
const WORTH = 0.06;
/** The bobbin screw is offered only when nothing else has this probability of helping. */
const BEFORE_BOBBIN = 0.08;

/**
 * What is behind the signs of a line, and the one thing to do next.
 *
 * One cause at a time: posterior from cloth, setting and needle, times how strongly each cause shows what was seen and hides
 * what was looked for and not seen (noisy-or with a leak), times how what was tried went. The next step is the one with the
 * most improvement to expect for each minute, its line included; a question is asked instead when its answer would split the causes
 * better. What failed is not proposed again; the bobbin screw only
 * when all else is spent, and the technician when nothing is worth another line.
 *
 * @param input - checked input
 * @returns causes by probability, the next step, up to three after it, and when to stop
 */
export function diagnose(input: DiagnoseInput): DiagnoseOutput {
  const facts = factsOf({ ...input, tried: input.history.length });
  const posterior = posteriorOf(input, facts);
  const causes = CAUSES.map((cause) => ({ cause, probability: posterior[cause] })).sort(
    (a, b) => b.probability - a.probability || CAUSES.indexOf(a.cause) - CAUSES.indexOf(b.cause),
  );
  const offers = offersOf(input, facts);
  const steps = ranked(offers, posterior).map((offer) => stepOf(offer, posterior));
  const [next, ...then] = steps;
  if (!next) return { causes, next: step(REMEDY.technician, input.setup, NOTHING_LEFT), then: [], stop: STOP };
  const question = questionWorthAsking(input, facts, posterior, (then) => bestOf(offers, then));
  if (question) return { causes, next: asStep(question), then: steps.slice(0, 3) };
  return { causes, next, then: then.slice(0, 3), ...(next.change === 'bobbin-tension' && { stop: STOP }) };
}

/**
 * The next remedy for a person who can answer no question.
 *
 * @param input - checked input
 * @returns what `diagnose` says once every question was answered with "not sure"
 */
export function diagnoseUnanswered(input: DiagnoseInput): DiagnoseOutput & { next: { change: RemedyId } } {
  const said = diagnose(input);
  if (said.next.kind !== 'question') return said as DiagnoseOutput & { next: { change: RemedyId } };
  const question = said.next.change as QuestionId;
  return diagnoseUnanswered({ ...input, answers: [...(input.answers ?? []), { question, answer: NOT_SURE }] });
}

const NOTHING_LEFT = 'Nothing else on the list is likely enough to help to be worth another line.';
const STOP =
  'What is worth trying has been tried. Go back to the last line that was good; if there is none, take the machine to a qualified technician.';

function posteriorOf(input: DiagnoseInput, facts: Facts): Posterior {
  const plain = input.findings.some(({ severity }) => severity >= 2);
  const weights = CAUSES.map((cause) => {
    let weight = CAUSE[cause].prior;
    for (const { when, factor } of CAUSE[cause].factors) if (holds(facts, when)) weight *= factor;
    for (const { sign, severity } of input.findings) weight *= shows(cause, sign, severity, plain);
    for (const { change, result } of input.history) weight *= after(cause, change, result);
    weight *= answered(cause, input.answers ?? []);
    return weight;
  });
  const sum = weights.reduce((all, w) => all + w, 0);
  return Object.fromEntries(CAUSES.map((cause, i) => [cause, weights[i] / sum])) as Record<Cause, number>;
}

/** How well a cause explains a sign that was seen, or one that was looked for and not there. */
function shows(cause: Cause, sign: Sign, severity: number, plain: boolean): number {
  const strength = cause === 'something-else' ? SOMETHING_ELSE : (LIKELIHOOD[sign][cause] ?? 0);
  const seen = 1 - (1 - strength) * (1 - LEAK);
  if (severity === 0) return 1 - seen;
  // A slight sign says less: its likelihood lies nearer to that of any cause. Beside a plain one it hardly counts, for the line
  // would pass with it.
  return severity === 1 ? seen ** (plain ? 0.2 : 0.5) : seen;
}

/** What a change that was tried says of a cause. */
function after(cause: Cause, change: RemedyId, result: 'better' | 'same' | 'worse'): number {
  const cure = REMEDY[change].cures[cause] ?? 0;
  if (result === 'better') return 0.15 + 1.7 * cure;
  return Math.max(0.03, 1 - cure);
}

/** A change that can be made to this line, with the setting it would become. */
interface Offer {
  change: RemedyFacts;
  setup: Setup;
}

interface Weighed extends Offer {
  gain: number;
  perMinute: number;
}

function offersOf(input: DiagnoseInput, facts: Facts): Offer[] {
  const machine = machineOf(input);
  const kit = input.kit ?? FULL_KIT;
  const linked = linkedCauses(input);
  return REMEDY_LIST.flatMap((change) => {
    const tries = input.history.filter((h) => h.change === change.id);
    const spent = tries.length > 0 && !(change.again && tries.at(-1)!.result === 'better' && tries.length < 3);
    if (spent || (change.when && !holds(facts, change.when))) return [];
    const { setup } = change.edit ? applyEdit(change.edit, { ...input, machine, kit }) : input;
    if (!(Object.keys(change.cures) as Cause[]).some((cause) => linked.has(cause))) return [];
    return setup ? [{ change, setup }] : [];
  });
}

/** What is worth doing, the best for each minute first. */
function ranked(offers: readonly Offer[], posterior: Posterior): Weighed[] {
  const weighed = offers.map((offer): Weighed => {
    const gain = gainOf(offer.change, posterior);
    return { ...offer, gain, perMinute: gain / (offer.change.minutes + LINE_MIN) };
  });
  const plain = weighed.filter(({ change: { id } }) => id !== 'bobbin-tension' && id !== 'technician');
  const worth = plain.filter(({ gain }) => gain >= WORTH);
  const bobbin = weighed.filter(({ change: { id }, gain }) => id === 'bobbin-tension' && gain >= WORTH / 2);
  const pool = worth.some(({ gain }) => gain >= BEFORE_BOBBIN) ? worth : [...worth, ...bobbin];
  return pool.sort((a, b) => b.perMinute - a.perMinute || b.gain - a.gain);
}

function bestOf(offers: readonly Offer[], posterior: Posterior): { gain: number; minutes: number } | null {
  const [best] = ranked(offers, posterior);
  return best ? { gain: best.gain, minutes: best.change.minutes + LINE_MIN } : null;
}

const gainOf = ({ cures }: RemedyFacts, posterior: Posterior) =>
  Object.entries(cures).reduce((sum, [cause, cure]) => sum + posterior[cause as Cause] * cure, 0);

function mainCause({ cures }: RemedyFacts, posterior: Posterior): Cause {
  const by = (cause: Cause) => posterior[cause] * (cures[cause] ?? 0);
  return (Object.keys(cures) as Cause[]).sort((a, b) => by(b) - by(a))[0];
}

function stepOf({ change, setup, gain }: Weighed, posterior: Posterior): NextStep {
  const percent = Math.round(100 * Math.min(0.99, gain));
  return step(
    change,
    setup,
    `About ${percent} in 100 that it helps: most likely ${CAUSE[mainCause(change, posterior)].text}.`,
  );
}

function step(change: RemedyFacts, setup: Setup, because: string): NextStep {
  const text = change.caution ? `${change.caution} ${change.text}` : change.text;
  return {
    change: change.id,
    kind: change.kind,
    ...(change.edit && { setup }),
    text,
    minutes: change.minutes,
    because,
  };
}

const asStep = ({ id, text, answers }: QuestionFacts): NextStep => ({
  change: id,
  kind: 'question',
  text,
  minutes: ASK_MIN,
  because: 'The answer decides what to change first.',
  answers: [...answers.map((a) => ({ id: a.id, text: a.text })), { id: NOT_SURE, text: 'Not sure' }],
});
