import type { Cloth } from './cloth';

/** What a fibre says about the cloth it is in. Names are matched in lower case. */
interface FibreKind {
  names: readonly string[];
  /** The hottest sole plate it stands, °C: the ceilings of one, two and three dots in ISO 3758:2012. */
  ceilingC: 110 | 150 | 200;
  elastic?: boolean;
}

// Care-label practice for each fibre (common practice); a heat ladder on the cloth itself beats it.
const FIBRE_KINDS: readonly FibreKind[] = [
  { names: ['cotton', 'linen', 'flax', 'hemp', 'ramie', 'jute'], ceilingC: 200 },
  {
    names: [
      'viscose',
      'rayon',
      'modal',
      'lyocell',
      'bamboo',
      'cupro',
      'wool',
      'merino',
      'cashmere',
      'mohair',
      'alpaca',
      'silk',
      'polyester',
    ],
    ceilingC: 150,
  },
  {
    names: [
      'polyamide',
      'nylon',
      'acrylic',
      'modacrylic',
      'acetate',
      'triacetate',
      'polypropylene',
      'polyurethane',
      'pvc',
    ],
    ceilingC: 110,
  },
  { names: ['elastane', 'spandex', 'elasthane', 'elastodiene'], ceilingC: 150, elastic: true },
];

const kindOf = (name: string) => FIBRE_KINDS.find(({ names }) => names.includes(name.trim().toLowerCase()));

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
