import type { NeedleRecord } from '@/core/file';
import { needleHours, needleState, type NeedleState, SPENT_TEXT } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { NEEDLE_STOCK_TEXT } from './text';

/** How far a needle is through its life. */
export const stateOf = (record: NeedleRecord, life: number | null): NeedleState =>
  needleState({ hours: needleHours(record), spent: record.spent !== null }, life);

/** One needle in a few words: its hours, and that it is new, nearly worn out or used up. */
export function sayNeedle(record: NeedleRecord, life: number | null): string {
  if (record.spent) return NEEDLE_STOCK_TEXT.spent(SPENT_TEXT[record.spent]);
  const hours = NEEDLE_STOCK_TEXT.h(formatNumber(needleHours(record), 1));
  const state = stateOf(record, life);
  if (state === 'new') return NEEDLE_STOCK_TEXT.new;
  if (state === 'near') return `${hours}, ${NEEDLE_STOCK_TEXT.nearlyDone}`;
  return state === 'past' ? `${hours}, ${NEEDLE_STOCK_TEXT.pastItsHours}` : hours;
}

/** Worst first: what a person has to know of a pack. */
const WORST: readonly NeedleState[] = ['past', 'near', 'good', 'new', 'spent'];

/** How a pack stands: by its worst needle that is still used. */
export const stateOfPack = (needles: readonly NeedleRecord[], life: number | null): NeedleState =>
  WORST.find((state) => needles.some((record) => stateOf(record, life) === state)) ?? 'spent';

/** A pack in a few words: each needle that has sewn, how many are new, how many are used up. */
export function sayPack(needles: readonly NeedleRecord[], life: number | null): string {
  const used = needles.filter((record) => !['new', 'spent'].includes(stateOf(record, life)));
  const count = (state: NeedleState) => needles.filter((record) => stateOf(record, life) === state).length;
  const [fresh, spent] = [count('new'), count('spent')];
  if (needles.length === 1) return sayNeedle(needles[0], life);
  return [
    ...used.map((record) => sayNeedle(record, life)),
    ...(fresh > 0 ? [NEEDLE_STOCK_TEXT.newOnes(fresh)] : []),
    ...(spent > 0 ? [NEEDLE_STOCK_TEXT.spentOnes(spent)] : []),
  ].join(' · ');
}
