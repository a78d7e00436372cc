import { spreadOf } from '../numbers';
import * as z from 'zod';
import { above0 } from '../result';

/** Marks read off a ruler while a folded edge is pulled: at rest, pulled until it resists, let go for a minute. */
export const stretchMarksSchema = z
  .strictObject({
    rest: above0('a length', 2000),
    stretched: above0('a length', 10000),
    relaxed: above0('a length', 10000).optional(),
  })
  .refine((m) => m.stretched >= m.rest, {
    path: ['stretched'],
    error: 'expected at least the relaxed length: stretching makes it longer',
  })
  .refine((m) => m.stretched <= m.rest * 5, {
    path: ['stretched'],
    error: 'expected at most five times the rest length (400% stretch)',
  })
  .refine((m) => m.relaxed === undefined || m.relaxed <= m.stretched, {
    path: ['relaxed'],
    error: 'expected at most the stretched length',
  })
  .refine((m) => m.relaxed === undefined || m.relaxed >= m.rest * 0.9, {
    path: ['relaxed'],
    error: 'expected about the relaxed length or more: measure again if it came back shorter',
  });
export type StretchMarks = z.infer<typeof stretchMarksSchema>;

/** What the marks say. Recovery is null when nothing was stretched; both are absent without a relaxed mark. */
export interface StretchResult {
  stretchPercent: number;
  recoveryPercent?: number | null;
  growthPercent?: number;
}

/**
 * Stretch, recovery and growth from three marks on a ruler.
 *
 * The same quantities as fabric stretch and growth in ASTM D2594 (knits) and D3107 (wovens): stretch over the
 * rest length, recovery over what was stretched, growth what stays. By hand the load is not standardised, so
 * repeat it and use the cautious end. A relaxed mark a little below rest counts as full recovery.
 *
 * @param marks - rest, stretched and (optional) relaxed in one unit, checked by `stretchMarksSchema`
 * @returns percents
 * @throws when a mark is not above 0
 * @example
 * stretchFromMarks({ rest: 100, stretched: 150 }) // => { stretchPercent: 50 }
 * stretchFromMarks({ rest: 100, stretched: 150, relaxed: 104 }) // => { stretchPercent: 50, recoveryPercent: 92, growthPercent: 4 }
 * stretchFromMarks({ rest: 100, stretched: 100, relaxed: 100 }).recoveryPercent // => null
 */
export function stretchFromMarks({ rest, stretched, relaxed }: StretchMarks): StretchResult {
  if (!(rest > 0 && stretched > 0)) throw new Error(`stretchFromMarks: expected marks above 0, got ${rest}`);
  const stretchPercent = percent(stretched - rest, rest);
  if (relaxed === undefined) return { stretchPercent };
  const stayed = Math.max(0, relaxed - rest);
  return {
    stretchPercent,
    recoveryPercent: stretched === rest ? null : 100 - percent(stayed, stretched - rest),
    growthPercent: percent(stayed, rest),
  };
}

// Multiplied before it is divided, so that whole marks give whole percents.
const percent = (part: number, whole: number) => (part * 100) / whole;

/** Several readings of one property: mean, spread (sample standard deviation), how many. */
export interface Repeated {
  mean: number;
  spread: number;
  n: number;
  /** The end a careful plan uses: the mean less the spread. */
  cautious: number;
}

/**
 * Mean, spread and cautious end of repeated readings.
 *
 * @param values - readings in one unit
 * @returns null for no reading; spread 0 for a single one
 * @example
 * repeated([48, 50, 52]) // => { mean: 50, spread: 2, n: 3, cautious: 48 }
 * repeated([]) // => null
 */
export function repeated(values: readonly number[]): Repeated | null {
  const seen = spreadOf(values);
  if (!seen) return null;
  const { mean, deviation: spread, count: n } = seen;
  return { mean, spread, n, cautious: Math.max(0, mean - spread) };
}
