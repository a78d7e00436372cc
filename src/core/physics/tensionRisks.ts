import type { Thread } from '../kit';
import { type Hazard, riskLevel } from './risk';
import type { SeamContext } from './seamContext';
import { interlockDepth } from './tension';

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
  // A gathering row is meant to be loose: its own steps are its middle.
  const steps = tensionSteps - seam.operation.tensionSteps;
  const off = interlockDepth(steps, thread, seam.gripMm) - 0.5;
  // Up to three quarters of a step out of the middle nothing shows.
  const shows = riskLevel((Math.abs(off) - 0.07) / 0.25);
  return [
    {
      sign: 'loops-below',
      level: off > 0 ? shows : 0,
      why: () => 'The threads cross near the underside: needle tension is low.',
    },
    {
      sign: 'loops-above',
      level: off < 0 ? shows : 0,
      why: () => 'The threads cross near the top: needle tension is high.',
    },
    {
      sign: 'pucker-line',
      level: riskLevel((seam.lightness * (steps + 0.5)) / 4),
      why: () => 'Tension draws light cloth up along the line.',
    },
  ];
}
