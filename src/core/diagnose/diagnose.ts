import { FULL_KIT } from '../kit';
import type { Setup } from '../setup';
import type { Sign } from '../stitch';
import { applyEdit } from './apply';
import { CAUSE, type Cause, CAUSES } from './causes';
import { type ChangeFacts, type ChangeId, CHANGE, CHANGE_LIST } from './changes';
import { type Facts, factsOf, holds, machineOf } from './facts';
import type { DiagnoseInput, DiagnoseOutput, NextStep } from './input';
import { LEAK, LINKS, SOMETHING_ELSE } from './links';

/** A line sewn again to see whether a change helped, with laying and looking, minutes (model). */
const LINE_MIN = 2;
/** Under this chance of helping, nothing on the list is worth another line. */
const WORTH = 0.06;
/** The bobbin screw is offered only when nothing else has this chance of helping. */
const BEFORE_BOBBIN = 0.08;

/**
 * What is behind the signs of a line, and the one thing to do next.
 *
 * One cause at a time: odds from cloth, setting and needle, times how strongly each cause shows what was seen and hides
 * what was looked for and not seen (noisy-or with a leak), times how what was tried went. The next step is the one with the
 * most improvement to expect for each minute, its line included. What failed is not proposed again; the bobbin screw only
 * when all else is spent, and the technician when nothing is worth another line.
 *
 * @param input - checked input
 * @returns causes by probability, the next step, up to three after it, and when to stop
 */
export function diagnose(input: DiagnoseInput): DiagnoseOutput {
  const facts = factsOf({ ...input, tried: input.history.length });
  const odds = oddsOf(input, facts);
  const causes = CAUSES.map((cause) => ({ cause, probability: odds[cause] })).sort(
    (a, b) => b.probability - a.probability || CAUSES.indexOf(a.cause) - CAUSES.indexOf(b.cause),
  );
  const steps = stepsFor(input, facts, odds);
  const [next, ...then] = steps;
  if (!next) return { causes, next: stepOf(CHANGE.technician, input.setup, NOTHING_LEFT), then: [], stop: STOP };
  return { causes, next, then: then.slice(0, 3), ...(next.change === 'bobbin-tension' && { stop: STOP }) };
}

const NOTHING_LEFT = 'Nothing else on the list is likely enough to help to be worth another line.';
const STOP =
  'What is worth trying has been tried. Go back to the last line that was good; if there is none, take the machine to a qualified technician.';

function oddsOf(input: DiagnoseInput, facts: Facts): Record<Cause, number> {
  const weights = CAUSES.map((cause) => {
    let weight = CAUSE[cause].base;
    for (const { when, times } of CAUSE[cause].moved) if (holds(facts, when)) weight *= times;
    for (const { sign, severity } of input.findings) weight *= shows(cause, sign, severity);
    for (const { change, result } of input.history) weight *= after(cause, change, result);
    return weight;
  });
  const sum = weights.reduce((all, w) => all + w, 0);
  return Object.fromEntries(CAUSES.map((cause, i) => [cause, weights[i] / sum])) as Record<Cause, number>;
}

/** How well a cause explains a sign that was seen, or one that was looked for and not there. */
function shows(cause: Cause, sign: Sign, severity: number): number {
  const strength = cause === 'something-else' ? SOMETHING_ELSE : (LINKS[sign][cause] ?? 0);
  const seen = 1 - (1 - strength) * (1 - LEAK);
  if (severity === 0) return 1 - seen;
  // A slight sign says less: its likelihood lies nearer to that of any cause.
  return severity === 1 ? Math.sqrt(seen) : seen;
}

/** What a change that was tried says of a cause. */
function after(cause: Cause, change: ChangeId, result: 'better' | 'same' | 'worse'): number {
  const cure = CHANGE[change].cures[cause] ?? 0;
  if (result === 'better') return 0.15 + 1.7 * cure;
  return Math.max(0.03, 1 - cure);
}

function stepsFor(input: DiagnoseInput, facts: Facts, odds: Record<Cause, number>): NextStep[] {
  const offers = CHANGE_LIST.flatMap((change) => offer(change, input, facts, odds));
  const plain = offers.filter(({ id }) => id !== 'bobbin-tension' && id !== 'technician');
  const worth = plain.filter(({ gain }) => gain >= WORTH);
  const bobbin = offers.filter(({ id, gain }) => id === 'bobbin-tension' && gain >= WORTH / 2);
  const pool = worth.length > 0 && worth.some(({ gain }) => gain >= BEFORE_BOBBIN) ? worth : [...worth, ...bobbin];
  return pool.sort((a, b) => b.perMinute - a.perMinute || b.gain - a.gain).map(({ step }) => step);
}

interface Offer {
  id: ChangeId;
  gain: number;
  perMinute: number;
  step: NextStep;
}

function offer(change: ChangeFacts, input: DiagnoseInput, facts: Facts, odds: Record<Cause, number>): Offer[] {
  const tries = input.history.filter((h) => h.change === change.id);
  const spent = tries.length > 0 && !(change.again && tries.at(-1)!.result === 'better' && tries.length < 3);
  if (spent || (change.when && !holds(facts, change.when))) return [];
  const machine = machineOf(input);
  const kit = input.kit ?? FULL_KIT;
  const setup = change.edit ? applyEdit(change.edit, { ...input, machine, kit }) : input.setup;
  if (!setup) return [];
  const gain = gainOf(change, odds);
  const percent = Math.round(100 * Math.min(0.99, gain));
  const because = `About ${percent} in 100 that it helps: most likely ${CAUSE[mainCause(change, odds)].text}.`;
  return [{ id: change.id, gain, perMinute: gain / (change.minutes + LINE_MIN), step: stepOf(change, setup, because) }];
}

const gainOf = ({ cures }: ChangeFacts, odds: Record<Cause, number>) =>
  Object.entries(cures).reduce((sum, [cause, cure]) => sum + odds[cause as Cause] * cure, 0);

function mainCause({ cures }: ChangeFacts, odds: Record<Cause, number>): Cause {
  const by = (cause: Cause) => odds[cause] * (cures[cause] ?? 0);
  return (Object.keys(cures) as Cause[]).sort((a, b) => by(b) - by(a))[0];
}

function stepOf(change: ChangeFacts, setup: Setup, because: string): NextStep {
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
