import type { ClothProfile } from '../cloth';
import type { Operation } from './operation';
import { OPERATION } from './operations';

/**
 * How many sheets of the cloth lie under the foot.
 *
 * A quilt sandwich is three layers by itself; only a seam that joins two of them goes through more than one sandwich.
 *
 * @param profile - the cloth
 * @param operation - the seam
 * @returns sheets, 1 or more; layers as they were asked for, unless the cloth itself is layers
 * @example
 * sheetsUnder({ family: 'jersey' }, { kind: 'join' }) // => 2
 * sheetsUnder({ family: 'quilt-sandwich' }, { kind: 'quilt-lines' }) // => 1
 */
export function sheetsUnder(
  { family }: Pick<ClothProfile, 'family'>,
  { kind, layers = OPERATION[kind].layers }: Pick<Operation, 'kind' | 'layers'>,
): number {
  return family === 'quilt-sandwich' && kind !== 'join' ? Math.max(1, layers / 3) : layers;
}
