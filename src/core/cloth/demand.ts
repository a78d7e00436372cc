import { atMost, isAbove } from '../numbers';
import type { Cloth } from './cloth';
import { clothProfile } from './profile';
import * as z from 'zod';
import { above0, within } from '../result';

/** The stretch ruler printed on a pattern: a rest length that must reach a second mark, and what the cloth can do. */
export const stretchDemandSchema = z
  .strictObject({
    restMm: above0('a length in mm', 2000),
    reachMm: above0('a length in mm', 8000),
    stretchPercent: within(0, 400, 'a stretch in percent'),
    /** The least the cloth was seen or guessed to stretch; left out, the same as `stretchPercent`. */
    leastPercent: within(0, 400, 'a stretch in percent').optional(),
    recoveryPercent: within(0, 100, 'a percent').optional(),
  })
  .refine((d) => d.reachMm >= d.restMm, {
    path: ['reachMm'],
    error: 'expected at least the first mark: the pattern asks how far the fabric stretches',
  })
  .refine((d) => d.reachMm <= d.restMm * 5, {
    path: ['reachMm'],
    error: 'expected at most five times the first mark (400% stretch)',
  });

/** How a cloth answers a pattern. */
export interface DemandFit {
  demandPercent: number;
  /** How far the rest length of this cloth reaches, mm. */
  clothReachMm: number;
  /** What it lacks at the pattern's mark, mm; 0 when it gets there. */
  shortMm: number;
  verdict: 'plenty' | 'enough' | 'doubtful' | 'too-little';
  text: string;
}

/** A garment worn at more than this share of what its cloth can do feels tight and wears out (common practice). */
const EASY_SHARE = 0.8;
/** Under this recovery a garment that needs the stretch bags (common practice). */
const COMES_BACK = 80;

/**
 * Whether a cloth has the stretch that a pattern was drawn for.
 *
 * @param input - the pattern's two marks, and what the cloth does
 * @returns the demand and how the cloth meets it
 * @example
 * stretchDemand({ restMm: 100, reachMm: 135, stretchPercent: 50 }).verdict // => 'plenty'
 * stretchDemand({ restMm: 100, reachMm: 160, stretchPercent: 50 }).shortMm // => 10
 */
export function stretchDemand(input: z.infer<typeof stretchDemandSchema>): DemandFit {
  const { restMm, reachMm, stretchPercent, recoveryPercent } = input;
  const least = Math.min(stretchPercent, input.leastPercent ?? stretchPercent);
  const demandPercent = ((reachMm - restMm) * 100) / restMm;
  const clothReachMm = restMm * (1 + stretchPercent / 100);
  const shortMm = Math.max(0, reachMm - clothReachMm);
  const verdict = isAbove(demandPercent, stretchPercent)
    ? 'too-little'
    : isAbove(demandPercent, least)
      ? 'doubtful'
      : atMost(demandPercent, least * EASY_SHARE)
        ? 'plenty'
        : 'enough';
  const bags = verdict !== 'too-little' && demandPercent > 0 && (recoveryPercent ?? 100) < COMES_BACK;
  return { demandPercent, clothReachMm, shortMm, verdict, text: `${TEXT[verdict]}${bags ? BAGS : ''}` };
}

/** The stretch ruler of a pattern: the first mark and the second, mm. */
type PatternMarks = Pick<z.infer<typeof stretchDemandSchema>, 'restMm' | 'reachMm'>;

/**
 * The question how a cloth answers a pattern, from everything that is known of the cloth.
 *
 * @param cloth - the cloth
 * @param marks - of the pattern
 */
export function demandOn(cloth: Cloth, marks: PatternMarks): z.infer<typeof stretchDemandSchema> {
  const { stretchAcross, recovery } = clothProfile(cloth);
  return {
    ...marks,
    stretchPercent: stretchAcross.value,
    leastPercent: stretchAcross.low,
    recoveryPercent: recovery.value,
  };
}

/** How a cloth answers a pattern whose marks are known to be in order. */
export const patternFit = (cloth: Cloth, marks: PatternMarks): DemandFit => stretchDemand(demandOn(cloth, marks));

const TEXT: Record<DemandFit['verdict'], string> = {
  plenty: 'It reaches the mark with room to spare.',
  enough: 'It just reaches the mark: when worn it will be near the end of its stretch.',
  doubtful: 'It may reach the mark; measure its stretch to be sure.',
  'too-little': 'It does not reach the mark. Go up a size, or use another pattern or another fabric.',
};
const BAGS = ' It recovers poorly, though: knees, elbows and seat will bag.';
