import type { Thread } from '../kit';
import { type Hazard, riskLevel } from './risk';
import { worseOf } from './eachCloth';
import type { SeamContext } from './seamContext';
import { interlockDepth } from './tension';

/**
 * Where the threads of a seam cross: 0 on top, 0.5 in the middle, 1 underneath.
 *
 * A gathering row is meant to be loose: the steps its operation asks for are its middle.
 *
 * @param seam - cloth and operation
 * @param thread - needle thread
 * @param tensionSteps - steps from the machine's normal
 * @returns depth from 0 to 1
 * @example
 * threadsCross({ gripMm: 1, operation: { tensionSteps: -1 } }, { fibre: 'polyester', tex: 27 }, -1) // => 0.5
 */
export function threadsCross(
  seam: Pick<SeamContext, 'gripMm'> & { operation: Pick<SeamContext['operation'], 'tensionSteps'> },
  thread: Thread,
  tensionSteps: number,
): number {
  return interlockDepth(tensionSteps - seam.operation.tensionSteps, thread, seam.gripMm);
}

/**
 * What a tension does: loops on one face when the threads cross out of the middle, puckers when light cloth is
 * drawn up.
 *
 * @param seam - cloth and operation
 * @param thread - needle thread
 * @param tensionSteps - steps from the machine's normal
 * @returns risks, each 0 … 1
 */
export function tensionRisks(seam: SeamContext, thread: Thread, tensionSteps: number): Hazard[] {
  return worseOf(seam, (one) => risksIn(one, thread, tensionSteps));
}

function risksIn(seam: SeamContext, thread: Thread, tensionSteps: number): Hazard[] {
  const steps = tensionSteps - seam.operation.tensionSteps;
  const off = threadsCross(seam, thread, tensionSteps) - 0.5;
  // Up to three quarters of a step out of the middle nothing shows.
  const shows = riskLevel((Math.abs(off) - 0.07) / 0.25);
  return [
    {
      sign: 'loops-below',
      level: off > 0 ? shows : 0,
      why: () => 'The threads cross near the underside: the needle tension is low.',
    },
    {
      sign: 'loops-above',
      level: off < 0 ? shows : 0,
      why: () => 'The threads cross near the top: the needle tension is high.',
    },
    {
      sign: 'pucker-line',
      level: riskLevel((seam.lightness * (steps + 0.5)) / 4),
      why: () => 'The tension draws light fabric up along the line.',
    },
  ];
}
