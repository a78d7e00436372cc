import type { Belief, CauseSet } from './network';
import type { Cause } from './causes';

/** A change as it is weighed: what it cures, and how long it takes with its line, minutes. */
export interface Weighable {
  cures: Partial<Record<Cause, number>>;
  minutes: number;
}

/** Steps looked ahead, and what is still wrong after them costs, minutes (model). */
const AHEAD = { steps: 6, leftMin: 40 };

/**
 * How much of what is wrong a change puts right, by cause: of two causes at once each is half.
 *
 * @param belief - of the line
 * @returns for each cause, the share of what is wrong that ends with it
 */
export function shares(belief: Belief): Partial<Record<Cause, number>> {
  const out: Partial<Record<Cause, number>> = {};
  for (const { causes, probability } of belief)
    for (const cause of causes) out[cause] = (out[cause] ?? 0) + probability / causes.length;
  return out;
}

/**
 * The share of what is wrong that a change is expected to put right, 0 … 1.
 *
 * @example
 * gainOf({ 'lint-in-feed': 0.9 }, { 'lint-in-feed': 0.5, pulled: 0.5 }) // => 0.45
 */
export const gainOf = (cures: Weighable['cures'], by: Partial<Record<Cause, number>>): number =>
  (Object.keys(cures) as Cause[]).reduce((sum, cause) => sum + (by[cause] ?? 0) * cures[cause]!, 0);

/** The change that pays most for its time; null where none puts anything right. */
export const bestOf = <C extends Weighable>(belief: Belief, changes: readonly C[]): C | null =>
  paysMost(shares(belief), changes);

function paysMost<C extends Weighable>(by: Partial<Record<Cause, number>>, changes: Iterable<C>): C | null {
  let best: C | null = null;
  let most = 0;
  for (const change of changes) {
    const pays = gainOf(change.cures, by) / change.minutes;
    if (pays > most) [best, most] = [change, pays];
  }
  return best;
}

/**
 * Minutes until it is right, when the change that pays most for its time is always made next, each once.
 *
 * For one cause at a time and changes that do not disturb each other no order is quicker.
 *
 * @param belief - of the line
 * @param changes - what can be done
 */
export function minutesAhead(belief: Belief, changes: readonly Weighable[]): number {
  const left = shares(belief);
  const stays: Partial<Record<Cause, number>> = {};
  let rest = notRight(belief, stays);
  let minutes = 0;
  const open = new Set(changes);
  for (let step = 0; step < AHEAD.steps && rest > 0.01; step += 1) {
    const best = paysMost(left, open);
    if (!best) break;
    minutes += rest * best.minutes;
    open.delete(best);
    for (const cause of Object.keys(best.cures) as Cause[]) {
      if (left[cause] === undefined) continue;
      left[cause] *= 1 - best.cures[cause]!;
      stays[cause] = (stays[cause] ?? 1) * (1 - best.cures[cause]!);
    }
    rest = notRight(belief, stays);
  }
  return minutes + rest * AHEAD.leftMin;
}

/** That something is still wrong: with two causes a line passes only when both are gone. `stays` is the chance that a cause does. */
function notRight(belief: Belief, stays: Partial<Record<Cause, number>>): number {
  let sum = 0;
  for (const { causes, probability } of belief) {
    let right = 1;
    for (const cause of causes) right *= 1 - (stays[cause] ?? 1);
    sum += probability * (1 - right);
  }
  return sum;
}

/** A line that did not pass after a change: better by some sign, or the same. */
interface Unfinished {
  better: { probability: number; belief: Belief };
  same: { probability: number; belief: Belief };
}

/** How a change may leave the line without a pass, by what is believed of it. */
function unfinishedAfter(belief: Belief, cures: Weighable['cures']): Unfinished {
  const better: CauseSet[] = [];
  const same: CauseSet[] = [];
  for (const { causes, probability } of belief) {
    if (causes.length === 0) continue;
    const [a, b] = causes;
    const [cureA, cureB] = [cures[a] ?? 0, b === undefined ? 1 : (cures[b] ?? 0)];
    same.push({ causes, probability: probability * (1 - cureA) * (b === undefined ? 1 : 1 - cureB) });
    if (b === undefined) continue;
    if (cureA > 0) better.push({ causes: [b], probability: probability * cureA * (1 - cureB) });
    if (cureB > 0) better.push({ causes: [a], probability: probability * cureB * (1 - cureA) });
  }
  return { better: normal(better), same: normal(same) };
}

function normal(sets: CauseSet[]): { probability: number; belief: Belief } {
  const probability = sets.reduce((sum, set) => sum + set.probability, 0);
  const belief = probability === 0 ? [] : sets.map((set) => ({ ...set, probability: set.probability / probability }));
  return { probability, belief };
}

/**
 * Minutes expected until a line passes, when a change is made first: two steps ahead over pass, better by a sign, and the same.
 *
 * @param belief - of the line
 * @param change - what is done first
 * @param others - what can be done after it
 */
export function minutesWith(belief: Belief, change: Weighable, others: readonly Weighable[]): number {
  const { better, same } = unfinishedAfter(belief, change.cures);
  const left = others.filter((other) => other !== change);
  return (
    change.minutes +
    better.probability * minutesAhead(better.belief, others) +
    same.probability * minutesAhead(same.belief, left)
  );
}
