import { formatHeat, formatLength, formatThread, roundInInches, type UnitSystem } from './format';
import { formatMm } from './length';

/**
 * A length that was worked out, inside a sentence of the core: still to be printed in the person's units.
 *
 * Sentences are written once; the screen that shows them fills the lengths in with `withLengths`. A rule of thumb is written out as `{10 mm}` and
 * printed as a round figure in inches too. Stitch lengths and widths are not marked: dials are in millimetres everywhere.
 *
 * @param value - millimetres
 * @returns a mark such as `{= 16 mm}`
 * @example
 * `Cut it ${mm(16)} wide.` // => 'Cut it {= 16 mm} wide.'
 */
export const mm = (value: number): string => `{= ${Number(value.toFixed(3))} mm}`;

/**
 * A small length that a model expects, inside a sentence of the core: to the tenth of a millimetre.
 *
 * @param value - millimetres
 * @example
 * `About ${aboutMm(0.537)} apart.` // => 'About {= 0.5 mm} apart.'
 */
export const aboutMm = (value: number): string => mm(Math.round(10 * value) / 10);

/**
 * Thread that will be used, inside a sentence of the core: to be printed to the metre or yard.
 *
 * @param value - millimetres
 * @example
 * `Takes ${threadMm(2130)}.` // => 'Takes {~ 2130 mm}.'
 */
export const threadMm = (value: number): string => `{~ ${Math.round(value)} mm}`;

const HEAT = /(\d+) °C(?! \()/g;
const MARK = /\{([=~] )?(-?\d+(?:\.\d+)?) mm\}/g;

/** How lengths are printed in a person's units: as they are, or as the round figure that is said of a rule of thumb. */
export interface LengthWords {
  length: (mm: number) => string;
  round: (mm: number) => string;
  thread: (mm: number) => string;
  /** The heat of an iron; as it is written unless said. */
  heat?: (celsius: number) => string;
}

/**
 * A sentence with its marked lengths printed.
 *
 * @param text - with marks such as `{10 mm}` and `{= 16 mm}`
 * @param words - prints millimetres in the person's units
 * @returns the sentence as it is shown
 * @example
 * withLengths('Begin {10 mm} in from the edge.', lengthWords('inch')) // => 'Begin 3/8 in in from the edge.'
 */
export const withLengths = (text: string, { length, round, thread, heat }: LengthWords): string => {
  const said = heat && text.includes('°C') ? text.replace(HEAT, (_, value: string) => heat(Number(value))) : text;
  if (!said.includes('{')) return said;
  const by: Record<string, (mm: number) => string> = { '= ': length, '~ ': thread };
  return said.replace(MARK, (_, mark: string | undefined, value: string) => (by[mark ?? ''] ?? round)(Number(value)));
};

/**
 * How lengths are printed in a system.
 *
 * @param system - metric or inch
 */
export const lengthWords = (system: UnitSystem): LengthWords => ({
  length: (mm) => formatLength(mm, system),
  round: (mm) => formatLength(system === 'inch' ? roundInInches(mm) : mm, system),
  thread: (mm) => formatThread(mm, system),
  ...(system === 'inch' && { heat: (celsius: number) => formatHeat(celsius, system) }),
});

/** For readers that are programs, and for pages that go with the sources: mm throughout. */
export const IN_MM: LengthWords = {
  length: formatMm,
  round: formatMm,
  thread: (mm) => formatThread(mm, 'metric'),
};

/**
 * The same value with the marked lengths of every text in it printed.
 *
 * @param value - any JSON value
 * @param words - prints millimetres in the person's units
 * @returns a copy; parts without a marked length are handed back as they are
 */
export function printLengths<T>(value: T, words: LengthWords): T {
  return printed(value, words) as T;
}

function printed(value: unknown, words: LengthWords): unknown {
  if (typeof value === 'string') return withLengths(value, words);
  if (Array.isArray(value)) {
    const parts = value.map((part) => printed(part, words));
    return parts.some((part, i) => part !== value[i]) ? parts : value;
  }
  if (typeof value !== 'object' || value === null || Object.getPrototypeOf(value) !== Object.prototype) return value;
  const before = Object.entries(value);
  const after = before.map(([key, part]) => [key, printed(part, words)] as const);
  return after.some(([, part], i) => part !== before[i][1]) ? Object.fromEntries(after) : value;
}

/** A number and the unit behind it, with an ordinary space between. */
const QUANTITY = /(\d[¼½¾⅛⅜⅝⅞]?) (?=(?:mm|cm|m|km|in|h|min|s|g|N|°C|°F|oz)(?![a-z]))/g;

/**
 * A text in which no line ends between a number and its unit.
 *
 * @param text - as it is to be read on a screen or on paper
 * @example
 * wholeQuantities('Sew 2.8 mm from the edge.') // => 'Sew 2.8\u00a0mm from the edge.'
 */
export const wholeQuantities = (text: string): string => text.replace(QUANTITY, '$1\u00a0');
