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

/** What a woven is asked to give along its bias, unless something else is said, percent (common practice). */
const BIAS_WEAR = 10;
/** A woven that stretches this far is a stretch woven, percent. */
const STRETCH_WOVEN_FROM = 8;
/** Worn round the body, so it stretches across whatever was said of its direction. */
const ROUND_THE_BODY: readonly Operation['kind'][] = ['band', 'casing'];

/**
 * The give a seam needs.
 *
 * Unless said, a garment seam is assumed to follow the family's share of the cloth's own stretch (half for most
 * knits), rounded to whole percents; never more than the cloth itself gives at its cautious end. A woven needs none on the
 * grain, a little on the bias, and where it has elastane and is worn across, what it stretches.
 *
 * @param profile - the cloth
 * @param operation - the seam
 * @returns percent, and whether it was assumed
 * @example
 * requiredGive({ structure: 'knit', wearShare: 0.5, stretchAcross: { value: 50, low: 50 }, stretchAlong: { value: 10, low: 10 } }, { kind: 'join' }) // => { percent: 25, assumed: true }
 * requiredGive({ structure: 'woven', wearShare: 0, stretchAcross: { value: 20, low: 20 }, stretchAlong: { value: 2, low: 2 } }, { kind: 'band' }) // => { percent: 20, assumed: true }
 */
export function requiredGive(
  profile: Pick<ClothProfile, 'structure' | 'wearShare' | 'stretchAcross' | 'stretchAlong'>,
  operation: Pick<Operation, 'kind' | 'requiredGive' | 'direction'>,
): RequiredGive {
  if (operation.requiredGive !== undefined) return { percent: operation.requiredGive, assumed: false };
  const { giveShare } = OPERATION[operation.kind];
  if (profile.structure === 'woven')
    return { percent: giveShare > 0 ? wovenGive(profile, operation) : 0, assumed: true };
  const cloth = giveOfCloth(profile, operation.direction);
  const wanted = cloth.value * profile.wearShare * giveShare;
  return { percent: Math.round(Math.min(wanted, cloth.low)), assumed: true };
}

function wovenGive(
  { stretchAcross }: Pick<ClothProfile, 'stretchAcross'>,
  { kind, direction }: Pick<Operation, 'kind' | 'direction'>,
): number {
  if (direction === 'bias') return BIAS_WEAR;
  const across = direction === 'across' || (direction === undefined && ROUND_THE_BODY.includes(kind));
  const stretchy = stretchAcross.value >= STRETCH_WOVEN_FROM;
  return across && stretchy ? Math.round(Math.min(stretchAcross.value, stretchAcross.low)) : 0;
}
