import { sum } from '../numbers';

/** How long one operation was expected to take, and how long it took, minutes. */
export interface PaceSample {
  expectedMin: number;
  actualMin: number;
}

/** How a person's time compares with the estimate: the factor, how far single seams scatter (of the logarithm), from how many. */
export interface Pace {
  factor: number;
  scatter: number;
  count: number;
}

/** What is taken for granted of somebody nothing is known of: the estimate holds, within half as much again (model). */
const PRIOR = { weight: 2, scatter: 0.4 };
/** Below this, minutes, something was clicked through and not sewn. */
const LEAST_MIN = 0.5;

/**
 * A person's own pace, from what they have sewn.
 *
 * The mean of the logarithms of took / expected, drawn towards 1 while there is little to go by (model).
 *
 * @param samples - what was expected and what it took; what was clicked through does not count
 * @returns factor 1 without any
 * @example
 * paceOf([]) // => { factor: 1, scatter: 0.4, count: 0 }
 */
export function paceOf(samples: readonly PaceSample[]): Pace {
  const logs = samples
    .filter(({ expectedMin, actualMin }) => expectedMin > 0 && actualMin >= LEAST_MIN)
    .map(({ expectedMin, actualMin }) => Math.log(actualMin / expectedMin));
  const weight = logs.length + PRIOR.weight;
  const mean = sum(logs) / weight;
  const spread = sum(logs.map((l) => (l - mean) ** 2));
  const scatter = Math.sqrt((spread + PRIOR.weight * PRIOR.scatter ** 2) / weight);
  return { factor: Math.exp(mean), scatter, count: logs.length };
}

/** A time with what it may come to: eight jobs in ten end between `low` and `high`. Minutes. */
export interface TimeSpread {
  minutes: number;
  low: number;
  high: number;
}

/** Eight in ten lie within so many deviations of a normal scatter. */
const EIGHT_IN_TEN = 1.2816;

/**
 * What several seams take together at a person's pace.
 *
 * Seams scatter by themselves, which evens out; that the pace itself is not known well does not.
 *
 * @param expected - minutes of each seam by the estimate
 * @param pace - the person's
 * @param fixedMin - minutes that do not depend on it: changes on the machine
 * @returns minutes and the range that holds in eight of ten cases
 */
export function timeSpread(expected: readonly number[], pace: Pace, fixedMin = 0): TimeSpread {
  const own = expected.map((m) => m * pace.factor);
  const sewn = sum(own);
  const single = sum(own.map((m) => (m * pace.scatter) ** 2));
  const shared = (sewn * pace.scatter) ** 2 / (pace.count + PRIOR.weight);
  const off = EIGHT_IN_TEN * Math.sqrt(single + shared);
  const minutes = sewn + fixedMin;
  return { minutes, low: Math.max(fixedMin, minutes - off), high: minutes + off };
}
