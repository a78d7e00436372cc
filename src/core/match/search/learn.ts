import { clamp } from '../../numbers';
import { type AskedIds, lineFacts, type NearCard, nearestCards, type TestedCard } from '../../card';
import type { Thread } from '../../kit';
import type { SeamContext } from '../../physics';
import type { StitchId } from '../../stitch';
import type { Aims, Ruled } from '../rules/aimTypes';
import type { Aim } from '../rules/ruleTypes';

/** How many of the nearest cards are looked at, and how far they pull: proof outweighs habit (model). */
const CARDS = 3;
const PULLS = { stitch: 1.6, foot: 1, plate: 0.6, point: 1, fibre: 0.8, size: 0.9 };

/** What a person's own cards say about this question. */
export interface Learned {
  /** The nearest cards, the most telling first. */
  near: readonly NearCard[];
  /** What the most telling card asks of the needle size and the tension, and how strongly (0 … 1). */
  nm: { value: number; weight: number } | null;
  tensionSteps: { value: number; weight: number } | null;
}

/** Nothing known: no cards were given, or none is near. */
export const NOTHING_LEARNED: Learned = { near: [], nm: null, tensionSteps: null };

/**
 * The nearest tested cards for a seam.
 *
 * @param tested - all cards given
 * @param seam - cloth and operation
 * @param ids - which machine it will be sewn on, by id
 * @returns what they say; nothing when none is near
 */
export function learnFrom(tested: readonly TestedCard[], seam: SeamContext, ids: AskedIds): Learned {
  const near = nearestCards(tested, seam.profile, seam.asked, ids).slice(0, CARDS);
  const best = near[0];
  if (!best) return NOTHING_LEARNED;
  const { setup } = best.card;
  return {
    near,
    nm: { value: setup.needle.nm, weight: best.weight },
    tensionSteps: { value: setup.tensionSteps, weight: best.weight },
  };
}

/**
 * Aims with the starting values moved towards the nearest card.
 *
 * Nothing that a rule took out comes back; sizes stay within what practice keeps to.
 *
 * @param aims - of the rules alone
 * @param learned - what the cards say
 * @returns new aims
 */
export function moveAims(aims: Aims, learned: Learned): Aims {
  const best = learned.near[0];
  if (!best) return aims;
  const { setup } = best.card;
  const w = best.weight;
  const cheaper = <T extends string>(table: Ruled<T>, choice: T, by: number) => {
    const now = table[choice];
    return now.cost === null ? table : { ...table, [choice]: { ...now, cost: now.cost - by * w } };
  };
  const towards = (aim: Aim, value: number): Aim => {
    const ideal = aim.ideal + (value - aim.ideal) * PULLS.size * w;
    return { ...aim, ideal: clamp(ideal, aim.min, aim.max) };
  };
  const sized = (table: Aims['length'], value: number) => ({
    ...table,
    [setup.stitch]: { ...table[setup.stitch], aim: towards(table[setup.stitch].aim, value) },
  });
  return {
    ...aims,
    stitch: cheaper(aims.stitch, setup.stitch, PULLS.stitch),
    foot: cheaper(aims.foot, setup.foot, PULLS.foot),
    plate: cheaper(aims.plate, setup.plate, PULLS.plate),
    point: cheaper(aims.point, setup.needle.point, PULLS.point),
    fibre: cheaper(aims.fibre, setup.thread.fibre, PULLS.fibre),
    length: sized(aims.length, setup.lengthMm),
    width: setup.widthMm > 0 ? sized(aims.width, setup.widthMm) : aims.width,
    pressure: {
      ...aims.pressure,
      ideal: aims.pressure.ideal + (setup.pressure - aims.pressure.ideal) * PULLS.size * w,
    },
  };
}

/** A card counts as this very seam when it is nearly the same cloth and the dials are within what a hand can set. */
const SAME = { weight: 0.8, lengthMm: 0.15, widthMm: 0.3 };

/**
 * The give that was measured for a stitch on nearly this cloth, on this machine.
 *
 * @param learned - what the cards say
 * @param stitch - the stitch
 * @param size - length and width, mm
 * @param thread - the thread: another fibre gives otherwise
 * @returns percent, and whether the thread popped there; null when nobody measured it
 */
export function measuredGive(
  learned: Learned,
  stitch: StitchId,
  size: { lengthMm: number; widthMm: number },
  thread: Pick<Thread, 'fibre'>,
): { percent: number; popped: boolean } | null {
  for (const { card, weight } of learned.near) {
    const { setup, measures } = card;
    const same =
      weight >= SAME.weight &&
      setup.stitch === stitch &&
      setup.thread.fibre === thread.fibre &&
      Math.abs(setup.lengthMm - size.lengthMm) <= SAME.lengthMm &&
      Math.abs(setup.widthMm - size.widthMm) <= SAME.widthMm;
    const give = same && measures ? lineFacts(measures).give : undefined;
    if (give) return give;
  }
  return null;
}
