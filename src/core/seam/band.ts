import * as z from 'zod';
import { above0, within } from '../result';

/** A band for an opening. Lengths in mm, stretch and recovery of the band in percent; the join is at each end. */
export const bandInputSchema = z.strictObject({
  openingMm: above0('a length in mm', 5000),
  ratio: within(0.4, 1.2, 'a share').optional(),
  bandWidthMm: above0('a width in mm', 500).optional(),
  stretch: within(0, 400, 'a stretch in percent').optional(),
  recovery: within(0, 100, 'a percent').optional(),
  joinAllowanceMm: within(0, 50, 'an allowance in mm').default(10),
  girthMm: above0('a girth in mm', 3000).optional(),
});
export type BandInput = z.infer<typeof bandInputSchema>;

/** A band worked out: lengths in mm, ratio finished band : opening, stretch in percent. */
export interface Band {
  cutMm: number;
  finishedMm: number;
  ratio: number;
  quarterBandMm: number;
  quarterOpeningMm: number;
  stretchToFitPercent: number;
  /** Whether the finished band passes over a head, hand or hip; absent when no girth was given. */
  passesGirth?: boolean;
}

/** Four fifths: the usual start (common practice). */
const USUAL_RATIO = 0.8;
/** Bands are neither longer than the opening nor shorter than half of it unless the person says so. */
const RATIO = { least: 0.5, most: 1 };
/** A band is sewn on stretched by at most this share of its own stretch, or it puckers the opening (common practice). */
const EASY_SHARE = 0.5;
/** A band passes where it is pulled to four fifths of its stretch (common practice). */
const PASSING_SHARE = 0.8;
/** Cloth that recovers worse than this is cut a little shorter, as it will grow (common practice). */
const RECOVERS_PERCENT = 85;

/**
 * The ratio of band to opening when the person names none.
 *
 * A band w wide lies flat round an opening when its inner edge is 2πw shorter: ratio 1 − 2πw/opening; without a width
 * it is the usual 0.80. A band that stretches little is cut longer (it is sewn on at half of its own stretch at most),
 * one that recovers badly a little shorter.
 *
 * @param input - opening and width in mm, stretch and recovery in percent
 * @returns share, 0.5 … 1
 * @example
 * bandRatio({ openingMm: 600, bandWidthMm: 20 }) // => 0.79
 * bandRatio({ openingMm: 600, bandWidthMm: 10 }) // => 0.9
 * bandRatio({ openingMm: 600, stretch: 20 }) // => 0.91
 */
export function bandRatio(input: Pick<BandInput, 'openingMm' | 'bandWidthMm' | 'stretch' | 'recovery'>): number {
  const { openingMm, bandWidthMm, stretch, recovery } = input;
  const flat = bandWidthMm === undefined ? USUAL_RATIO : 1 - (2 * Math.PI * bandWidthMm) / openingMm;
  const limp = recovery === undefined ? 0 : Math.max(0, RECOVERS_PERCENT - recovery) / 1000;
  const shortest = stretch === undefined ? RATIO.least : 1 / (1 + (EASY_SHARE * stretch) / 100);
  return Math.min(RATIO.most, Math.max(RATIO.least, shortest, flat - limp));
}

/**
 * How far round a finished band is when it is pulled over a head, hand or hip.
 *
 * @param finishedMm - round the finished band, mm
 * @param stretch - of the band, percent
 * @returns mm, at four fifths of its stretch
 * @example
 * bandReachMm(480, 50) // => 672
 */
export const bandReachMm = (finishedMm: number, stretch: number): number =>
  finishedMm * (1 + (PASSING_SHARE * stretch) / 100);

/**
 * How long to cut a band, what each quarter takes, and whether it passes over the head.
 *
 * Only the band is stretched, never the opening. The girth check uses the finished band at four fifths of its stretch;
 * without a measured stretch it counts as not stretching.
 *
 * @param input - opening, and what is known of the band
 * @returns lengths in mm
 * @example
 * bandFor({ openingMm: 600, ratio: 0.8, joinAllowanceMm: 10 }) // => { cutMm: 500, finishedMm: 480, ratio: 0.8, quarterBandMm: 120, quarterOpeningMm: 150, stretchToFitPercent: 25 }
 * bandFor({ openingMm: 600, ratio: 0.8, stretch: 60, joinAllowanceMm: 10, girthMm: 580 }).passesGirth // => true
 */
export function bandFor(input: BandInput): Band {
  const { openingMm, joinAllowanceMm, girthMm, stretch = 0 } = input;
  const ratio = input.ratio ?? bandRatio(input);
  const finishedMm = openingMm * ratio;
  const pulledMm = bandReachMm(finishedMm, stretch);
  return {
    cutMm: finishedMm + 2 * joinAllowanceMm,
    finishedMm,
    ratio,
    quarterBandMm: finishedMm / 4,
    quarterOpeningMm: openingMm / 4,
    stretchToFitPercent: Math.max(0, (1 / ratio - 1) * 100),
    ...(girthMm !== undefined && { passesGirth: pulledMm >= girthMm }),
  };
}
