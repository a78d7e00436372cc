import type { TestLine } from './swatch';

/** How far a scrap is tested. */
export type ScrapStanding =
  /** Nothing is sewn on it yet. */
  | { state: 'not started' }
  /** One of its lines is under the needle, or sewn and not yet judged. */
  | { state: 'begun'; number: number }
  /** Lines are sewn, none of them passed, and the last word is not said. */
  | { state: 'none passed'; sewn: number }
  | { state: 'passed' }
  /** None passed, and the last line was given up. */
  | { state: 'skipped' };

/**
 * How far a scrap is tested, by its lines.
 *
 * @param lines - those of one scrap, in any order
 * @returns a line that is being sewn before all else: a scrap that once passed can be under the needle again
 * @example
 * scrapStanding([]) // => { state: 'not started' }
 */
export function scrapStanding(lines: readonly Pick<TestLine, 'number' | 'status'>[]): ScrapStanding {
  const count = (status: TestLine['status']) => lines.filter((line) => line.status === status).length;
  const inHand = lines.find(({ status }) => status === 'sewing');
  if (inHand) return { state: 'begun', number: inHand.number };
  if (count('passed') > 0) return { state: 'passed' };
  const last = [...lines].sort((a, b) => a.number - b.number).at(-1);
  if (last?.status === 'abandoned') return { state: 'skipped' };
  return count('failed') > 0 ? { state: 'none passed', sewn: count('failed') } : { state: 'not started' };
}

/** Whether a scrap waits to be gone on with: planned or begun, neither proven nor given up. */
export const isHalfTested = (lines: readonly Pick<TestLine, 'number' | 'status'>[]): boolean =>
  !['passed', 'skipped'].includes(scrapStanding(lines).state);
