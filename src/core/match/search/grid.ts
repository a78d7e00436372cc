import { trueLengthMm, trueWidthMm } from '../../kit';
import { stitchFacts, type StitchId } from '../../stitch';
import type { Question } from '../question';
import { stepsBetween, widthStep } from './steps';

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
