import { footOpening, PLATE } from '../kit';
import type { Blocked } from '../result';
import type { Setup } from '../setup';
import { STITCH, stitchFacts } from '../stitch';
import { gapOf } from './state';

/** Half the slot of the simulated machine, mm. */
const HALF_SLOT_MM = 4.15;
/** A stitch that feeds back lets the needle play sideways, mm. */
const PLAY_MM = 0.6;

/**
 * Whether the needle would come down on metal.
 *
 * @param setup - what is set
 * @returns what stands in the way; null when the hand-wheel turns freely
 */
export function strikesOf(setup: Setup): Blocked | null {
  const reach = reachOf(setup);
  const plate = PLATE[setup.plate].holeMm ?? HALF_SLOT_MM;
  if (outside(reach, { left: plate, right: plate }))
    return { code: 'standin.strikes-plate', text: 'The needle would strike the plate of the simulated machine.' };
  const foot = footOpening(setup.foot, setup.footSide);
  if (foot && outside(reach, foot))
    return { code: 'standin.strikes-foot', text: 'The needle would strike the foot on the simulated machine.' };
  return null;
}

interface Reach {
  left: number;
  right: number;
}

/** How far the blade comes either side of the middle, mm. */
function reachOf(setup: Setup): Reach {
  const swing = STITCH[setup.stitch].path.map(([, y]) => y * setup.widthMm);
  const small = PLATE[setup.plate].holeMm !== null && stitchFacts(setup.stitch).feedsBackwards ? PLAY_MM : 0;
  const half = setup.needle.nm / 200 + gapOf(setup) / 2 + small;
  return {
    left: half - Math.min(...swing) - setup.needlePositionMm,
    right: half + Math.max(...swing) + setup.needlePositionMm,
  };
}

const outside = (reach: Reach, open: Reach): boolean => reach.left > open.left || reach.right > open.right;
