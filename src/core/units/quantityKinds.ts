import { GSM_PER } from './arealMass';
import { MM_PER } from './length';

/** One kind of number that is asked for: what it is called, and the units it is written in. */
interface KindFacts {
  /** "“abc” is not a length." */
  noun: string;
  /** "“kg” is not a unit of length." */
  unitOf: string;
  /** How many of the base unit each written unit is. */
  units: Readonly<Record<string, number>>;
  /** "Use mm, cm or inches." */
  use: string;
  /** Units that a bare number out of range may have been meant in, with their name before the number's value. */
  mayMean: readonly string[];
}

const one = (...words: string[]): Record<string, number> => Object.fromEntries(words.map((word) => [word, 1]));

/** Everything that is typed as a number. Base units: mm, %, g/m², g, minutes, degrees, °C, stitches a minute; the rest are counts. */
export const QUANTITY_KIND = {
  length: {
    noun: 'a length',
    unitOf: 'length',
    units: MM_PER,
    use: 'mm, cm, m, inches or yards',
    mayMean: ['mm', 'cm', 'in', 'm'],
  },
  stitchLength: {
    noun: 'a stitch length',
    unitOf: 'length',
    units: MM_PER,
    use: 'mm, or stitches per inch',
    mayMean: [],
  },
  percent: {
    noun: 'a percentage',
    unitOf: 'percentage',
    units: one('%', 'percent', 'per cent', 'pct', 'pc'),
    use: '%',
    mayMean: [],
  },
  arealMass: {
    noun: 'a weight of fabric',
    unitOf: 'weight',
    units: GSM_PER,
    use: 'g/m², oz (per square yard) or momme',
    mayMean: ['oz', 'momme'],
  },
  grams: {
    noun: 'a weight',
    unitOf: 'weight',
    units: {
      ...one('g', 'gr', 'gram', 'grams', 'gramme', 'grammes'),
      kg: 1000,
      mg: 0.001,
      oz: 28.349523125,
      ounce: 28.349523125,
      ounces: 28.349523125,
    },
    use: 'g or oz',
    mayMean: ['oz'],
  },
  minutes: {
    noun: 'a time',
    unitOf: 'time',
    units: {
      ...one('min', 'mins', 'minute', 'minutes', "'"),
      s: 1 / 60,
      sec: 1 / 60,
      secs: 1 / 60,
      second: 1 / 60,
      seconds: 1 / 60,
      h: 60,
      hr: 60,
      hrs: 60,
      hour: 60,
      hours: 60,
    },
    use: 'minutes, seconds or hours',
    mayMean: [],
  },
  hours: {
    noun: 'a time',
    unitOf: 'time',
    units: { ...one('h', 'hr', 'hrs', 'hour', 'hours'), min: 1 / 60, mins: 1 / 60, minute: 1 / 60, minutes: 1 / 60 },
    use: 'hours or minutes',
    mayMean: ['min'],
  },
  degrees: {
    noun: 'an angle',
    unitOf: 'angle',
    units: one('°', 'deg', 'degree', 'degrees'),
    use: 'degrees',
    mayMean: [],
  },
  speed: {
    noun: 'a speed',
    unitOf: 'speed',
    units: one('spm', 'stitches a minute', 'stitches per minute', 'stitches/min', 'per minute', 'a minute', '/min'),
    use: 'stitches a minute',
    mayMean: [],
  },
  count: { noun: 'a number', unitOf: 'number', units: {}, use: 'no unit', mayMean: [] },
  dial: { noun: 'a number on the dial', unitOf: 'number', units: {}, use: 'no unit', mayMean: [] },
} as const satisfies Record<string, KindFacts>;

export type QuantityKind = keyof typeof QUANTITY_KIND;

/** What a kind asks for, in one shape. */
export const quantityFacts = (kind: QuantityKind): KindFacts => QUANTITY_KIND[kind];
