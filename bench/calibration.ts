/**
 * Calibration of the diagnosis: of all causes that it gives 30 %, three in ten should be at work. Faults are drawn with the base rates
 * that the diagnosis itself supposes, handed over as a parameter: nothing else is shared between it and the simulated machine.
 */
import { BASE_RATE, type Cause, CAUSE, CAUSES, priorOf } from '../src/core/diagnose/causes';
import { factsOf } from '../src/core/diagnose/facts';
import { beliefOf, marginals } from '../src/core/diagnose/network';
import { lineFacts } from '../src/core/card';
import { sewOnStandIn } from '../src/core/practice';
import { seeded } from '../src/core/random';
import { canBeAtOnce, HIDDEN_FAULTS, type HiddenFault, observed, type Observer, standIn } from '../src/core/standin';
import { allSigns, findingsOf, passCriteria, passes, signsToLookFor } from '../src/core/swatch';
import { type Ground, GROUNDS } from './trial';

/** What each fault of the simulated machine is called in the diagnosis. */
export const CAUSE_OF: Readonly<Record<HiddenFault, Cause>> = {
  'blunt-needle': 'needle-worn',
  'bent-needle': 'needle-worn',
  'needle-turned': 'needle-inserted-wrong',
  'needle-of-another-kind': 'wrong-point',
  'needle-too-thick': 'needle-too-big',
  'needle-too-fine': 'needle-too-small',
  'poor-thread': 'thread-poor',
  'thick-thread': 'thread-too-thick',
  'old-thread': 'thread-old',
  'lever-missed': 'rethread-needed',
  'lever-down': 'lever-not-up',
  'tails-loose': 'tails-loose',
  'bobbin-wound-loose': 'bobbin-wound-badly',
  'bobbin-wrong-way': 'bobbin-wrong-way',
  'bobbin-screw-tight': 'bobbin-tension',
  'bobbin-screw-loose': 'bobbin-tension',
  'tension-high': 'upper-tension-high',
  'tension-low': 'upper-tension-low',
  'pressure-high': 'pressure-high',
  'pressure-low': 'pressure-low',
  lint: 'lint-in-feed',
  'feed-lowered': 'feed-lowered',
  'length-zero': 'length-zero',
  'dial-short': 'dial-off',
  'dial-long': 'stitch-too-long',
  'sole-sticks': 'sole-sticks',
  pulled: 'pulled',
  'begun-at-edge': 'start-at-edge',
  'wide-slot': 'plate-worn',
  'hook-timing': 'hook-timing',
  hump: 'hump-step',
  metal: 'hit-metal',
  'same-end': 'same-end-sewn',
  'unequal-cloths': 'unequal-cloths',
  'hot-iron': 'heat',
};

const CAUSES_DRAWN = [...new Set(Object.values(CAUSE_OF))];

/** Whatever the simulated machine cannot have is never at work. */
const ratesBy = (prior: (cause: Cause) => number) =>
  Object.fromEntries(
    CAUSES.map((cause) => [cause, CAUSES_DRAWN.includes(cause) ? BASE_RATE * prior(cause) : 0]),
  ) as Record<Cause, number>;

/** Base rates as the diagnosis supposes them. */
export const BASE_RATES = ratesBy((cause) => CAUSE[cause].prior);
/** Every cause as likely as every other. */
export const EVEN_RATES = ratesBy(() => 0.5);

/** One cause of one line: what was said of it, and whether it was so. */
export interface Said {
  probability: number;
  isSo: boolean;
}

/** One fault or two, by the odds of their causes on that fabric. Without any a line passes, and nobody asks about it. */
function drawn({ cloth, operation, setup }: Ground, rates: Record<Cause, number>, next: () => number): HiddenFault[] {
  const facts = factsOf({ cloth, operation, setup });
  const odds = CAUSES_DRAWN.map((cause) => {
    const prior = priorOf(cause, facts, rates);
    return prior / (1 - prior);
  });
  const sets = CAUSES_DRAWN.flatMap((cause, i) => [
    { causes: [cause], odds: odds[i] },
    ...CAUSES_DRAWN.slice(i + 1).map((other, j) => ({ causes: [cause, other], odds: odds[i] * odds[i + 1 + j] })),
  ]);
  let left = next() * sets.reduce((sum, set) => sum + set.odds, 0);
  const set = sets.find((one) => (left -= one.odds) <= 0) ?? sets[0];
  return set.causes.map((cause) => {
    const some = HIDDEN_FAULTS.filter((fault) => CAUSE_OF[fault] === cause);
    return some[Math.floor(next() * some.length)];
  });
}

/**
 * What the diagnosis says of the causes of lines that failed, and what was so.
 *
 * @param lines - lines sewn; those that pass are not asked about
 * @param rates - base rates that faults are drawn with
 * @param observer - who looks at the lines
 * @param supposed - base rates of the diagnosis; usually the same
 */
export function sayings(lines: number, rates: Record<Cause, number>, observer: Observer, supposed = rates): Said[] {
  const { next } = seeded(77);
  return Array.from({ length: lines }, (_, i) => i + 1).flatMap((seed): Said[] => {
    const ground = GROUNDS[Math.floor(next() * GROUNDS.length)];
    const faults = drawn(ground, rates, next);
    if (faults.length === 2 && !canBeAtOnce(faults[0], faults[1])) return [];
    const { cloth, operation, setup, seam } = ground;
    const machine = standIn(seed, faults);
    const sewn = sewOnStandIn({ seam, cloth, setup, direction: 'across', machine, seed });
    if ('blocked' in sewn) return [];
    const looked = { ...sewn, findings: observed(sewn.findings, observer, seed, signsToLookFor(seam, setup).usual) };
    if (passes(passCriteria(seam, { ...looked, findings: allSigns(seam, looked) }))) return [];
    const findings = findingsOf(seam, { ...looked, setup });
    const trueLengthMm = lineFacts(sewn.measures).lengthMm;
    const input = { cloth, operation, setup, findings, history: [], trueLengthMm };
    const by = marginals(beliefOf(input, factsOf(input), supposed));
    const atWork = faults.map((fault) => CAUSE_OF[fault]);
    return CAUSES_DRAWN.map((cause) => ({ probability: by[cause], isSo: atWork.includes(cause) }));
  });
}

/** What was said on the average in a bin, and how often it was so; shares 0 … 1. */
export interface Bin {
  count: number;
  said: number;
  so: number;
}

/** Sayings of a bin at least. */
const LEAST = 200;
const EDGES = [0, 0.02, 0.05, 0.1, 0.2, 0.3, 0.4, 0.5, 0.6, 0.7, 0.8, 0.9, 1.0001];

/**
 * Sayings in bins of at least 200: a bin with fewer is put together with the next above it, the last with the one below.
 *
 * @param said - what was said and was so
 */
export function binned(said: readonly Said[]): Bin[] {
  const groups: Said[][] = [];
  let open: Said[] = [];
  for (const [i, edge] of EDGES.slice(1).entries()) {
    open.push(...said.filter(({ probability }) => probability >= EDGES[i] && probability < edge));
    if (open.length < LEAST) continue;
    groups.push(open);
    open = [];
  }
  if (open.length > 0) groups.push([...(groups.pop() ?? []), ...open]);
  return groups.map((group) => ({
    count: group.length,
    said: group.reduce((sum, { probability }) => sum + probability, 0) / group.length,
    so: group.filter(({ isSo }) => isSo).length / group.length,
  }));
}
