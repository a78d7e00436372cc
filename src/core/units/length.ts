import { parseQuantity, plainQuantity } from './quantity';

/** Millimetres in one inch (exact by the international definition of 1959). */
export const MM_PER_INCH = 25.4;

/** Millimetres in each unit a length is written in. */
export const MM_PER: Readonly<Record<string, number>> = {
  mm: 1,
  mms: 1,
  mil: 1,
  millimetre: 1,
  millimetres: 1,
  millimeter: 1,
  millimeters: 1,
  cm: 10,
  cms: 10,
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
  ins: MM_PER_INCH,
  '"': MM_PER_INCH,
  ft: 304.8,
  foot: 304.8,
  feet: 304.8,
  "'": 304.8,
  '’': 304.8,
  '′': 304.8,
  yd: 914.4,
  yds: 914.4,
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
 * parseLengthMm('1 m 20') // => 1200
 * parseLengthMm('5 ft 3') // => 1600.2
 * parseLengthMm('half an inch') // => 12.7
 * parseLengthMm('heavy') // => null
 */
export function parseLengthMm(text: string, bare: LengthUnit = 'mm'): number | null {
  const read = parseQuantity(text);
  if (!read) return null;
  const unit = ofUnit(read.unit) || (read.fraction && bare !== 'yd' ? 'in' : bare);
  const scale = MM_PER[unit];
  return scale === undefined ? compoundMm(text) : read.value * scale;
}

/** "5/8 of an inch", "5/8ths", "1/2-inch": what people write between a number and its unit. */
const ofUnit = (unit: string): string => unit.replace(/^(?:-|ths? ?|of (?:an? )?)/, '').replace(/\.$/, '');

/** A length in two units: metres and centimetres, feet and inches, yards and inches. */
const TWO_UNITS =
  /^(?<first>[\d.,]+)\s*(?<unit>m|metres?|meters?|ft|foot|feet|'|’|′|yds?|yards?)(?:\s*(?:,|and|&))?\s*(?<second>\d[\d\s./]*?)\s*(?<small>[a-z"]*)$/;
/** What the smaller number means where nobody says. */
const SMALLER: Readonly<Record<string, LengthUnit>> = { m: 'cm', f: 'in', y: 'in' };

function compoundMm(text: string): number | null {
  const parts = TWO_UNITS.exec(plainQuantity(text))?.groups;
  if (!parts) return null;
  const small = parts.small || (SMALLER[parts.unit[0]] ?? 'in');
  const [whole, rest] = [parseQuantity(parts.first), parseQuantity(parts.second)];
  const [scale, smallScale] = [MM_PER[parts.unit], MM_PER[small]];
  if (!whole || !rest || smallScale === undefined || smallScale >= scale) return null;
  return whole.value * scale + rest.value * smallScale;
}

/**
 * Prints millimetres as a hand can measure them: hundredths below 1 (a thickness, from a stack), tenths below 10, halves above.
 *
 * @param mm - length in millimetres, 0 or more
 * @returns the number and its unit
 * @example
 * formatMm(15.875) // => '16 mm'
 * formatMm(2.54) // => '2.5 mm'
 */
export function formatMm(mm: number): string {
  const step = mm < 1 ? 100 : mm < 10 ? 10 : 2;
  return `${Math.round(mm * step) / step} mm`;
}

/**
 * Prints millimetres as inches to the nearest sixteenth (or eighth, or thirty-second), in lowest terms.
 *
 * @param mm - length in millimetres, 0 or more
 * @param parts - into how many parts the inch is divided
 * @returns for example `5/8 in`, `1 1/2 in`, `0 in`
 * @example
 * formatInches(15.875) // => '5/8 in'
 * formatInches(38.1) // => '1 1/2 in'
 * formatInches(10, 8) // => '3/8 in'
 */
export function formatInches(mm: number, parts: 8 | 16 | 32 = 16): string {
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
