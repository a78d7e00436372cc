import { parseQuantity } from './quantity';

/** Millimetres in one inch (exact by the international definition of 1959). */
export const MM_PER_INCH = 25.4;

const MM_PER: Record<string, number> = {
  mm: 1,
  millimetre: 1,
  millimetres: 1,
  millimeter: 1,
  millimeters: 1,
  cm: 10,
  centimetre: 10,
  centimetres: 10,
  centimeter: 10,
  centimeters: 10,
  m: 1000,
  metre: 1000,
  metres: 1000,
  meter: 1000,
  meters: 1000,
  in: MM_PER_INCH,
  inch: MM_PER_INCH,
  inches: MM_PER_INCH,
  '"': MM_PER_INCH,
  '″': MM_PER_INCH,
  ft: 304.8,
  yd: 914.4,
  yard: 914.4,
  yards: 914.4,
};

/** A unit that may stand behind a field, for numbers typed without one. */
export type LengthUnit = 'mm' | 'cm' | 'm' | 'in' | 'yd';

/**
 * Reads a length as people write it.
 *
 * A number without a unit is taken in the unit given; a bare fraction is inches (yards where yards are
 * meant), since nobody writes fractions of a millimetre.
 *
 * @param text - for example `5/8`, `1 1/2"`, `1.5cm`, `16 mm`
 * @param bare - the unit of a plain number without one
 * @returns millimetres, or null when it is not a length
 * @example
 * parseLengthMm('5/8') // => 15.875
 * parseLengthMm('1.5cm') // => 15
 * parseLengthMm('10', 'cm') // => 100
 * parseLengthMm('1 1/2', 'yd') // => 1371.6
 * parseLengthMm('ten') // => null
 */
export function parseLengthMm(text: string, bare: LengthUnit = 'mm'): number | null {
  const read = parseQuantity(text);
  if (!read) return null;
  const unit = read.unit === '' ? (read.fraction && bare !== 'yd' ? 'in' : bare) : read.unit;
  const scale = MM_PER[unit];
  return scale === undefined ? null : read.value * scale;
}

/**
 * Reads a length that may lie on either side of a mark, such as a top layer that ran ahead.
 *
 * @param text - a length in mm or with its unit, with a minus (either sign of it) for the other side
 * @returns millimetres, or null when it is not a length
 * @example
 * parseSignedMm('-2,5') // => -2.5
 * parseSignedMm('− 1/8"') // => -3.175
 * parseSignedMm('0') // => 0
 */
export function parseSignedMm(text: string): number | null {
  const minus = /^\s*[-−]\s*/.exec(text);
  const mm = parseLengthMm(minus ? text.slice(minus[0].length) : text);
  return minus && mm ? -mm : mm;
}

/**
 * Prints millimetres as a hand can measure them: tenths below 10, halves above.
 *
 * @param mm - length in millimetres, 0 or more
 * @returns the number and its unit
 * @example
 * formatMm(15.875) // => '16 mm'
 * formatMm(2.54) // => '2.5 mm'
 */
export function formatMm(mm: number): string {
  const step = mm < 10 ? 10 : 2;
  return `${Math.round(mm * step) / step} mm`;
}

/**
 * Prints millimetres as inches to the nearest sixteenth (or eighth), in lowest terms.
 *
 * @param mm - length in millimetres, 0 or more
 * @param parts - into how many parts the inch is divided
 * @returns for example `5/8 in`, `1 1/2 in`, `0 in`
 * @example
 * formatInches(15.875) // => '5/8 in'
 * formatInches(38.1) // => '1 1/2 in'
 * formatInches(10, 8) // => '3/8 in'
 */
export function formatInches(mm: number, parts: 8 | 16 = 16): string {
  const count = Math.round((mm / MM_PER_INCH) * parts);
  const whole = Math.floor(count / parts);
  const rest = count % parts;
  if (rest === 0) return `${whole} in`;
  const shared = greatestCommonDivisor(rest, parts);
  const fraction = `${rest / shared}/${parts / shared}`;
  return whole === 0 ? `${fraction} in` : `${whole} ${fraction} in`;
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a : greatestCommonDivisor(b, a % b);
}
