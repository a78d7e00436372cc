import type { UnitSystem } from './format';
import { formatNumber } from './format';
import { formatInches, type LengthUnit, MM_PER } from './length';

/** Up to here a usual answer is asked for in mm, in each system; lengths of fabric from the last on in m or yd. */
const MM_TO = { metric: 10, inch: 1.5 };
const METRES_FROM_MM = 3000;

/**
 * The unit a length field asks for.
 *
 * It goes by a usual answer, so that a field reads like the sentences beside it: an allowance in cm, a row's distance in mm.
 *
 * @param usualMm - a usual answer, mm
 * @param system - metric or inch
 * @returns the unit of a number typed without one
 * @example
 * fieldUnit(15, 'metric') // => 'cm'
 * fieldUnit(7, 'metric') // => 'mm'
 * fieldUnit(7, 'inch') // => 'in'
 * fieldUnit(0.8, 'inch') // => 'mm'
 */
export function fieldUnit(usualMm: number, system: UnitSystem): LengthUnit {
  if (usualMm <= MM_TO[system]) return 'mm';
  if (usualMm > METRES_FROM_MM) return system === 'inch' ? 'yd' : 'm';
  return system === 'inch' ? 'in' : 'cm';
}

/**
 * A length as it stands in a field of a unit, without the unit.
 *
 * @param mm - millimetres
 * @param unit - of the field
 * @returns sixteenths of an inch, else decimals
 * @example
 * lengthInUnit(15.875, 'in') // => '5/8'
 * lengthInUnit(180, 'in') // => '7 1/16'
 * lengthInUnit(16, 'cm') // => '1.6'
 */
export function lengthInUnit(mm: number, unit: LengthUnit): string {
  const smallest = MM_PER.in / 16;
  if (unit === 'in' && (mm === 0 || mm >= smallest)) return formatInches(mm).replace(/ in$/, '');
  return formatNumber(mm / MM_PER[unit], unit === 'm' || unit === 'yd' ? 3 : 2);
}
