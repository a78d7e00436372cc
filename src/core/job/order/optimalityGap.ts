import { isNear, stepsToReach, stepsWithin } from '../../numbers';

/** What a search for an order came to, minutes. */
export interface SearchedOrder {
  cost: number;
  /** No order costs less. */
  bound: number;
  optimal: boolean;
}

/** Whether what was found is about an order of this cost. */
export const isAboutOrder = (found: Pick<SearchedOrder, 'cost'>, cost: number): boolean => isNear(found.cost, cost);

/**
 * How far an order is from the least any could cost, neither number rounded towards the better: it would promise too much.
 *
 * @param found - what the search came to
 * @returns the lower bound in tenths of a minute, and how much more this one costs, percent
 * @example
 * gapOf({ cost: 11, bound: 10.06 }) // => { boundMin: 10, gapPercent: 10 }
 */
export function gapOf({ cost, bound }: Pick<SearchedOrder, 'cost' | 'bound'>): {
  boundMin: number;
  gapPercent: number;
} {
  return { boundMin: stepsWithin(bound * 10) / 10, gapPercent: stepsToReach((100 * (cost - bound)) / bound) };
}
