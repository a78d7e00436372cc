import { atLeast, atMost, isNear } from '../numbers';
import { arealMass } from './arealMass';
import { askUnit, fieldText } from './asks';
import type { QuantityAsk } from './quantityAsk';
import { formatLength, formatNumber, formatPercent } from './format';
import { type LengthUnit, parseLengthMm } from './length';
import { parseQuantity, type Quantity } from './quantity';
import { parseStitchLengthMm } from './stitchLength';
import { QUANTITY_KIND, type QuantityKind, quantityFacts } from './quantityKinds';

/** A number that may have been meant, in words for a button. */
export interface MeantValue {
  value: number;
  /** On the button. */
  text: string;
  /** Typed into the field it means just this. */
  typed: string;
}

/** What was typed into a number field: understood, in the base unit of its kind; or what to say beside the field. */
export type Answer =
  { kind: 'empty' } | { kind: 'value'; value: number } | { kind: 'unclear'; text: string; meant: MeantValue[] };

const unclear = (text: string, meant: MeantValue[] = []): Answer => ({ kind: 'unclear', text, meant });
const understood = (value: number): Answer => ({
  kind: 'value',
  value: value === 0 ? 0 : Number(value.toPrecision(12)),
});

/**
 * Reads the answer to any number field, the way people write it.
 *
 * Units, fractions, commas, thousands, words and "about" are understood. What cannot be the number asked for is never dropped: the message
 * says why, and what it may have meant is offered.
 *
 * @param typed - what stands in the field
 * @param ask - what is asked for
 * @returns the number in the base unit of its kind; or what to ask
 * @example
 * readAnswer('5/8', { kind: 'length', bare: 'cm', system: 'metric' }) // => { kind: 'value', value: 15.875 }
 * readAnswer('about 35 %', { kind: 'percent', system: 'metric' }) // => { kind: 'value', value: 35 }
 * readAnswer('15', { kind: 'length', bare: 'cm', system: 'metric', most: 60 }) // => { kind: 'unclear', text: 'At most 6 cm here. Did you mean this?', meant: [{ value: 15, text: '15 mm (1.5 cm)', typed: '1.5 cm' }] }
 */
export function readAnswer(typed: string, ask: QuantityAsk): Answer {
  const text = typed.trim();
  if (text === '') return { kind: 'empty' };
  const minus = ask.signed ? /^[-−–]\s*/.exec(text) : null;
  const answer = readPlain(
    minus ? text.slice(minus[0].length) : text,
    minus ? { ...ask, least: undefined, most: undefined } : ask,
  );
  if (!minus || answer.kind !== 'value') return answer;
  return bounded(-answer.value, ask) ?? outOfRange(-answer.value, null, ask);
}

function readPlain(text: string, ask: QuantityAsk): Answer {
  const read = parseQuantity(text);
  if (!read) return several(text, ask) ?? notANumber(text, ask);
  const value = valueOf(text, read, ask);
  if (value === null)
    return several(text, ask) ?? (isAUnit(text, read) ? wrongUnit(read.unit, ask) : notANumber(text, ask));
  return bounded(value, ask) ?? orDecimal(read, ask) ?? outOfRange(value, read, ask);
}

/** "1.2.3" has no unit ".3", and "a lot" is no number with a unit. */
const isAUnit = (text: string, { unit }: Quantity): boolean => /^[a-z%°"'/]/.test(unit) && /\d/.test(text);

/** In the base unit; null where the unit is none of this kind. */
function valueOf(text: string, read: Quantity, ask: QuantityAsk): number | null {
  const { kind } = ask;
  if (kind === 'length') return parseLengthMm(text, bareLength(ask));
  if (kind === 'stitchLength') return parseStitchLengthMm(text);
  if (read.unit === '') return read.value * (quantityFacts(kind).units[ask.bare ?? ''] ?? 1);
  const scale = quantityFacts(kind).units[read.unit.replace(/\.$/, '')];
  if (scale !== undefined) return read.value * scale;
  return isCounted(kind, read.unit) ? read.value : null;
}

const bareLength = ({ bare }: QuantityAsk): LengthUnit => (bare ?? 'mm') as LengthUnit;

/** "5 strips" is a number; "5 cm" is none. */
function isCounted(kind: QuantityKind, unit: string): boolean {
  if (kind !== 'count' && kind !== 'dial') return false;
  const word = unit.replace(/\.$/, '');
  return /^[a-z ]+$/.test(word) && !Object.values(QUANTITY_KIND).some(({ units }) => word in units);
}

/** The value where it may be what was asked for. */
function bounded(value: number, { least = -Infinity, most = Infinity, whole }: QuantityAsk): Answer | null {
  if (!Number.isFinite(value) || !atLeast(value, least) || !atMost(value, most)) return null;
  if (whole && !isNear(value, Math.round(value))) return notWhole(value);
  return understood(whole ? Math.round(value) : value);
}

function notWhole(value: number): Answer {
  const [under, over] = [Math.floor(value), Math.ceil(value)];
  return unclear(`Enter a whole number: ${under} or ${over}?`, [
    { value: under, text: String(under), typed: String(under) },
    { value: over, text: String(over), typed: String(over) },
  ]);
}

/** `1,200` where only 1.2 can be meant. */
function orDecimal({ orDecimal: other, unit }: Quantity, ask: QuantityAsk): Answer | null {
  if (other === undefined) return null;
  const value = valueOf(`${other}${unit}`, { value: other, unit, fraction: false }, ask);
  return value === null ? null : bounded(value, ask);
}

function notANumber(text: string, ask: QuantityAsk): Answer {
  const { noun } = quantityFacts(ask.kind);
  const shown = text.length > 24 ? `${text.slice(0, 24)}…` : text;
  const example = ask.usual === undefined ? '' : ` Type a number, such as ${sayValue(ask.usual, ask)}.`;
  return unclear(`“${shown}” is not ${noun}.${example}`);
}

function wrongUnit(unit: string, { kind }: QuantityAsk): Answer {
  const { unitOf, use } = quantityFacts(kind);
  if (use === 'no unit') return unclear(`Enter a number only, without “${unit}”.`);
  return unclear(`“${unit}” is not a unit of ${unitOf}. Use ${use}.`);
}

/** "10-12 cm", "10 x 20": which of them? */
const TWO = /^(?<first>.+?)\s*(?:-|–|to|or|x|×|,|\s)\s*(?<second>\d.*)$/i;

function several(text: string, ask: QuantityAsk): Answer | null {
  const parts = TWO.exec(text)?.groups;
  const [a, b] = [parts && parseQuantity(parts.first), parts && parseQuantity(parts.second)];
  if (!parts || !a || !b) return null;
  const unit = b.unit || a.unit;
  const meant = [a, b].flatMap((read) => {
    const value = valueOf(`${read.value} ${read.unit || unit}`, { ...read, unit: read.unit || unit }, ask);
    return value !== null && bounded(value, ask)?.kind === 'value' ? [meaning(value, ask)] : [];
  });
  return meant.length === 0 ? null : unclear('Enter one number. Which is it?', meant);
}

function outOfRange(value: number, read: Quantity | null, ask: QuantityAsk): Answer {
  const { least, most } = ask;
  const limit =
    least !== undefined && value < least
      ? `At least ${sayValue(least, ask)} here.`
      : `At most ${sayValue(most ?? least ?? 0, ask)} here.`;
  const meant = read && read.unit === '' ? otherReadings(read, ask) : [];
  return unclear(meant.length > 0 ? `${limit} Did you mean this?` : limit, meant);
}

/** A bare number in every other unit in which it could be the answer; a share as a percentage. */
function otherReadings(read: Quantity, ask: QuantityAsk): MeantValue[] {
  const { units, mayMean } = quantityFacts(ask.kind);
  const found = mayMean
    .filter((unit) => unit !== bareUnit(ask))
    .map((unit) => ({ value: read.value * units[unit], said: `${formatNumber(read.value, 3)} ${unit}` }));
  if (ask.kind === 'percent' && read.value > 0 && read.value <= 2)
    found.push({ value: 100 * read.value, said: `${formatNumber(read.value, 3)} of it` });
  return found
    .filter(({ value }) => bounded(value, ask)?.kind === 'value')
    .slice(0, 2)
    .map(({ value, said }) => {
      const { text } = meaning(value, ask);
      return { ...meaning(value, ask), text: text === said ? text : `${said} (${text})` };
    });
}

/** A value for a button: typed, it reads back as just that. */
function meaning(value: number, ask: QuantityAsk): MeantValue {
  const text = sayValue(value, ask);
  const unit = askUnit(ask);
  return {
    value: Number(value.toPrecision(12)),
    text,
    typed: unit ? `${fieldText(value, ask)} ${unit}` : fieldText(value, ask),
  };
}

const bareUnit = ({ kind, bare }: QuantityAsk): string => bare ?? (kind === 'length' ? 'mm' : '');

/** A value as the person would read it. */
function sayValue(value: number, { kind, system }: QuantityAsk): string {
  if (kind === 'length') return formatLength(value, system);
  if (kind === 'percent') return formatPercent(value, 1);
  if (kind === 'arealMass')
    return system === 'inch' ? `${formatNumber(arealMass(value).ozPerSqYd, 1)} oz` : `${formatNumber(value, 1)} g/m²`;
  if (kind === 'stitchLength') return `${formatNumber(value, 2)} mm`;
  const unit = { grams: ' g', minutes: ' minutes', hours: ' hours', degrees: '°', speed: ' stitches a minute' };
  return `${formatNumber(value, 2)}${unit[kind as keyof typeof unit] ?? ''}`;
}
