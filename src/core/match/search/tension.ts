import type { Thread } from '../../kit';
import { tensionRisks } from '../../physics';
import type { Question } from '../question';
import { weigh } from './weigh';

/** Cost of a tension with a thread. */
export function tensionCost({ seam, learned, input }: Question, thread: Thread, steps: number): number {
  const tested = learned.tensionSteps;
  if (tested) {
    // What worked on scrap outweighs the model of where the threads cross.
    const model = (1 - tested.weight) * weigh(tensionRisks(seam, thread, steps));
    return model + 0.5 * tested.weight * Math.abs(steps - tested.value);
  }
  // Where this machine's own balance lies is where its cards say.
  const own = steps - (input.learned?.tensionSteps ?? 0);
  return 0.15 * Math.abs(own - seam.operation.tensionSteps) + weigh(tensionRisks(seam, thread, own));
}
