import { isAbove } from '../numbers';
import { type Cloth, clothProfile, MEASURABLE, MEASURABLE_TEXT } from '../cloth';
import {
  type Machine,
  type Needle,
  needleName,
  needleState,
  sameNeedle,
  sameThread,
  type Thread,
  threadName,
} from '../kit';
import { type Origin, rowsOf, tableOf } from '../result';
import type { Setup } from '../setup';
import { formatNumber } from '../units';
import type { Card } from './card';

/** What a card is held against: the workroom as it is today. */
export interface Today {
  /** The card's machine; null when it is not there any more. */
  machine: Machine | null;
  /** Services of that machine, as moments. */
  servicedAt: readonly string[];
  /** The card's cloth as it is known now; null when it is not in the drawer any more. */
  cloth: Cloth | null;
  /** Needles that can still be used; null when any may be bought. */
  needles: readonly Needle[] | null;
  /** Threads that are there; null when any may be bought. */
  threads: readonly Thread[] | null;
  /** What is on the machine, when it is set for the card's cloth. */
  on: { setup: Setup; needleHours: number } | null;
  needleLifeHours: number | null;
}

type Says = (card: Card, today: Today) => string | null;

const WEAR: Origin = { provenance: 'common-practice', source: 'A needle is used for a number of hours of sewing.' };
const STATE: Origin = { provenance: 'common-practice', source: 'A test proves only what it was sewn with.' };
const SERVICE: Origin = {
  provenance: 'common-practice',
  source: 'A service sets tension, pressure and timing again.',
};
const MOVED_BY: Origin = { provenance: 'model', source: 'From which change on it is another fabric is set by us.' };

/** A property that moved by more than this share of what it was makes another fabric of it (model). */
const MOVED = 0.1;

/** What makes a card out of date, the machine's reasons first; each says why, or null where it does not apply. */
const STALE = tableOf<{ says: Says }>()({
  'machine-gone': {
    ...STATE,
    says: (card, { machine }) =>
      machine ? null : `${card.machine.name ?? 'Its machine'} is no longer in the workroom.`,
  },
  recalibrated: {
    ...STATE,
    says: (card, { machine }) =>
      machine && calibrated(machine) !== calibrated(card.machine)
        ? 'The dials have been recalibrated since then, so the same number no longer gives the same stitch.'
        : null,
  },
  serviced: {
    ...SERVICE,
    says: (card, { servicedAt }) =>
      servicedAt.some((at) => at > card.passedAt)
        ? 'The machine has been serviced since then: tension, pressure and timing may be different now.'
        : null,
  },
  'other-needle': {
    ...STATE,
    says: ({ setup }, { on }) =>
      on && !sameNeedle(on.setup.needle, setup.needle)
        ? `${needleName(on.setup.needle)} is in the machine; it was tested with ${needleName(setup.needle)}.`
        : null,
  },
  'needle-worn': {
    ...WEAR,
    says: ({ setup }, { on, needleLifeHours }) =>
      on &&
      sameNeedle(on.setup.needle, setup.needle) &&
      needleState({ hours: on.needleHours, spent: false }, needleLifeHours) === 'past'
        ? `The needle in the machine has sewn ${formatNumber(on.needleHours, 1)} hours: change it.`
        : null,
  },
  'other-thread': {
    ...STATE,
    says: ({ setup }, { on }) =>
      on && !sameThread(on.setup.thread, setup.thread)
        ? `${threadName(on.setup.thread)} is on the machine; it was tested with ${threadName(setup.thread)}.`
        : null,
  },
  'needle-gone': {
    ...STATE,
    says: ({ setup }, { needles }) =>
      needles && !needles.some((needle) => sameNeedle(needle, setup.needle))
        ? `You have no ${needleName(setup.needle)} left: test again with another needle.`
        : null,
  },
  'thread-gone': {
    ...STATE,
    says: ({ setup }, { threads }) =>
      threads && !threads.some((thread) => sameThread(thread, setup.thread))
        ? `You have no ${threadName(setup.thread)} left: test again with another thread.`
        : null,
  },
  'cloth-measured': { ...MOVED_BY, says: (card, { cloth }) => cloth && measuredSince(card, cloth) },
});

/** The name of what made a card out of date. */
export type StaleCode = keyof typeof STALE;

/** Why a card no longer proves what it proved. */
export interface StaleReason {
  code: StaleCode;
  text: string;
}

/** What a machine's dials were measured to say, whatever the measures are kept under. */
const calibrated = ({ calibration, offsets }: Machine) => {
  const values = (measures: readonly { id: string }[] = []) => measures.map((measure) => ({ ...measure, id: '' }));
  const { lengthFactor = 1, tensionSteps = 0, pressure = 0 } = offsets ?? {};
  return JSON.stringify([
    values(calibration?.length),
    values(calibration?.width),
    lengthFactor,
    tensionSteps,
    pressure,
  ]);
};

function measuredSince(card: Card, cloth: Cloth): string | null {
  const [was, is] = [clothProfile(card.cloth), clothProfile(cloth)];
  const moved = MEASURABLE.filter(
    (key) => is[key].source !== 'inferred' && isAbove(Math.abs(is[key].value - was[key].value), MOVED * was[key].value),
  );
  return moved.length === 0
    ? null
    : `The fabric has been measured since then, and is different: ${moved.map((k) => MEASURABLE_TEXT[k].toLowerCase()).join(', ')}.`;
}

/**
 * Why a card is stale today.
 *
 * A card stays what it was; this says only whether it still proves the setting as it would be sewn now.
 *
 * @param card - the card
 * @param today - the workroom now
 * @returns reasons, the machine's first; none for a card that still holds
 */
export function staleReasons(card: Card, today: Today): StaleReason[] {
  return rowsOf(STALE).flatMap(({ id, says }) => {
    const text = says(card, today);
    return text === null ? [] : [{ code: id, text }];
  });
}
