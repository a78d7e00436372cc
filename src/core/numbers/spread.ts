/** Mean and spread of several numbers, in their own unit. */
export interface Spread {
  mean: number;
  /** Sample standard deviation; 0 for a single number. */
  deviation: number;
  count: number;
}

/** The sum of several numbers; 0 for none. */
export const sum = (values: readonly number[]): number => values.reduce((total, value) => total + value, 0);

/**
 * The arithmetic mean.
 *
 * @param values - any numbers
 * @returns 0 for none
 * @example
 * mean([1, 2, 6]) // => 3
 * mean([]) // => 0
 */
export const mean = (values: readonly number[]): number => (values.length === 0 ? 0 : sum(values) / values.length);

/**
 * Mean and sample standard deviation (squares over n − 1).
 *
 * @param values - any numbers
 * @returns null for none
 * @example
 * spreadOf([48, 50, 52]) // => { mean: 50, deviation: 2, count: 3 }
 * spreadOf([]) // => null
 */
export function spreadOf(values: readonly number[]): Spread | null {
  const count = values.length;
  if (count === 0) return null;
  const middle = mean(values);
  const squares = sum(values.map((value) => (value - middle) ** 2));
  return { mean: middle, deviation: count > 1 ? Math.sqrt(squares / (count - 1)) : 0, count };
}
