import { aboutMm } from '../units';
import { loftOf } from '../cloth';
import { FOOT, type Foot, type Plate } from '../kit';
import { stitchFacts, type StitchId } from '../stitch';
import { worseOf } from './eachCloth';
import { feedsFromPressure, growthPercent, layerShiftMm } from './feeding';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';

/** Growth in percent, and shift in mm over `SHIFT_OVER_MM`, that a person would accept. */
export const FEED_TOLERANCE = { growthPercent: 2, shiftMm: 2 };

/** A foot with one small hole holds light cloth down beside the needle. */
function hasSmallHole(foot: Foot): boolean {
  const { openingMm } = FOOT[foot];
  return openingMm !== null && openingMm.left < 1 && openingMm.right < 1;
}

/**
 * What foot, plate and pressure do to the layers.
 *
 * @param seam - cloth and operation
 * @param foot - the foot
 * @param plate - the plate
 * @param stitch - the stitch
 * @param pressure - 0 … 1
 * @returns risks, each 0 … 1
 */
export function feedRisks(seam: SeamContext, foot: Foot, plate: Plate, stitch: StitchId, pressure: number): Hazard[] {
  return worseOf(seam, (one) => risksIn(one, foot, plate, stitch, pressure));
}

function risksIn(seam: SeamContext, foot: Foot, plate: Plate, stitch: StitchId, pressure: number): Hazard[] {
  const growth = growthPercent(seam, foot, pressure);
  const shift = layerShiftMm(seam, foot, pressure);
  // Loops catch on the feed by themselves; a smooth heavy cloth has to be pressed on to it.
  const grips = seam.profile.structure === 'knit' ? 0.4 : 1;
  const needs = grips * feedsFromPressure(seam.profile.massGsm.value, seam.layers);
  const pile = seam.profile.traits.includes('napped') && loftOf(seam.profile) > 0;
  const delicate = pile ? (seam.profile.structure === 'woven' ? 0.28 : 0.5) : 0.62;
  const slot = plate === 'straight' ? 0.1 : hasSmallHole(foot) ? 0.25 : 0.45;
  return [
    {
      sign: 'wavy',
      level: riskLevel((growth - FEED_TOLERANCE.growthPercent) / 8),
      why: () => `The seam would come out about ${growth.toFixed(1)}% longer than it was cut.`,
    },
    {
      sign: 'uneven-layers',
      level: riskLevel((shift - FEED_TOLERANCE.shiftMm) / 6),
      why: () => `The top layer would end about ${aboutMm(shift)} behind over {300 mm}.`,
    },
    {
      sign: 'uneven-length',
      level: riskLevel((needs - pressure) * 2.5),
      why: () => 'Too little pressure for this fabric to feed evenly.',
    },
    {
      sign: 'marks',
      level: riskLevel((pressure - delicate) * 1.6),
      why: () => 'This much pressure can leave feed marks on the fabric.',
    },
    {
      sign: 'chewed',
      level: riskLevel(seam.lightness * slot),
      why: () =>
        plate === 'straight'
          ? 'The small hole supports light fabric.'
          : 'Light fabric can be pulled into the wide slot.',
    },
    {
      sign: 'uneven-length',
      level: FOOT[foot].dislikesReverse && stitchFacts(stitch).feedsBackwards ? 0.35 : 0,
      why: () => 'Many walking feet do not suit stitches that feed backwards: check the foot’s manual.',
    },
  ];
}
