import { formatInches, formatMm } from './length';

/** Which units a person reads in. */
export type UnitSystem = 'metric' | 'inch';

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
 * A length in the person's units.
 *
 * @param mm - millimetres
 * @param system - metric or inch
 * @returns for example `16 mm` or `5/8 in`
 * @example
 * formatLength(15.875, 'inch') // => '5/8 in'
 */
export function formatLength(mm: number, system: UnitSystem): string {
  return system === 'inch' ? formatInches(mm) : formatMm(mm);
}

const YARD_MM = 914.4;

/**
 * A long length, as fabric and thread are bought.
 *
 * @param mm - millimetres
 * @param system - metric or inch
 * @returns metres or yards, two decimals at most
 * @example
 * formatMetres(2100, 'metric') // => '2.1 m'
 * formatMetres(914.4, 'inch') // => '1 yd'
 */
export const formatMetres = (mm: number, system: UnitSystem): string =>
  system === 'inch' ? `${formatNumber(mm / YARD_MM, 2)} yd` : `${formatNumber(mm / 1000, 2)} m`;
