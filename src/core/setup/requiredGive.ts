import type { ClothProfile, Property } from '../cloth';
import type { Operation } from './operation';
import { OPERATION } from './operations';

/** How far a seam must stretch, and whether that was said or assumed. */
export interface RequiredGive {
  percent: number;
  assumed: boolean;
}

/**
 * How far the cloth itself gives along the seam, low and high.
 *
 * A seam across the width follows the crosswise stretch; unless said otherwise the stretchier way is meant, which
 * is the cautious reading for a seam that must not pop.
 *
 * @param profile - the cloth
 * @param direction - which way the seam runs
 * @returns the property that limits the seam
 * @example
 * giveOfCloth({ stretchAcross: { value: 50 }, stretchAlong: { value: 20 } }, undefined).value // => 50
 */
export function giveOfCloth(
  profile: Pick<ClothProfile, 'stretchAcross' | 'stretchAlong'>,
  direction: Operation['direction'],
): Property {
  const { stretchAcross, stretchAlong } = profile;
  if (direction === 'across') return stretchAcross;
  if (direction === 'along') return stretchAlong;
  return stretchAlong.value > stretchAcross.value ? stretchAlong : stretchAcross;
}

/**
 * The give a seam needs.
 *
 * Unless said, a garment seam is assumed to follow the family's share of the cloth's own stretch (half for most
 * knits), rounded to whole percents; never more than the cloth itself gives at its cautious end. A woven needs none.
 *
 * @param profile - the cloth
 * @param operation - the seam
 * @returns percent, and whether it was assumed
 * @example
 * requiredGive({ structure: 'knit', wearShare: 0.5, stretchAcross: { value: 50, low: 50 }, stretchAlong: { value: 10, low: 10 } }, { kind: 'join' }) // => { percent: 25, assumed: true }
 */
export function requiredGive(
  profile: Pick<ClothProfile, 'structure' | 'wearShare' | 'stretchAcross' | 'stretchAlong'>,
  operation: Pick<Operation, 'kind' | 'requiredGive' | 'direction'>,
): RequiredGive {
  const cloth = giveOfCloth(profile, operation.direction);
  if (operation.requiredGive !== undefined) return { percent: operation.requiredGive, assumed: false };
  if (profile.structure === 'woven') return { percent: 0, assumed: true };
  const wanted = cloth.value * profile.wearShare * OPERATION[operation.kind].giveShare;
  return { percent: Math.round(Math.min(wanted, cloth.low)), assumed: true };
}
