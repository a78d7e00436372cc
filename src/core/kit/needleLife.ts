import { atLeast, clamp } from '../numbers';
import { oneOf } from '../result';

/** Why a needle was taken out for good. */
export const SPENT_REASONS = ['hours', 'blunt', 'bent', 'struck', 'paper', 'broken', 'other'] as const;
export type SpentReason = (typeof SPENT_REASONS)[number];
export const spentReasonSchema = oneOf(SPENT_REASONS);

/** Each reason as it reads after "spent:". */
export const SPENT_TEXT: Readonly<Record<SpentReason, string>> = {
  hours: 'its hours are up',
  blunt: 'blunt',
  bent: 'bent',
  struck: 'hit metal',
  paper: 'sewed through paper',
  broken: 'broke',
  other: 'put aside',
};

/** How far a needle is through its life. */
export type NeedleState = 'new' | 'good' | 'near' | 'past' | 'spent';

/** From this share of its hours on a needle is near its end. */
const NEAR_SHARE = 0.8;

/**
 * How far a needle is through its life.
 *
 * @param needle - hours sewn, and whether it was put aside for good
 * @param lifeHours - hours a needle is kept; null when hours are not counted against it
 * @returns its state
 * @example
 * needleState({ hours: 4.2, spent: false }, 5) // => 'near'
 * needleState({ hours: 9, spent: false }, null) // => 'good'
 */
export function needleState(needle: { hours: number; spent: boolean }, lifeHours: number | null): NeedleState {
  if (needle.spent) return 'spent';
  if (needle.hours < 0.02) return 'new';
  if (lifeHours === null) return 'good';
  const share = needle.hours / lifeHours;
  return atLeast(share, 1) ? 'past' : share >= NEAR_SHARE ? 'near' : 'good';
}

/** Hours a needle is kept by each school; null where hours do not decide (common practice). */
export const LIFE_HOURS: Readonly<
  Record<'five-hours' | 'eight-hours' | 'every-project' | 'when-trouble', number | null>
> = {
  'five-hours': 5,
  'eight-hours': 8,
  'every-project': null,
  'when-trouble': null,
};

/** How much faster than usual a cloth wears a needle (common practice; the factors are a model). */
export const WEAR: Readonly<Partial<Record<string, number>>> = { 'hand-woven': 2, sequins: 2 };

/**
 * The hours a needle ages while it sews.
 *
 * @param minutes - minutes the needle ran, 0 or more
 * @param family - the cloth's family
 * @returns hours
 * @throws when the minutes are below 0
 * @example
 * wornHours(30, 'jersey') // => 0.5
 * wornHours(30, 'hand-woven') // => 1
 */
export function wornHours(minutes: number, family: string): number {
  if (!(minutes >= 0)) throw new Error(`wornHours: expected minutes of 0 or more, got ${minutes}`);
  return (minutes / 60) * (WEAR[family] ?? 1);
}

/** Share of the time at the machine during which the needle runs; the rest is laying, pinning and turning (model). */
export const NEEDLE_SHARE = 1 / 3;

/** A needle of the stock, as far as choosing one goes. */
export interface StockNeedle {
  id: string;
  hours: number;
  spent: boolean;
  addedAt: string;
}

/**
 * Which needle of one kind to put in: the one already begun that has most hours behind it but is not past them, so that
 * needles are used up one after the other; else a new one, oldest pack first.
 *
 * @param needles - needles of the wanted kind
 * @param lifeHours - hours a needle is kept; null when hours are not counted against it
 * @returns the needle, or null when none is fit
 * @example
 * nextNeedle([{ id: 'a', hours: 0, spent: false, addedAt: '1' }, { id: 'b', hours: 2, spent: false, addedAt: '2' }], 5).id // => 'b'
 * nextNeedle([{ id: 'a', hours: 6, spent: false, addedAt: '1' }], 5) // => null
 */
export function nextNeedle<T extends StockNeedle>(needles: readonly T[], lifeHours: number | null): T | null {
  const fit = needles.filter((n) => ['new', 'good', 'near'].includes(needleState(n, lifeHours)));
  const inOrder = [...fit].sort((a, b) => b.hours - a.hours || (a.addedAt < b.addedAt ? -1 : 1));
  return inOrder[0] ?? null;
}

/**
 * The share of its hours that is over: of a needle's life, or until the next care.
 *
 * @param hours - sewn
 * @param everyHours - hours it has; null where hours do not decide
 * @returns 0 … 1; 0 where hours do not decide
 * @example
 * shareOfHours(6, 5) // => 1
 */
export const shareOfHours = (hours: number, everyHours: number | null): number =>
  everyHours === null ? 0 : clamp(hours / everyHours, 0, 1);
