import { spreadOf } from '../numbers';

/** A number learned from several: where it lies, how far they lie apart, and how many they are. */
export interface LearnedNumber {
  /** Drawn towards none, the more so the fewer they are. */
  mean: number;
  /** Spread of the single ones (standard deviation); 0 for one. */
  spread: number;
  count: number;
}

/** What a machine's cards can teach of it. */
export const OFFSETS = ['tensionSteps', 'pressure', 'lengthFactor'] as const;
export type Offset = (typeof OFFSETS)[number];

/** As many cards as it takes to believe half of what they say (model). */
const HALF_BELIEVED = 2;

/**
 * The shrunk mean of a few values: n/(n + 2) of the plain mean.
 *
 * One card says little about a machine, five say most of what there is to say; shrinking keeps a single odd one from moving every
 * setting. It is the posterior mean under a normal prior at 0 with half the variance of a single card (model).
 *
 * @param values - any numbers
 * @returns mean, spread and count; null for none
 * @example
 * shrunkMean([1, 1]) // => { mean: 0.5, spread: 0, count: 2 }
 * shrunkMean([]) // => null
 */
export function shrunkMean(values: readonly number[]): LearnedNumber | null {
  const seen = spreadOf(values);
  if (!seen) return null;
  const { mean, deviation: spread, count } = seen;
  return { mean: (mean * count) / (count + HALF_BELIEVED), spread, count };
}
