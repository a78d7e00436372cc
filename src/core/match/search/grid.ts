import { isNear, stepsToReach, stepsWithin } from '../../numbers';
import { type Machine, trueLengthMm, trueWidthMm } from '../../kit';
import { stitchFacts, type StitchId } from '../../stitch';
import type { Question } from '../question';

/** Widths are tried at half millimetres: below that a scrap shows no difference. */
const WIDTH_GRID_MM = 0.5;

/**
 * The stitch lengths to try: the machine's own steps within what the rules allow, or what the curve and the dial leave of it.
 *
 * @param question - the question
 * @param stitch - the stitch
 * @returns lengths in mm, shortest first; empty when the machine cannot make any of them
 */
export function lengthGrid({ machine, aims }: Question, stitch: StitchId): number[] {
  const { min, max } = aims.length[stitch].aim;
  return stepsBetween(min, Math.min(max, trueLengthMm(machine, machine.maxLengthMm)), machine.lengthStepMm);
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
  return stepsBetween(min, Math.min(max, trueWidthMm(machine, machine.maxWidthMm)), widthStep(machine));
}

/** The step at which widths are tried on a machine, mm. */
export function widthStep({ widthStepMm }: Pick<Machine, 'widthStepMm'>): number {
  const halves = WIDTH_GRID_MM / widthStepMm;
  return isNear(halves, Math.round(halves)) && halves >= 1 ? WIDTH_GRID_MM : widthStepMm;
}

/** The steps of a dial from one place to another, both in; none at 0. */
export function stepsBetween(from: number, to: number, step: number): number[] {
  const first = stepsToReach(from / step);
  const last = stepsWithin(to / step);
  if (last < first) return [];
  return Array.from({ length: last - first + 1 }, (_, i) => Number(((first + i) * step).toFixed(4))).filter(
    (v) => v > 0,
  );
}
