import { numberWordsToFigures } from './numberWords';

/** A number and the unit text that followed it, as a person wrote them. */
export interface Quantity {
  value: number;
  unit: string;
  /** True when the number was written as a fraction (`5/8`, `1 1/2`, `⅝`): in the trade that means inches. */
  fraction: boolean;
  /** What the number would be if its comma were a decimal one: `1,200` is 1200 in English, 1.2 elsewhere. */
  orDecimal?: number;
}

const VULGAR: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
  '⅓': '1/3',
  '⅔': '2/3',
};

const SHAPE =
  /^(?<prefix>[a-z]+\.?)?\s*(?:(?<whole>\d+)[\s-]+(?=\d+\/))?(?:(?<top>\d+)\/(?<bottom>\d+)|(?<decimal>\d*[.,]?\d+))\s*(?<unit>.*)$/i;

/** Said before or after a number, and no part of it. */
const BEFORE =
  /^(?:about|approx(?:imately)?\.?|around|roughly|circa|ca\.|c\.|nearly|almost|just (?:over|under)|only|it is|it’s|it's|is)\s+/i;
const SIGNS_BEFORE = /^[~≈=±]\s*/;
const AFTER =
  /(?:[\s-]*(?:ish|or so|approx(?:imately)?|more or less|roughly|each|long|wide|high|deep|thick|tall|across|apart|in all|altogether|in total|please|or thereabouts|(?:seam )?allowance|seam|hem))+$/i;

/** Spaces and apostrophes between groups of three are never decimal. */
const SPACED_THOUSANDS = /^(\d{1,3})((?:[ '’\u202f]\d{3})+)(?!\d|\/)/;
const COMMA_THOUSANDS = /^([1-9]\d{0,2})((?:,\d{3})+)(?!\d)/;

/**
 * Writes a number and its unit the one way it is read: plain signs, no words round it, figures for number words.
 *
 * @param text - what was typed
 * @returns in lower case
 * @example
 * plainQuantity('  About 1½″ wide. ') // => '1 1/2"'
 */
export function plainQuantity(text: string): string {
  const plain = text
    .replace(/[\s\u00a0\u2009]+/g, ' ')
    .trim()
    .toLowerCase()
    .replace(/[.!,;]+$/, '')
    .replace(/⁄/g, '/')
    .replace(/(?:''|’’|′′|[″“”„])/g, '"')
    .replace(/(\d)?\s*([½¼¾⅛⅜⅝⅞⅓⅔])/g, (_, before: string | undefined, sign: string) =>
      before === undefined ? VULGAR[sign] : `${before} ${VULGAR[sign]}`,
    )
    .replace(BEFORE, '')
    .replace(SIGNS_BEFORE, '')
    .replace(AFTER, '');
  return numberWordsToFigures(plain)
    .replace(/^an? (?=[a-z])/, '1 ')
    .replace(/^(\d+) (?:and|&) (.+)$/, (whole, first: string, rest: string) =>
      joined(whole, first, numberWordsToFigures(rest)),
    )
    .replace(SPACED_THOUSANDS, (_, first: string, rest: string) => first + rest.replace(/\D/g, ''));
}

/**
 * Reads a number with an optional unit before or after it, the way people write them.
 *
 * Accepts decimal point or comma, plain and mixed fractions, the printed fraction signs, numbers in words, thousands, and words such as
 * "about" round it. Negative numbers are not read: nothing a sewist measures is below zero.
 *
 * @param text - what was typed
 * @returns the number and the unit in lower case, or null when it is not a number with a unit
 * @example
 * parseQuantity('1 1/2"') // => { value: 1.5, unit: '"', fraction: true }
 * parseQuantity('Tex 27') // => { value: 27, unit: 'tex', fraction: false }
 * parseQuantity('1,5 cm') // => { value: 1.5, unit: 'cm', fraction: false }
 * parseQuantity('about ten') // => { value: 10, unit: '', fraction: false }
 * parseQuantity('heavy') // => null
 */
export function parseQuantity(text: string): Quantity | null {
  const typed = plainQuantity(text);
  const thousands = COMMA_THOUSANDS.exec(typed);
  const plain = thousands ? typed.replace(COMMA_THOUSANDS, thousands[0].replaceAll(',', '')) : typed;
  const parts = SHAPE.exec(plain)?.groups;
  if (!parts) return null;
  const value = readValue(parts.whole, parts.top, parts.bottom, parts.decimal);
  if (value === null) return null;
  const unit = `${parts.prefix ?? ''}${parts.unit ?? ''}`.trim();
  const onlyOne = thousands && thousands[2].length === 4;
  return {
    value,
    unit,
    fraction: parts.top !== undefined,
    ...(onlyOne && { orDecimal: Number(thousands[0].replace(',', '.')) }),
  };
}

/** "2 and a half cm": a whole number in figures before a part in words. */
function joined(whole: string, first: string, part: string): string {
  if (/^\d+\//.test(part)) return `${first} ${part}`;
  return part.startsWith('0.5') ? `${first}${part.slice(1)}` : whole;
}

function readValue(whole?: string, top?: string, bottom?: string, decimal?: string): number | null {
  if (decimal !== undefined) return Number(decimal.replace(',', '.'));
  const divisor = Number(bottom);
  return divisor === 0 ? null : Number(whole ?? 0) + Number(top) / divisor;
}
