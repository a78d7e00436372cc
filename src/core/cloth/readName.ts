import { parseArealMassGsm } from '../units';
import type { Cloth } from './cloth';
import { DOUBTFUL_NAMES, type DoubtfulName } from './doubtfulNames';
import { type Family, FAMILY } from './families';
import { NAME_ROWS, type NamedCloth } from './names';

/** What a name was heard as. */
export interface HeardName {
  /** What it implies; null where nobody knows the name, or where it means two things. */
  cloth: Pick<Cloth, 'family' | 'structure' | 'massGsm' | 'fibres' | 'traits'> | null;
  /** The one question that settles a name with two meanings, or one that nobody knows. */
  question: Pick<DoubtfulName, 'asks' | 'meanings'> | null;
}

/** Asked of a name that nobody knows. */
const UNKNOWN: NonNullable<HeardName['question']> = {
  asks: 'Is it a knit or a woven?',
  meanings: [
    { answer: 'A knit: loops, it stretches', family: 'jersey' },
    { answer: 'A woven: threads that cross', family: 'other' },
    { answer: 'Leather', family: 'leather' },
    { answer: 'Coated or plastic', family: 'vinyl' },
  ],
};

const plain = (text: string) =>
  ` ${text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9-]+/g, ' ')
    .trim()} `;

/** How much a name found in a text counts: more words first, then the later one, for later words name the thing. */
function found(text: string, names: readonly string[]): number {
  return Math.max(
    ...names.map((name) => {
      const at = text.lastIndexOf(plain(name));
      return at < 0 ? -1 : name.split(/[ -]/).length * 1000 + at + name.length;
    }),
  );
}

function best<T extends { names: readonly string[] }>(
  text: string,
  rows: readonly T[],
): { row: T | null; weight: number } {
  return rows.reduce<{ row: T | null; weight: number }>(
    (so, row) => {
      const weight = found(text, row.names);
      return weight > so.weight ? { row, weight } : so;
    },
    { row: null, weight: -1 },
  );
}

/** `12 oz`, `180 gsm`, `19 momme` in a name. */
const WEIGHED = /(\d+(?:[.,]\d+)?)\s*(oz|gsm|g\/m²|g\/m2|momme)\b|(\d+(?:[.,]\d+)?)\s*g\/m²/i;

/**
 * The weight that a name says.
 *
 * @param name - what the person calls it
 * @returns g/m²; undefined where it says none
 * @example
 * massInName('12 oz denim') // => 407
 * massInName('Light silk') // => undefined
 */
export function massInName(name: string): number | undefined {
  const said = WEIGHED.exec(name)?.[0];
  const gsm = said === undefined ? null : parseArealMassGsm(said);
  return gsm === null ? undefined : Math.round(gsm);
}

/**
 * A cloth of one meaning, with the weight its name says.
 *
 * @param named - what the name implies
 * @param name - the name itself
 */
export function clothOfMeaning(named: NamedCloth, name: string): NonNullable<HeardName['cloth']> {
  const { family, structure, fibres, traits = [] } = named;
  const massGsm = massInName(name) ?? named.massGsm;
  return {
    family,
    structure: structure ?? FAMILY[family].structure,
    traits: [...traits],
    ...(massGsm !== undefined && { massGsm }),
    ...(fibres && { fibres }),
  };
}

/**
 * What a cloth's own name says of it.
 *
 * @param name - what the person calls it, in UK or US words
 * @returns the cloth it implies; or one question, where the name means two things or nobody knows it
 * @example
 * hearName('12 oz denim').cloth // => { family: 'denim', structure: 'woven', traits: [], massGsm: 407 }
 * hearName('Cotton spandex').question?.asks // => 'Is it a knit or a woven?'
 * hearName('silk satin').cloth?.family // => 'satin'
 */
export function hearName(name: string): HeardName {
  const text = plain(name);
  const known = best(text, NAME_ROWS);
  const doubtful = best(text, DOUBTFUL_NAMES);
  if (doubtful.row && doubtful.weight > known.weight) return { cloth: null, question: doubtful.row };
  if (known.row) return { cloth: clothOfMeaning(known.row, name), question: null };
  return { cloth: null, question: name.trim() === '' ? null : UNKNOWN };
}

/**
 * The family a cloth's own name points to, without asking.
 *
 * @param name - what the person calls it
 * @returns the family; null where the name means two things or nobody knows it
 * @example
 * familyFromName('Grey cotton jersey') // => 'jersey'
 * familyFromName('mystery remnant') // => null
 */
export const familyFromName = (name: string): Family | null => hearName(name).cloth?.family ?? null;
