import { formatNumber } from '@/core/units';

/** What a search for an order came to, minutes. */
export interface Found {
  cost: number;
  bound: number;
  optimal: boolean;
}

/**
 * What is known of an order, in words.
 *
 * @param found - of this very order; null when nobody has looked for a better one
 * @param changes - how many changes and walks to the iron it takes
 */
export function sayFound(found: Found | null, changes: number): string {
  const all = `${changes} ${changes === 1 ? 'change or walk' : 'changes and walks'} to the iron.`;
  if (!found) return `In this order: ${all}`;
  if (found.optimal) return `${all} Proven: no order costs less.`;
  const gap = Math.ceil((100 * (found.cost - found.bound)) / found.bound);
  // Neither is rounded towards the better: it would promise too much.
  const bound = formatNumber(Math.floor(found.bound * 10 + 1e-6) / 10, 1);
  return `${all} No order can cost less than ${bound} min; this one is at most ${gap} % above that.`;
}
