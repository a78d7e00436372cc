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

/** Why a card no longer proves what it proved. */
export interface StaleReason {
  code:
    | 'machine-gone'
    | 'recalibrated'
    | 'serviced'
    | 'other-needle'
    | 'needle-worn'
    | 'other-thread'
    | 'needle-gone'
    | 'thread-gone'
    | 'cloth-measured';
  text: string;
}

type Rule = (card: Card, today: Today) => StaleReason[];

const one = (code: StaleReason['code'], text: string): StaleReason[] => [{ code, text }];

/** A property that moved by more than this share of what it was makes another cloth of it. */
const MOVED = 0.1;

const RULES: readonly Rule[] = [
  (card, { machine }) =>
    machine ? [] : one('machine-gone', `${card.machine.name ?? 'Its machine'} is not in the workroom any more.`),
  (card, { machine }) =>
    machine && calibrated(machine) !== calibrated(card.machine)
      ? one('recalibrated', 'The dials were calibrated anew since: the same number now means another length or width.')
      : [],
  (card, { servicedAt }) =>
    servicedAt.some((at) => at > card.passedAt)
      ? one('serviced', 'The machine was serviced since: tension, pressure and timing may stand elsewhere.')
      : [],
  (card, { on }) =>
    on && !sameNeedle(on.setup.needle, card.setup.needle)
      ? one(
          'other-needle',
          `${needleName(on.setup.needle)} is in the machine, it was proven with ${needleName(card.setup.needle)}.`,
        )
      : [],
  (card, { on, needleLifeHours }) =>
    on &&
    sameNeedle(on.setup.needle, card.setup.needle) &&
    needleState({ hours: on.needleHours, spent: false }, needleLifeHours) === 'past'
      ? one(
          'needle-worn',
          `The needle in the machine has sewn ${formatNumber(on.needleHours, 1)} hours: its time is up.`,
        )
      : [],
  (card, { on }) =>
    on && !sameThread(on.setup.thread, card.setup.thread)
      ? one(
          'other-thread',
          `${threadName(on.setup.thread)} is on the machine, it was proven with ${threadName(card.setup.thread)}.`,
        )
      : [],
  (card, { needles }) =>
    needles && !needles.some((needle) => sameNeedle(needle, card.setup.needle))
      ? one('needle-gone', `No ${needleName(card.setup.needle)} is left in the tin: another one has to prove it.`)
      : [],
  (card, { threads }) =>
    threads && !threads.some((thread) => sameThread(thread, card.setup.thread))
      ? one('thread-gone', `No ${threadName(card.setup.thread)} is left: another thread has to prove it.`)
      : [],
  (card, { cloth }) => (cloth ? measuredSince(card, cloth) : []),
];

/** What a machine's dials were measured to say, whatever the measures are kept under. */
const calibrated = ({ calibration, offsets }: Machine) => {
  const values = (measures: readonly { id: string }[] = []) => measures.map((measure) => ({ ...measure, id: '' }));
  return JSON.stringify([values(calibration?.length), values(calibration?.width), offsets?.lengthFactor ?? 1]);
};

function measuredSince(card: Card, cloth: Cloth): StaleReason[] {
  const [was, is] = [clothProfile(card.cloth), clothProfile(cloth)];
  const moved = MEASURABLE.filter(
    (key) => is[key].source !== 'inferred' && Math.abs(is[key].value - was[key].value) > MOVED * was[key].value + 1e-9,
  );
  return moved.length === 0
    ? []
    : one(
        'cloth-measured',
        `The cloth was measured since: another ${moved.map((k) => MEASURABLE_TEXT[k].toLowerCase()).join(', ')}.`,
      );
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
  return RULES.flatMap((rule) => rule(card, today));
}
