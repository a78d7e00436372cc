import { isNear, stepsToReach, stepsWithin } from '../../numbers';
import { longestChordMm } from '../../geometry';
import { type Machine, trueLengthMm, trueWidthMm } from '../../kit';
import { stitchFacts, type StitchId } from '../../stitch';
import type { Question } from '../question';

/** Widths are tried at half millimetres: below that a scrap shows no difference. */
const WIDTH_GRID_MM = 0.5;

/** A 0.1 mm chord error: the curve still looks round (model). */
const CURVE_ERROR_MM = 0.1;

/**
 * The stitch lengths to try: the machine's own steps within what the rules allow.
 *
 * @param question - the question
 * @param stitch - the stitch
 * @returns lengths in mm, shortest first; empty when the machine cannot make any of them
 */
export function lengthGrid({ machine, aims, seam }: Question, stitch: StitchId): number[] {
  const { min, max } = aims.length[stitch].aim;
  const longest = Math.min(max, trueLengthMm(machine, machine.maxLengthMm));
  const radius = seam.asked.radiusMm;
  const curve = radius === undefined ? Infinity : longestOnCurve(radius);
  // A tight curve shortens the stitch below what the rules want, never under 1 mm.
  const top = Math.min(longest, Math.max(curve, 1));
  const from = Math.min(min, top);
  return steps(from, top, machine.lengthStepMm);
}

/**
 * The longest stitch whose chord stays within 0.1 mm of a curve.
 *
 * @param radiusMm - radius of the curve, mm, above 0
 * @returns mm
 */
export function longestOnCurve(radiusMm: number): number {
  return longestChordMm(radiusMm, CURVE_ERROR_MM);
}

/**
 * The widths to try.
 *
 * @param question - the question
 * @param stitch - the stitch
 * @returns widths in mm, narrowest first; only 0 for a stitch that does not swing
 */
export function widthGrid({ machine, aims }: Question, stitch: StitchId): number[] {
  if (!stitchFacts(stitch).swings) return [0];
  const { min, max } = aims.width[stitch].aim;
  return steps(min, Math.min(max, trueWidthMm(machine, machine.maxWidthMm)), widthStep(machine));
}

function widthStep({ widthStepMm }: Machine): number {
  const halves = WIDTH_GRID_MM / widthStepMm;
  return isNear(halves, Math.round(halves)) && halves >= 1 ? WIDTH_GRID_MM : widthStepMm;
}

function steps(from: number, to: number, step: number): number[] {
  const first = stepsToReach(from / step);
  const last = stepsWithin(to / step);
  if (last < first) return [];
  return Array.from({ length: last - first + 1 }, (_, i) => Number(((first + i) * step).toFixed(4))).filter(
    (v) => v > 0,
  );
}
