import type { Cloth } from './cloth';

/** What a fibre says about the cloth it is in. Names are matched in lower case. */
interface FibreKind {
  names: readonly string[];
  /** The hottest sole plate it stands, °C: the ceilings of one, two and three dots in ISO 3758:2012. */
  ceilingC: 110 | 150 | 200;
  elastic?: true;
  /** It melts, and glazes long before it does. */
  melts?: true;
  /** It shines from a heat far below the one it stands. */
  glazes?: true;
  /** Water leaves marks on it: on any cloth of it, or only in its pile. */
  waterMarks?: 'always' | 'in-pile';
}

// Care-label practice for each fibre (common practice); a heat ladder on the cloth itself beats it.
const FIBRE_KINDS: readonly FibreKind[] = [
  { names: ['cotton', 'linen', 'flax', 'hemp', 'ramie', 'jute'], ceilingC: 200 },
  { names: ['viscose', 'rayon', 'modal', 'lyocell', 'bamboo'], ceilingC: 150, waterMarks: 'in-pile' },
  { names: ['wool', 'merino', 'cashmere', 'mohair', 'alpaca'], ceilingC: 150 },
  { names: ['silk', 'cupro'], ceilingC: 150, waterMarks: 'always' },
  { names: ['polyester'], ceilingC: 150, melts: true, glazes: true },
  { names: ['polyamide', 'nylon', 'acrylic', 'modacrylic'], ceilingC: 110, melts: true },
  { names: ['polypropylene', 'polyurethane', 'pvc'], ceilingC: 110, melts: true },
  { names: ['acetate', 'triacetate'], ceilingC: 110, melts: true, waterMarks: 'always' },
  { names: ['elastane', 'spandex', 'elasthane', 'elastodiene'], ceilingC: 150, elastic: true },
];

const kindOf = (name: string) => FIBRE_KINDS.find(({ names }) => names.includes(name.trim().toLowerCase()));

/**
 * Whether a fibre glazes long before it melts.
 *
 * @param fibre - its name
 * @example
 * fibreGlazes('Polyester') // => true
 * fibreGlazes('nylon') // => false
 */
export const fibreGlazes = (fibre: string): boolean => kindOf(fibre)?.glazes === true;

/**
 * The fibres that a cloth's own name speaks of, in equal parts.
 *
 * @param name - what the person calls it
 * @returns percent by fibre; undefined when it names none
 * @example
 * fibresNamed('Cotton-elastane jersey') // => { cotton: 50, elastane: 50 }
 * fibresNamed('Grey poplin') // => undefined
 */
export function fibresNamed(name: string | undefined): Cloth['fibres'] {
  const named = [...new Set((name ?? '').toLowerCase().match(/\p{L}+/gu) ?? [])].filter((word) => kindOf(word));
  return named.length === 0 ? undefined : Object.fromEntries(named.map((word) => [word, 100 / named.length]));
}

/**
 * What the fibres of a cloth do under an iron and water. Those under a twentieth do not count.
 *
 * @param fibres - percent by fibre
 * @returns whether any melts, and whether water marks any: always, only in a pile, or never; null when none is known
 * @example
 * fibreManners({ silk: 100 }) // => { melts: false, waterMarks: 'always' }
 * fibreManners({ moonbeam: 100 }) // => null
 */
export function fibreManners(fibres: Cloth['fibres']): { melts: boolean; waterMarks: FibreKind['waterMarks'] } | null {
  const kinds = Object.entries(fibres ?? {}).flatMap(([name, part]) => {
    const kind = kindOf(name);
    return kind && part >= COUNTS_FROM_PERCENT ? [kind] : [];
  });
  if (kinds.length === 0) return null;
  const marks = kinds.map(({ waterMarks }) => waterMarks);
  return {
    melts: kinds.some(({ melts }) => melts),
    waterMarks: marks.includes('always') ? 'always' : marks.includes('in-pile') ? 'in-pile' : undefined,
  };
}

/**
 * Percent of elastane and its like.
 *
 * @param fibres - percent by fibre
 * @returns percent; null when the fibres are not known
 * @example
 * elastaneOf({ cotton: 95, elastane: 5 }) // => 5
 * elastaneOf(undefined) // => null
 */
export function elastaneOf(fibres: Cloth['fibres']): number | null {
  if (!fibres || Object.keys(fibres).length === 0) return null;
  return Object.entries(fibres)
    .filter(([name]) => kindOf(name)?.elastic)
    .reduce((sum, [, part]) => sum + part, 0);
}

/**
 * Whether a cloth is cotton and nothing that stretches.
 *
 * @param fibres - percent by fibre
 * @returns true from 95 % cotton without any elastane
 * @example
 * isAllCotton({ Cotton: 100 }) // => true
 * isAllCotton({ cotton: 95, elastane: 5 }) // => false
 */
export function isAllCotton(fibres: Cloth['fibres']): boolean {
  const cotton = Object.entries(fibres ?? {}).filter(([name]) => name.trim().toLowerCase() === 'cotton');
  return cotton.reduce((sum, [, part]) => sum + part, 0) >= 95 && elastaneOf(fibres) === 0;
}

/** A fibre below this share does not decide how hot the cloth may be ironed. */
const COUNTS_FROM_PERCENT = 5;

/**
 * The hottest sole plate the fibres of a cloth stand.
 *
 * @param fibres - percent by fibre
 * @returns °C (110, 150 or 200) and the fibre that decides; null when no fibre is known
 * @example
 * fibreCeiling({ cotton: 60, polyester: 40 }) // => { ceilingC: 150, fibre: 'polyester' }
 * fibreCeiling({ moonbeam: 100 }) // => null
 */
export function fibreCeiling(fibres: Cloth['fibres']): { ceilingC: number; fibre: string } | null {
  const known = Object.entries(fibres ?? {}).flatMap(([fibre, part]) => {
    const kind = kindOf(fibre);
    return kind && part >= COUNTS_FROM_PERCENT ? [{ ceilingC: kind.ceilingC, fibre }] : [];
  });
  return known.reduce<{ ceilingC: number; fibre: string } | null>(
    (lowest, one) => (lowest && lowest.ceilingC <= one.ceilingC ? lowest : one),
    null,
  );
}
