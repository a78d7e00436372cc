import { clearedBy, LENGTH_OFF, linkedCauses, questionWorthAsking } from './ask';
import { type Cause, CAUSES } from './causes';
import { beforeTechnician, end, isForTechnician, ofHistory, RETHREADS, STOP, WORTH } from './ends';
import { factsOf, type Facts } from './facts';
import type { DiagnoseInput, DiagnoseOutput } from './input';
import { type Belief, beliefOf, marginals } from './network';
import { type Offer, offersOf } from './offers';
import { gainOf, minutesWith, shares, type Weighable } from './outlook';
import type { RemedyId } from './remedies';
import { asStep, plain, stepsOf } from './steps';

/** The bobbin screw is offered only when nothing else puts so much right: usually, and once threading and a fresh bobbin did not help (model). */
const BEFORE_BOBBIN = { usual: 0.08, rewound: 0.35 };
/** So many are looked at two steps ahead. */
const LOOKED_AHEAD = 6;

/**
 * What is behind the signs of a line, and the one thing to do next.
 *
 * Sets of at most two causes are weighed exactly (`network`). The next step is the one with the fewest minutes expected until a line
 * passes, the six best looked at two steps ahead; a question comes first where its answer saves more than it takes. A broken needle is
 * looked after before anything else; the bobbin screw comes last; a technician only for what is inside the machine, once needle, thread
 * and threading have been tried.
 *
 * @param input - checked input
 * @returns causes by probability, the next step, up to three after it, and when to stop
 */
export function diagnose(input: DiagnoseInput): DiagnoseOutput {
  return diagnosed(input, true);
}

function diagnosed(input: DiagnoseInput, asks: boolean): DiagnoseOutput {
  const needleBroke = input.findings.some(({ sign, severity }) => sign === 'needle-broke' && severity > 0);
  const facts = factsOf({ ...input, needleBroke, ...ofHistory(input) });
  const seen = beliefOf(input, facts);
  const told = causesOf(seen);
  if (!input.findings.some(({ severity }) => severity > 0) && !isLengthOff(facts))
    return { ...told, next: plain('nothing', input.setup, 'You saw nothing wrong.'), then: [] };
  // What was seen has a cause: what to do is chosen among those.
  const belief = somethingIs(ofCauses(seen, linkedCauses(input, facts)));
  const offers = offersOf(input, facts);
  const byMinutes = rank(offers, belief, input);
  const basic = beforeTechnician(input, belief, byMinutes);
  const ranked = basic ? [basic, ...byMinutes.filter((offer) => offer !== basic)] : byMinutes;
  if (needleBroke && !input.history.some(({ change }) => change === 'clear-fragments')) {
    const first = plain('clear-fragments', input.setup, 'After a broken needle this comes before anything else.');
    return { ...told, next: first, then: stepsOf(ranked, belief, input.setup).slice(0, 3) };
  }
  const steps = stepsOf(ranked, belief, input.setup);
  const [next, ...then] = steps;
  if (!next || isForTechnician(input, belief, ranked)) return { ...told, ...end(input, belief, ranked) };
  const question = asks ? questionWorthAsking(input, facts, belief, ranked) : null;
  if (question) return { ...told, next: asStep(question), then: steps.slice(0, 3) };
  return { ...told, next, then: then.slice(0, 3), ...(next.change === 'bobbin-tension' && { stop: STOP.bobbin }) };
}

/**
 * The next remedy for a person who can answer no question.
 *
 * @param input - checked input
 * @returns what `diagnose` says once every question was answered with "not sure"
 */
export function diagnoseUnanswered(input: DiagnoseInput) {
  return diagnosed(input, false) as DiagnoseOutput & { next: { change: RemedyId } };
}

/** What is believed of some causes alone: whatever else is at work does not show, and is no reason for another line. */
function ofCauses(belief: Belief, some: ReadonlySet<Cause>): Belief {
  const sets = new Map<string, { causes: Cause[]; probability: number }>();
  for (const { causes, probability } of belief) {
    const kept = causes.filter((cause) => some.has(cause) || cause === 'something-else');
    const key = kept.join('+');
    const set = sets.get(key) ?? { causes: kept, probability: 0 };
    set.probability += probability;
    sets.set(key, set);
  }
  return [...sets.values()];
}

/** Sets less likely than this change no choice, and are most of all there are. */
const LEAST_SET = 1e-5;

function somethingIs(belief: Belief): Belief {
  const some = belief.filter(({ causes, probability }) => causes.length > 0 && probability >= LEAST_SET);
  const sum = some.reduce((all, { probability }) => all + probability, 0);
  return some.map((set) => ({ ...set, probability: set.probability / sum }));
}

const isLengthOff = ({ lengthShare }: Facts) =>
  lengthShare !== undefined && (lengthShare < LENGTH_OFF.short || lengthShare >= LENGTH_OFF.long);

/** At most so many pairs are named, each at least this likely. */
const PAIRS = { most: 3, least: 0.05 };

function causesOf(belief: Belief): Pick<DiagnoseOutput, 'causes' | 'pairs'> {
  const by = marginals(belief);
  const causes = CAUSES.map((cause) => ({ cause, probability: Math.min(1, by[cause]) })).sort(
    (a, b) => b.probability - a.probability || CAUSES.indexOf(a.cause) - CAUSES.indexOf(b.cause),
  );
  const most = (size: number) =>
    belief.filter(({ causes: { length } }) => length === size).sort((a, b) => b.probability - a.probability);
  const [[alone], two] = [most(1), most(2)];
  if (two[0].probability <= alone.probability) return { causes };
  const pairs = two
    .slice(0, PAIRS.most)
    .filter(({ probability }) => probability >= PAIRS.least)
    .map((pair) => ({ causes: [pair.causes[0], pair.causes[1]] as [Cause, Cause], probability: pair.probability }));
  return pairs.length > 0 ? { causes, pairs } : { causes };
}

/** What is worth doing, in the order in which it is expected to be right soonest. */
function rank(offers: readonly Offer[], belief: Belief, { history, answers }: DiagnoseInput): Offer[] {
  const by = shares(belief);
  const gain = ({ cures }: Weighable) => gainOf(cures, by);
  const isBobbin = ({ change }: Offer) => change.id === 'bobbin-tension';
  const worth = offers.filter((offer) => !isBobbin(offer) && gain(offer) >= WORTH);
  const bobbin = offers.filter((offer) => isBobbin(offer) && gain(offer) >= WORTH / 2);
  const wasTried = (some: readonly RemedyId[]) => history.some(({ change }) => some.includes(change));
  const enough = wasTried(['rewind-bobbin']) && wasTried(RETHREADS) ? BEFORE_BOBBIN.rewound : BEFORE_BOBBIN.usual;
  const pool = worth.some((offer) => gain(offer) >= enough) ? worth : [...worth, ...bobbin];
  const cleared = clearedBy(answers);
  // Nobody puts right what was just looked at and is in order, as long as anything else may help.
  const isIdle = ({ cures }: Weighable) =>
    (Object.keys(cures) as Cause[]).every((cause) => !by[cause] || cleared.has(cause));
  const soonest = (some: readonly Offer[]): Offer[] => {
    const quick = [...some].sort((a, b) => a.minutes / gain(a) - b.minutes / gain(b));
    const ahead = quick.slice(0, LOOKED_AHEAD).map((offer) => ({ offer, minutes: minutesWith(belief, offer, offers) }));
    return [...ahead.sort((a, b) => a.minutes - b.minutes).map(({ offer }) => offer), ...quick.slice(LOOKED_AHEAD)];
  };
  return [...soonest(pool.filter((offer) => !isIdle(offer))), ...soonest(pool.filter(isIdle))];
}
