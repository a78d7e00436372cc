import { type SearchedOrder, gapOf } from '@/core/job';
import { formatNumber } from '@/core/units';

/**
 * What is known of an order, in words.
 *
 * @param found - of this very order; null when nobody has looked for a better one
 * @param changes - how many changes and walks to the iron it takes
 */
export function sayFound(found: SearchedOrder | null, changes: number): string {
  const all = `${changes} ${changes === 1 ? 'change or walk' : 'changes and walks'} to the iron.`;
  if (!found) return `In this order: ${all}`;
  if (found.optimal) return `${all} Proven: no order costs less.`;
  const { boundMin, gapPercent } = gapOf(found);
  return `${all} No order can cost less than ${formatNumber(boundMin, 1)} min; this one is at most ${gapPercent}% above that.`;
}
