import { longestChordMm, steeredStitchMm } from '../../geometry';
import { type Machine, trueLengthMm, trueWidthMm } from '../../kit';
import { atMost, isNear, stepsToReach, stepsWithin } from '../../numbers';
import type { SeamContext } from '../../physics';
import { STITCHES, stitchFacts, type StitchId } from '../../stitch';
import type { Aims, Sized } from '../rules/aimTypes';
import type { Aim } from '../rules/ruleTypes';
import { stepsBetween, widthStep } from './steps';

/** A 0.1 mm chord error: the curve still looks round (model). */
export const CURVE_ERROR_MM = 0.1;
/** From this step on a dial clicks: its marks are too far apart to be hit in between, mm. */
const CLICKS_FROM_MM = 0.25;
/** Whether a machine has such a dial. */
export const hasClicks = ({ lengthStepMm, widthStepMm }: Pick<Machine, 'lengthStepMm' | 'widthStepMm'>): boolean =>
  Math.max(lengthStepMm, widthStepMm) >= CLICKS_FROM_MM;
/** No stitch is made shorter than this for a curve, mm; where holes stay it is turned on the needle instead. */
const LEAST_MM = { any: 1, skin: 3, thinHide: 2.5 } as const;
/** A hide under this takes shorter stitches, mm. */
const THIN_HIDE_MM = 0.9;

/**
 * The longest stitch that stays within 0.1 mm of a curve and can be steered round it.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @returns mm
 */
export const longestOnCurve = (radiusMm: number): number =>
  Math.min(longestChordMm(radiusMm, CURVE_ERROR_MM), steeredStitchMm(radiusMm));

/** The widest swing that goes round a curve, mm. */
export const widestOnCurve = (radiusMm: number): number => radiusMm / 2;

/** The shortest stitch a curve may ask of a cloth, mm. */
function leastOnCurve({ profile: { structure, thicknessMm } }: SeamContext): number {
  if (structure === 'hide' && thicknessMm.value < THIN_HIDE_MM) return LEAST_MM.thinHide;
  return structure === 'hide' || structure === 'coated' ? LEAST_MM.skin : LEAST_MM.any;
}

/**
 * The rules' lengths and widths as far as this curve and this machine's dials reach.
 *
 * A curve shortens the stitch and narrows the swing of every stitch alike, and a dial that clicks moves what is wanted to its
 * nearest mark: neither says anything for or against a kind of stitch.
 *
 * @param aims - what the rules want
 * @param seam - cloth and operation
 * @param machine - its dials
 * @returns the same with every length and width within reach
 */
export function withinReach(aims: Aims, seam: SeamContext, machine: Machine): Aims {
  const lengths = {
    step: machine.lengthStepMm,
    clicks: machine.lengthStepMm >= CLICKS_FROM_MM,
    most: trueLengthMm(machine, machine.maxLengthMm),
  };
  const widths = {
    step: widthStep(machine),
    clicks: machine.widthStepMm >= CLICKS_FROM_MM,
    most: trueWidthMm(machine, machine.maxWidthMm),
  };
  return {
    ...aims,
    length: reached(aims.length, (aim) => onDial(lengthOnCurve(aim, seam, lengths), lengths)),
    width: reached(aims.width, (aim, stitch) =>
      stitchFacts(stitch).swings ? onDial(widthOnCurve(aim, seam), widths) : { aim },
    ),
  };
}

interface Dial {
  step: number;
  clicks: boolean;
  most: number;
}
type Reached = Pick<Sized, 'aim' | 'moved'>;

function reached(sizes: Aims['length'], move: (aim: Aim, stitch: StitchId) => Reached): Aims['length'] {
  return Object.fromEntries(
    STITCHES.map((stitch) => [stitch, { ...sizes[stitch], ...move(sizes[stitch].aim, stitch) }]),
  ) as Aims['length'];
}

const only = (value: number): Aim => ({ min: value, ideal: value, max: value });

/** On a curve: the longest mark of the dial that can be steered, or the shortest the cloth bears. */
function lengthOnCurve(aim: Aim, seam: SeamContext, { step, most }: Dial): Reached {
  const { radiusMm } = seam.asked;
  if (radiusMm === undefined) return { aim };
  const longest = longestOnCurve(radiusMm);
  if (atMost(aim.ideal, longest)) return { aim: { ...aim, max: Math.min(aim.max, longest) } };
  const least = Math.min(leastOnCurve(seam), aim.ideal, most);
  const marks = stepsBetween(least, Math.max(least, Math.min(longest, most)), step);
  return { aim: only(marks.at(-1) ?? Number((stepsToReach(least / step) * step).toFixed(4))), moved: 'curve' };
}

function widthOnCurve(aim: Aim, { asked: { radiusMm } }: SeamContext): Reached {
  if (radiusMm === undefined) return { aim };
  const widest = widestOnCurve(radiusMm);
  if (atMost(aim.ideal, widest)) return { aim: { ...aim, max: Math.min(aim.max, widest) } };
  return { aim: { min: Math.min(aim.min, widest), ideal: widest, max: widest }, moved: 'curve' };
}

/** A dial that clicks sets its nearest mark: within what the rules allow if it has one there, else the nearest there is. */
function onDial({ aim, moved }: Reached, { step, clicks, most }: Dial): Reached {
  if (aim.min > most || (!clicks && stepsBetween(aim.min, Math.min(aim.max, most), step).length > 0))
    return { aim, moved };
  const marks = stepsBetween(aim.min, Math.min(aim.max, most), step);
  const round = [stepsWithin(aim.ideal / step) * step, stepsToReach(aim.ideal / step) * step];
  // A swing is never wider than its curve allows.
  const beside = round.filter((mm) => mm > 0 && atMost(mm, most) && (moved !== 'curve' || atMost(mm, aim.max)));
  const nearest = nearestTo(aim.ideal, marks.length > 0 ? marks : beside.map((mm) => Number(mm.toFixed(4))));
  if (nearest === undefined || isNear(nearest, aim.ideal)) return { aim, moved };
  return {
    aim: { min: Math.min(aim.min, nearest), ideal: nearest, max: Math.max(aim.max, nearest) },
    moved: moved ?? 'dial',
  };
}

const nearestTo = (wanted: number, some: readonly number[]): number | undefined =>
  some.reduce<number | undefined>(
    (best, mm) => (best !== undefined && Math.abs(best - wanted) <= Math.abs(mm - wanted) ? best : mm),
    undefined,
  );
