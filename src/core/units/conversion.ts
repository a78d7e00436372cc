import { arealMass, parseArealMassGsm } from './arealMass';
import { formatNumber } from './format';
import { formatInches, formatMm, MM_PER_INCH, parseLengthMm } from './length';
import { NEEDLE_SIZES, parseNeedleSize } from './needleSize';
import { parseQuantity } from './quantity';
import { parseStitchLengthMm, spiFromLength } from './stitchLength';
import { parseThreadTex, threadNumbers } from './threadNumber';

/** What was typed in a line, and the same in the other ways it is written. */
export interface Conversion {
  from: string;
  to: readonly string[];
}

/** Words round what is to be converted, and what it is wanted in: all ways of writing it are said anyway. */
const ASKED = /^(?:convert|how much is|how long is|what is|what's|what’s)\s+/i;
const WANTED =
  /\s+(?:in|to|into|as|=)\s+(?:mm|cm|m|metres?|inch(?:es)?|in|yards?|yd|tex|gsm|g\/m²|oz|ounces|momme|°?[cf]|spi)\??$/i;

const METRE_MM = 1000;
const YARD_MM = 36 * MM_PER_INCH;

/** One kind of number: what was typed as it, with its unit, in other units; null where it is not one. */
type Reader = (text: string) => readonly string[] | null;

const heat: Reader = (text) => {
  const read = /^(-?\d+(?:[.,]\d+)?)\s*(?:°|deg(?:rees?)?)?\s*(c|f|celsius|fahrenheit)$/i.exec(text);
  if (!read) return null;
  const value = Number(read[1].replace(',', '.'));
  return /^c/i.test(read[2])
    ? [`${formatNumber(value * 1.8 + 32, 0)} °F`]
    : [`${formatNumber((value - 32) / 1.8, 0)} °C`];
};

const needle: Reader = (text) => {
  const size = /^(?:needle|size|nm)?\s*\d{1,3}\s*\/\s*\d{1,3}$|^(?:needle(?: size)?|size)\s*\d{1,3}$/i.test(text)
    ? parseNeedleSize(text)
    : null;
  const found = size === null ? undefined : NEEDLE_SIZES.find(({ nm }) => nm === size);
  return found ? [`needle ${found.nm}/${found.other}`, `${formatNumber(found.nm / 100, 2)} mm across the blade`] : null;
};

const stitches: Reader = (text) => {
  if (!/[a-z/]/i.test(text.replace(/^[\d.,\s/]+/, ''))) return null;
  const unit = parseQuantity(text)?.unit ?? '';
  if (!/spi|stitch|per in|\/ ?in|to the inch/.test(unit)) return null;
  const mm = parseStitchLengthMm(text);
  return mm === null ? null : [`stitch length ${formatNumber(mm, 1)} mm`];
};

const thread: Reader = (text) => {
  if (!parseQuantity(text)?.unit) return null;
  const tex = parseThreadTex(text);
  if (tex === null) return null;
  const { denier, ticket, weight } = threadNumbers(tex);
  const whole = (value: number) => formatNumber(value, 0);
  return [`Tex ${whole(tex)}`, `Tkt ${whole(ticket)}`, `${whole(weight)} wt`, `${whole(denier)} den`];
};

const mass: Reader = (text) => {
  if (!parseQuantity(text)?.unit) return null;
  const gsm = parseArealMassGsm(text);
  if (gsm === null) return null;
  const { ozPerSqYd, momme } = arealMass(gsm);
  return [
    `${formatNumber(gsm, 0)} g/m²`,
    `${formatNumber(ozPerSqYd, 1)} oz per square yard`,
    `${formatNumber(momme, 1)} momme`,
  ];
};

/** A length with its unit; a fraction alone is one of an inch, and more than a whole inch is written with its unit. */
function lengthMm(text: string): number | null {
  const read = parseQuantity(text);
  if (read && read.unit === '' && (!read.fraction || read.value >= 1)) return null;
  return parseLengthMm(text);
}

function said(mm: number): readonly string[] | null {
  if (!(mm > 0)) return null;
  return [
    mm < METRE_MM ? formatMm(mm) : `${formatNumber(mm / METRE_MM, 2)} m`,
    ...(mm >= 10 && mm < METRE_MM ? [`${formatNumber(mm / 10, 1)} cm`] : []),
    mm < YARD_MM ? formatInches(mm) : `${formatNumber(mm / YARD_MM, 2)} yd`,
  ];
}

const length: Reader = (text) => {
  const mm = lengthMm(text);
  const ways = mm === null ? null : said(mm);
  if (mm === null || !ways || mm >= 10) return ways;
  return [...ways, `${formatNumber(spiFromLength(mm), 1)} stitches per inch, as a stitch length`];
};

/** A sum of two lengths, or a length times or by a number: "1.5 cm + 6 mm", "42 cm / 5". The spaces tell it from a fraction. */
const SUM = /^(.+?)\s+([+\-−–×x*/÷:])\s+(.+)$/i;

const sum: Reader = (text) => {
  const [, first, sign, second] = SUM.exec(text) ?? [];
  const mm = first === undefined ? null : lengthMm(first);
  if (mm === null) return null;
  const other = lengthMm(second);
  const times = /^\d+(?:[.,]\d+)?$/.test(second) ? Number(second.replace(',', '.')) : null;
  if (other !== null && /[+\-−–]/.test(sign)) return said(sign === '+' ? mm + other : mm - other);
  if (times === null || times === 0) return null;
  if (/[×x*]/i.test(sign)) return said(mm * times);
  return /[/÷:]/.test(sign) ? said(mm / times) : null;
};

/** In this order: "75/11" is a needle before it is a fraction, "40 wt" a thread. */
const READERS: readonly Reader[] = [heat, needle, stitches, thread, sum, length, mass];

/**
 * Converts a measure, typed as people write it, into the other ways it is written.
 *
 * Lengths and their sums, stitch lengths, weights of fabric, thread numbers, needle sizes and temperatures are read. A bare number says nothing.
 *
 * @param typed - for example `5/8 in`, `convert 19 momme to gsm`, `40 wt`, `75/11`, `10 spi`, `150 °C`
 * @returns what it is in other units; null where it is no measure
 * @example
 * conversion('convert 5/8 in')?.to // => ['16 mm', '1.6 cm']
 * conversion('19 momme')?.to // => ['82 g/m²', '2.4 oz per square yard']
 * conversion('42 cm / 5')?.to // => ['84 mm', '8.4 cm', '3 5/16 in']
 * conversion('zip') // => null
 */
export function conversion(typed: string): Conversion | null {
  const from = typed.trim().replace(ASKED, '').replace(WANTED, '').trim();
  for (const read of READERS) {
    const to = read(from);
    if (to) return { from, to: to.filter((one) => one !== from) };
  }
  return null;
}
