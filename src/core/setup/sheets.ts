import { type ClothProfile, FAMILY, isCoatWeight, loftOf } from '../cloth';
import type { Operation } from './operation';
import { OPERATION } from './operations';

/** What is asked of a cloth to know how often it is folded. */
type Folded = Pick<ClothProfile, 'family' | 'structure' | 'massGsm' | 'thicknessMm' | 'traits'>;

/** Cloth of which this share is air is turned once: a second fold would be a rope (common practice). */
const FOLDS_ONCE_FROM_LOFT = 0.5;

/**
 * How often a hem is folded: twice where a raw edge must be closed in, once where it need not be or would be too thick.
 *
 * @param profile - the cloth
 * @param operation - the hem
 * @returns folds as asked, else 2 for a woven that is no pile, coat-weight or lofty, and 1 for everything else
 * @example
 * foldsOf({ structure: 'woven', family: 'poplin', massGsm: { value: 130 }, thicknessMm: { value: 0.24 }, traits: [] }, {}) // => 2
 * foldsOf({ structure: 'knit', family: 'jersey', massGsm: { value: 170 }, thicknessMm: { value: 0.6 }, traits: [] }, {}) // => 1
 */
export function foldsOf(profile: Folded, { folds }: Pick<Operation, 'folds'>): number {
  if (folds !== undefined) return folds;
  const once =
    profile.structure !== 'woven' ||
    FAMILY[profile.family].foldsOnce === true ||
    isCoatWeight(profile) ||
    loftOf(profile) >= FOLDS_ONCE_FROM_LOFT;
  return once ? 1 : 2;
}

/**
 * How many layers of cloth a seam goes through.
 *
 * @param profile - the cloth
 * @param operation - the seam
 * @returns layers as asked; a hem has one more than its folds, everything else what is usual for it
 * @example
 * layersOf({ structure: 'woven', family: 'poplin', massGsm: { value: 130 }, thicknessMm: { value: 0.24 }, traits: [] }, { kind: 'hem' }) // => 3
 */
export function layersOf(profile: Folded, operation: Pick<Operation, 'kind' | 'layers' | 'folds'>): number {
  const { kind, layers } = operation;
  return layers ?? (kind === 'hem' ? foldsOf(profile, operation) + 1 : OPERATION[kind].layers);
}

/**
 * How many sheets of the cloth lie under the foot.
 *
 * A quilt sandwich is three layers by itself; only a seam that joins two of them goes through more than one sandwich.
 *
 * @param profile - the cloth
 * @param kind - what is sewn
 * @param layers - of `layersOf`
 * @returns sheets, 1 or more; the layers, unless the cloth itself is layers
 * @example
 * sheetsUnder({ family: 'jersey' }, 'join', 2) // => 2
 * sheetsUnder({ family: 'quilt-sandwich' }, 'quilt-lines', 3) // => 1
 */
export function sheetsUnder({ family }: Pick<ClothProfile, 'family'>, kind: Operation['kind'], layers: number): number {
  return family === 'quilt-sandwich' && kind !== 'join' ? Math.max(1, layers / 3) : layers;
}
