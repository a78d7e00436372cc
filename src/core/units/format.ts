import { GSM_PER_OZ_SQ_YD } from './arealMass';
import { formatInches, formatMm, MM_PER_INCH } from './length';

/** Prints lengths, weights and heat in a person's units. */
export interface Printing {
  length: (mm: number) => string;
  heat: (celsius: number) => string;
  mass: (gsm: number) => string;
}

/** Which units a person reads in. */
export const UNIT_SYSTEMS = ['metric', 'inch'] as const;
export type UnitSystem = (typeof UNIT_SYSTEMS)[number];

/**
 * A number rounded for the eye, without trailing zeros.
 *
 * @param value - any finite number
 * @param decimals - the most decimals to show
 * @returns the text
 * @example
 * formatNumber(2.04, 1) // => '2'
 * formatNumber(2.25, 2) // => '2.25'
 */
export function formatNumber(value: number, decimals = 1): string {
  const scale = 10 ** decimals;
  const rounded = Math.round(value * scale) / scale;
  return String(rounded === 0 ? 0 : rounded);
}

/**
 * A share or a stretch in per cent, its sign tight to the figure.
 *
 * @param percent - 50 is a half
 * @param decimals - at most
 */
export const formatPercent = (percent: number, decimals = 1): string => `${formatNumber(percent, decimals)}%`;

/** Below this a length is printed in mm in both systems: a sixteenth of an inch says nothing of it. */
const LEAST_INCHES_MM = 1.5;
/** Up to 1 cm is printed in mm; from so many metres or inches on, in metres or yards. */
const MOST_MM = 10;
const MOST_CM_MM = 2000;
const MOST_INCHES_MM = 120 * MM_PER_INCH;

/**
 * A length in the person's units, as a hand can measure it.
 *
 * Metric: tenths of a mm up to 1 cm, half millimetres in cm above, metres from 2 m. Inches: sixteenths, yards from 120 in, and mm for
 * what is too small for a sixteenth.
 *
 * @param mm - millimetres
 * @param system - metric or inch
 * @param parts - into how many parts the inch is divided
 * @returns for example `1.6 cm` or `5/8 in`
 * @example
 * formatLength(15.875, 'metric') // => '1.6 cm'
 * formatLength(15.875, 'inch') // => '5/8 in'
 * formatLength(0.8, 'inch') // => '0.8 mm'
 * formatLength(2105, 'metric') // => '2.11 m'
 */
export function formatLength(mm: number, system: UnitSystem, parts: 16 | 32 = 16): string {
  if (mm < 0) return `−${formatLength(-mm, system, parts)}`;
  if (system === 'metric') return formatMetric(mm);
  if (mm < LEAST_INCHES_MM) return formatMm(mm);
  return mm < MOST_INCHES_MM ? formatInches(mm, parts) : formatMetres(mm, system);
}

function formatMetric(mm: number): string {
  // 9.96 mm is 1 cm, and 10.2 is not "10.2 mm": what is shown decides, not what is behind it.
  if (Math.round(mm * 10) / 10 < MOST_MM || mm === MOST_MM) return formatMm(mm);
  return mm < MOST_CM_MM ? `${formatNumber(Math.round(mm * 2) / 20, 2)} cm` : formatMetres(mm, 'metric');
}

/** Steps in which a rule of thumb is said in inches: up to so many mm, in this part of an inch. */
const ROUND_STEPS: readonly (readonly [toMm: number, perInch: number])[] = [
  [5, 16],
  [25, 8],
  [100, 4],
  [300, 2],
];

/**
 * A rule of thumb, such as 15 mm or 30 cm, as the round figure in inches that stands for it.
 *
 * @param mm - a round figure in metric, mm
 * @returns mm: sixteenths for the smallest, whole inches for the largest
 * @example
 * roundInInches(15) // => 15.875
 * roundInInches(300) // => 304.8
 */
export function roundInInches(mm: number): number {
  const perInch = ROUND_STEPS.find(([toMm]) => mm < toMm)?.[1] ?? 1;
  return mm < LEAST_INCHES_MM ? mm : (Math.round((mm / MM_PER_INCH) * perInch) / perInch) * MM_PER_INCH;
}

const YARD_MM = 914.4;

/**
 * A long length, as fabric and thread are bought.
 *
 * @param mm - millimetres
 * @param system - metric or inch
 * @returns metres or yards: to the hundredth up to 10, to the tenth up to 100, whole ones above
 * @example
 * formatMetres(2100, 'metric') // => '2.1 m'
 * formatMetres(18_960, 'metric') // => '19 m'
 * formatMetres(914.4, 'inch') // => '1 yd'
 */
export const formatMetres = (mm: number, system: UnitSystem): string =>
  system === 'inch' ? `${inFull(mm / YARD_MM)} yd` : `${inFull(mm / 1000)} m`;

/**
 * Thread that will be used, by an estimate: to the metre or yard, for nobody knows it better.
 *
 * @param mm - millimetres
 * @param system - metric or inch
 * @example
 * formatThread(21_370, 'metric') // => '21 m'
 * formatThread(480, 'metric') // => 'under 1 m'
 * formatThread(21_370, 'inch') // => '23 yd'
 */
export function formatThread(mm: number, system: UnitSystem): string {
  const unit = system === 'inch' ? 'yd' : 'm';
  const value = mm / (system === 'inch' ? YARD_MM : 1000);
  return value < 1 ? `under 1 ${unit}` : `${Math.round(value)} ${unit}`;
}

/** Nobody measures a hundredth of a long length. */
const inFull = (value: number) => formatNumber(value, value < 10 ? 2 : value < 100 ? 1 : 0);

/**
 * The heat of an iron. Care labels are in °C everywhere, so °F only stands beside it.
 *
 * @param celsius - °C
 * @param system - metric or inch
 * @returns °F to the nearest five
 * @example
 * formatHeat(150, 'inch') // => '150 °C (300 °F)'
 */
export const formatHeat = (celsius: number, system: UnitSystem): string =>
  system === 'inch' ? `${celsius} °C (${Math.round((celsius * 1.8 + 32) / 5) * 5} °F)` : `${celsius} °C`;

/**
 * How lengths, weights of fabric and heat are printed in a system.
 *
 * @param system - metric or inch
 * @example
 * printingIn('inch').mass(407) // => '12 oz/yd²'
 */
export const printingIn = (system: UnitSystem): Printing => ({
  length: (mm) => formatLength(mm, system),
  heat: (celsius) => formatHeat(celsius, system),
  mass: (gsm) =>
    system === 'inch' ? `${formatNumber(gsm / GSM_PER_OZ_SQ_YD, 1)} oz/yd²` : `${formatNumber(gsm, 0)} g/m²`,
});
