import type { Sign } from '../stitch';
import type { Cause } from './causes';
import type { DiagnoseInput, DiagnoseOutput } from './input';
import type { Belief } from './network';
import type { Offer } from './offers';
import { gainOf, shares } from './outlook';
import type { RemedyId } from './remedies';
import { plain } from './steps';

/** Under this share of what is wrong, nothing on the list is worth another line (model). */
export const WORTH = 0.05;

export const STOP = {
  bobbin:
    'What is worth trying has been tried. Go back to the last line that was good; if there is none, a qualified technician can set the bobbin case.',
  technician:
    'Needle, thread and threading have been tried: what is left is inside the machine, and is for a qualified technician.',
  nothing:
    'What is worth trying has been tried. Go back to the last line that was good, or ask Match for the settings again.',
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

function insideShare(belief: Belief): number {
  const by = shares(belief);
  return INSIDE.reduce((sum, cause) => sum + (by[cause] ?? 0), 0);
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

/** Whether what comes before a technician has been tried. */
function isReady(input: DiagnoseInput, belief: Belief): boolean {
  if (areBasicsTried(input)) return true;
  const isDial = (shares(belief)['dial-off'] ?? 0) > insideShare(belief) / 2;
  const stands = input.findings.some(({ sign, severity }) => sign === 'no-feed' && severity > 0);
  const first = stands ? BEFORE_DIAL.standing : BEFORE_DIAL.moving;
  return isDial && first.every((change) => input.history.some((tried) => tried.change === change));
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
  const by = shares(belief);
  const best = Math.max(0, ...ranked.map(({ cures }) => gainOf(cures, by)));
  const inside = insideShare(belief);
  return isReady(input, belief) && inside >= TECHNICIAN_LEAST && inside > best;
}

/** Nothing on the list is worth another line: a technician where it may be inside the machine, else back to what was good. */
export function end(input: DiagnoseInput, belief: Belief): Pick<DiagnoseOutput, 'next' | 'then' | 'stop'> {
  const why = 'Nothing else on the list is likely enough to be worth another line.';
  return isReady(input, belief) && insideShare(belief) >= WORTH
    ? { next: plain('technician', input.setup, why), then: [], stop: STOP.technician }
    : { next: plain('nothing', input.setup, why), then: [], stop: STOP.nothing };
}
