import { clamp } from '../numbers';
import { type Thread, threadDiameterMm } from '../kit';

/** How far each mm of thickness holds the crossing down (model). */
const HOLDS_PER_MM = 0.1;

/**
 * Where needle and bobbin thread cross inside the cloth.
 *
 * Model of a tug of war: 0 puts the crossing on top, 1 underneath, 0.5 in the middle. Each step of needle tension
 * pulls it up by about 0.09. Thick cloth holds the crossing down, so it wants more tension; thick thread is squeezed harder
 * by the discs and pulls it up, so it wants less.
 *
 * @param tensionSteps - steps from the machine's normal
 * @param thread - needle thread
 * @param thicknessMm - total thickness, stitched down
 * @returns depth from 0 to 1
 * @example
 * interlockDepth(0, { fibre: 'polyester', tex: 27 }, 1) // => 0.5
 */
export function interlockDepth(tensionSteps: number, thread: Thread, thicknessMm: number): number {
  const thick = (threadDiameterMm(thread) - 0.204) * 0.6;
  const cloth = Math.min(0.2, (thicknessMm - 1) * HOLDS_PER_MM);
  return clamp(0.5 - 0.09 * tensionSteps + cloth - thick, 0, 1);
}
