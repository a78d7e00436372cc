import { FAMILY, type Family } from './families';
import type { Structure } from './structures';
import type { Trait } from './words';

/**
 * Whether a wool is as heavy as a coating.
 *
 * @param cloth - family and mass
 * @example
 * isCoatWeight({ family: 'wool', massGsm: { value: 450 } }) // => true
 * isCoatWeight({ family: 'canvas', massGsm: { value: 450 } }) // => false
 */
export function isCoatWeight({ family, massGsm }: { family: Family; massGsm: { value: number } }): boolean {
  return massGsm.value >= (FAMILY[family].coatFromGsm ?? Infinity);
}

/** A slippery woven lighter than this is handled like silk, whatever its fibre, g/m² (common practice). */
export const FINE_BELOW_GSM = 110;

/**
 * Whether a cloth is fine and slides: its first stitches are eaten, and sewing back chews it. A behaviour, not a name.
 *
 * @param cloth - the cloth
 * @example
 * isFineSlippery({ structure: 'woven', family: 'other', traits: ['slippery'], massGsm: { value: 80 } }) // => true
 * isFineSlippery({ structure: 'woven', family: 'lawn', traits: ['frays'], massGsm: { value: 80 } }) // => false
 */
export function isFineSlippery(cloth: {
  structure: Structure;
  family: Family;
  traits: readonly Trait[];
  massGsm: { value: number };
}): boolean {
  if (cloth.structure !== 'woven') return false;
  const light = cloth.massGsm.value < FINE_BELOW_GSM && cloth.traits.includes('slippery');
  return light || FAMILY[cloth.family].silky === true;
}
