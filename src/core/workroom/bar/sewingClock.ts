import { NEEDLE_SHARE } from '../../kit';
import { clamp } from '../../numbers';

/** A clock forgotten overnight counts no more than this, minutes. */
const MOST_MIN = 240;

/**
 * What a sewing clock has counted.
 *
 * @param since - when it was started, ms
 * @param until - when it was stopped, ms; earlier than `since` where the computer's clock was set back
 * @returns minutes at the machine, 0 … 240, and the share of them the needle was moving
 * @example
 * sewingClock(0, 600_000).satMin // => 10
 * sewingClock(600_000, 0).satMin // => 0
 */
export function sewingClock(since: number, until: number): { satMin: number; needleMin: number } {
  const satMin = clamp((until - since) / 60_000, 0, MOST_MIN);
  return { satMin, needleMin: satMin * NEEDLE_SHARE };
}
