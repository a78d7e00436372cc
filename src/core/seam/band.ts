import * as z from 'zod';
import { atLeast, isAbove } from '../numbers';
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
  /** Whether the finished band passes over a head, hand or hip; null while its stretch is not known, absent when no girth was given. */
  passesGirth?: boolean | null;
}

/** Four fifths: the usual start (common practice). */
const USUAL_RATIO = 0.8;
/** A flat band is no shorter than this share of its opening unless the person says so (common practice). */
const LEAST_RATIO = 0.5;
/** A band is sewn on stretched by at most this share of its own stretch, or it puckers the opening (common practice). */
const EASY_SHARE = 0.5;
/** A band passes where it is pulled to four fifths of its stretch (common practice). */
const PASSING_SHARE = 0.8;
/** A band that recovers less than this is not sewn on stretched; up to the other it gapes a little, percent (common practice). */
export const RECOVERS_PERCENT = { least: 60, well: 80 };

/**
 * The ratio of band to opening when the person names none.
 *
 * A band w wide lies flat round an opening when its inner edge is 2πw shorter: ratio 1 − 2πw/opening; without a width it is the
 * usual 0.80. What the band stretches and how it recovers does not change it: that is said (`bandWarnings`).
 *
 * @param input - opening and width in mm
 * @returns share, 0.5 … 1
 * @example
 * bandRatio({ openingMm: 600, bandWidthMm: 20 }) // => 0.79
 * bandRatio({ openingMm: 600, bandWidthMm: 10 }) // => 0.9
 * bandRatio({ openingMm: 600 }) // => 0.8
 */
export function bandRatio({ openingMm, bandWidthMm }: Pick<BandInput, 'openingMm' | 'bandWidthMm'>): number {
  if (bandWidthMm === undefined) return USUAL_RATIO;
  return Math.max(LEAST_RATIO, 1 - (2 * Math.PI * bandWidthMm) / openingMm);
}

/**
 * The ratio at which a band goes on easily: as it lies flat, or longer where its fabric stretches little.
 *
 * @param input - opening and width in mm, stretch of the band in percent
 * @returns share, up to 1: sewn on, the band is stretched by half of its own stretch at most
 * @example
 * easyBandRatio({ openingMm: 600, bandWidthMm: 20, stretch: 60 }) // => 0.79
 * easyBandRatio({ openingMm: 600, bandWidthMm: 20, stretch: 20 }) // => 0.91
 */
export function easyBandRatio(input: Pick<BandInput, 'openingMm' | 'bandWidthMm'> & { stretch: number }): number {
  return Math.max(bandRatio(input), 1 / (1 + (EASY_SHARE * input.stretch) / 100));
}

/**
 * The ratio of a band that does not quite come back: shorter, by what it keeps of the stretch that sewing it on gives it (model).
 *
 * @param ratio - finished band : opening, for a band that recovers well
 * @param stretch - of the band, percent
 * @param recovery - of the band, percent
 * @returns share; never so short that the band is stretched by more than half of its own stretch
 * @example
 * limpBandRatio(0.8, 80, 90) // => 0.8
 * limpBandRatio(0.8, 80, 70) // => 0.78
 */
export function limpBandRatio(ratio: number, stretch: number, recovery: number): number {
  const kept = Math.max(0, RECOVERS_PERCENT.well - Math.max(recovery, RECOVERS_PERCENT.least)) / 100;
  const shorter = ratio * (1 - kept * (1 / ratio - 1));
  return Math.min(ratio, Math.max(shorter, 1 / (1 + (EASY_SHARE * stretch) / 100)));
}

/** What may go wrong with a band: it would be sewn on stretched too far, it gapes a little, or it does not come back at all. */
export type BandWarning = 'overstretched' | 'gapes' | 'stays-stretched';

/**
 * What to say of a band before it is cut.
 *
 * @param ratio - finished band : opening
 * @param stretch - of the band, percent; undefined while not known
 * @param recovery - of the band, percent; undefined while not known
 * @returns warnings, none for a band that fits easily
 * @example
 * bandWarnings(0.8, 60, 95) // => []
 * bandWarnings(0.8, 30, 70) // => ['overstretched', 'gapes']
 */
export function bandWarnings(ratio: number, stretch?: number, recovery?: number): BandWarning[] {
  const warnings: BandWarning[] = [];
  const fitPercent = (1 / ratio - 1) * 100;
  if (stretch !== undefined && isAbove(fitPercent, EASY_SHARE * stretch)) warnings.push('overstretched');
  if (recovery !== undefined && recovery < RECOVERS_PERCENT.least) warnings.push('stays-stretched');
  else if (recovery !== undefined && recovery < RECOVERS_PERCENT.well) warnings.push('gapes');
  return warnings;
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
 * without its stretch a band that is as wide as the girth passes, and of any other it is not known.
 *
 * @param input - opening, and what is known of the band
 * @returns lengths in mm
 * @example
 * bandFor({ openingMm: 600, ratio: 0.8, joinAllowanceMm: 10 }) // => { cutMm: 500, finishedMm: 480, ratio: 0.8, quarterBandMm: 120, quarterOpeningMm: 150, stretchToFitPercent: 25 }
 * bandFor({ openingMm: 600, ratio: 0.8, stretch: 60, joinAllowanceMm: 10, girthMm: 580 }).passesGirth // => true
 */
export function bandFor(input: BandInput): Band {
  const { openingMm, joinAllowanceMm, girthMm, stretch } = input;
  const ratio = input.ratio ?? bandRatio(input);
  const finishedMm = openingMm * ratio;
  return {
    cutMm: finishedMm + 2 * joinAllowanceMm,
    finishedMm,
    ratio,
    quarterBandMm: finishedMm / 4,
    quarterOpeningMm: openingMm / 4,
    stretchToFitPercent: Math.max(0, (1 / ratio - 1) * 100),
    ...(girthMm !== undefined && { passesGirth: passes(finishedMm, girthMm, stretch) }),
  };
}

function passes(finishedMm: number, girthMm: number, stretch: number | undefined): boolean | null {
  if (finishedMm >= girthMm) return true;
  return stretch === undefined ? null : atLeast(bandReachMm(finishedMm, stretch), girthMm);
}
