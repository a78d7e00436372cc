import type { Sign } from '../stitch';
import type { Cause } from './causes';
import type { DiagnoseInput, DiagnoseOutput } from './input';
import type { Belief } from './network';
import type { Offer } from './offers';
import { gainOf, shares } from './outlook';
import { cureOf, type RemedyId } from './remedies';
import { plain } from './steps';

/** Under this share of what is wrong, nothing on the list is worth another line (model). */
export const WORTH = 0.05;

export const STOP = {
  bobbin:
    'Everything worth trying has been tried. Go back to your last good test; if there is none, a qualified technician can set the bobbin case.',
  technician:
    'Needle, thread and threading have been tried: the rest is inside the machine, and that is for a qualified technician.',
  pressure:
    'The pressure dial is at its end and the foot still does not press as it should: its spring is for a qualified technician.',
  nothing:
    'Everything worth trying has been tried. Go back to your last good test, or ask Match for the settings again.',
} as const;

/** What only a technician mends. */
const INSIDE: readonly Cause[] = ['hook-timing', 'burr', 'plate-worn', 'dial-off'];
/** Each of these means that the machine was threaded again. */
export const RETHREADS: readonly RemedyId[] = [
  'rethread',
  'better-thread',
  'finer-thread',
  'elastic-thread',
  'cotton-thread',
];
/** Tried first, whatever is suspected inside: needle, thread, threading. */
const BEFORE_TECHNICIAN: readonly (readonly RemedyId[])[] = [
  [
    'new-needle',
    'smaller-needle',
    'larger-needle',
    'ballpoint-needle',
    'stretch-needle',
    'sharp-needle',
    'clear-fragments',
  ],
  RETHREADS,
];
/** A technician costs a day: so much likelier has it to be than what can still be tried (model). */
const TECHNICIAN_LEAST = 0.3;

/** A dial that was turned to its end and still does not reach: what is behind it is a technician's. */
const AT_END: readonly { cause: Cause; turned: RemedyId; isAtEnd: (pressure: number) => boolean }[] = [
  { cause: 'pressure-low', turned: 'pressure-up', isAtEnd: (pressure) => pressure >= 1 },
  { cause: 'pressure-high', turned: 'pressure-down', isAtEnd: (pressure) => pressure <= 0 },
];
/** A change that cures a cause at least so well stands in for the dial. */
const STANDS_IN = 0.3;

/** What is inside the machine, and what its dial does not reach and nothing else stands in for; shares of what is wrong. */
function insideShares({ setup, history }: DiagnoseInput, belief: Belief, ranked: readonly Offer[]) {
  const by = shares(belief);
  const beyond = AT_END.filter(
    ({ cause, turned, isAtEnd }) =>
      isAtEnd(setup.pressure) &&
      history.some(({ change }) => change === turned) &&
      !ranked.some(({ change }) => cureOf(change.id, cause) >= STANDS_IN),
  );
  const of = (causes: readonly Cause[]) => causes.reduce((sum, cause) => sum + (by[cause] ?? 0), 0);
  const [fixed, pressure] = [of(INSIDE), of(beyond.map(({ cause }) => cause))];
  return { all: fixed + pressure, pressure, dial: by['dial-off'] ?? 0 };
}

const areBasicsTried = ({ history }: Pick<DiagnoseInput, 'history'>): boolean =>
  BEFORE_TECHNICIAN.every((some) => history.some(({ change }) => some.includes(change)));
/** Tried before a dial is said to be off inside: where the fabric moves, and where it hardly does. */
const BEFORE_DIAL: Record<'moving' | 'standing', readonly RemedyId[]> = {
  moving: ['longer'],
  standing: ['feed-up', 'length-up'],
};

/** What turning the needle tension brought, where it put something right. */
const TRADES: Partial<Record<RemedyId, { right: Sign; brings: readonly Sign[] }>> = {
  'tension-up': { right: 'loops-below', brings: ['pucker-line', 'tunnel', 'popped', 'loops-above'] },
  'tension-down': { right: 'loops-above', brings: ['grinning', 'loops-below'] },
};

/**
 * What the changes so far say of the line itself.
 *
 * @param input - the line
 * @returns whether needle, thread and threading were tried, and whether another tension traded one sign for another
 */
export function ofHistory(input: DiagnoseInput): { basicsTried: boolean; traded: boolean } {
  const traded = input.history.some(({ change, signs = {} }) => {
    const trade = TRADES[change];
    if (!trade) return false;
    const isRight = signs[trade.right] === 'gone' || signs[trade.right] === 'better';
    return isRight && trade.brings.some((sign) => signs[sign] === 'new' || signs[sign] === 'worse');
  });
  return { basicsTried: areBasicsTried(input), traded };
}

/** Whether what comes before a technician has been tried: for a dial that is off or at its end, something else than for the rest. */
function isReady(input: DiagnoseInput, inside: ReturnType<typeof insideShares>): boolean {
  if (areBasicsTried(input) || inside.pressure > inside.all / 2) return true;
  const stands = input.findings.some(({ sign, severity }) => sign === 'no-feed' && severity > 0);
  const first = stands ? BEFORE_DIAL.standing : BEFORE_DIAL.moving;
  const isDial = inside.dial > inside.all / 2;
  return isDial && first.every((change) => input.history.some((tried) => tried.change === change));
}

/** Whether what is inside the machine is likelier than anything that can be done at home. */
function isInside(inside: ReturnType<typeof insideShares>, belief: Belief, ranked: readonly Offer[]): boolean {
  const by = shares(belief);
  return inside.all >= TECHNICIAN_LEAST && ranked.every(({ cures }) => gainOf(cures, by) < inside.all);
}

/**
 * Whether it is time for a technician: what comes before has been tried, and what is left is likelier inside the machine than anything
 * that can be done at home.
 *
 * @param input - the line
 * @param belief - what is believed of it
 * @param ranked - what can still be done
 */
export function isForTechnician(input: DiagnoseInput, belief: Belief, ranked: readonly Offer[]): boolean {
  const inside = insideShares(input, belief, ranked);
  return isReady(input, inside) && isInside(inside, belief, ranked);
}

/**
 * What is tried yet before a technician is called, where what is inside the machine is likelier than anything that can be done at home.
 *
 * @param input - the line
 * @param belief - what is believed of it
 * @param ranked - what can still be done
 * @returns the first of needle and threading that was not tried, or null where it is not time for it
 */
export function beforeTechnician(input: DiagnoseInput, belief: Belief, ranked: readonly Offer[]): Offer | null {
  const inside = insideShares(input, belief, ranked);
  if (isReady(input, inside) || !isInside(inside, belief, ranked)) return null;
  const missing = BEFORE_TECHNICIAN.find((some) => !input.history.some(({ change }) => some.includes(change)));
  return (missing && ranked.find(({ change }) => missing.includes(change.id))) ?? null;
}

/** Nothing on the list is worth another line: a technician where it may be inside the machine, else back to what was good. */
export function end(
  input: DiagnoseInput,
  belief: Belief,
  ranked: readonly Offer[],
): Pick<DiagnoseOutput, 'next' | 'then' | 'stop'> {
  const inside = insideShares(input, belief, ranked);
  const why = 'Nothing else is likely enough to be worth another test.';
  return isReady(input, inside) && inside.all >= WORTH
    ? {
        next: plain('technician', input.setup, why),
        then: [],
        stop: inside.pressure > inside.all / 2 ? STOP.pressure : STOP.technician,
      }
    : { next: plain('nothing', input.setup, why), then: [], stop: STOP.nothing };
}
