import type { MatchInput } from '../question';
import type { MachineOffsets } from './offsets';

/**
 * What a machine's cards taught, as a question takes it.
 *
 * @param offsets - of that machine
 * @returns undefined where no card says anything of tension or pressure
 * @example
 * asLearned({ tensionSteps: { mean: 0.5, spread: 0, count: 2 }, pressure: null, lengthFactor: null }) // => { cards: 2, tensionSteps: 0.5 }
 */
export function asLearned({ tensionSteps, pressure }: MachineOffsets): MatchInput['learned'] {
  const cards = Math.max(tensionSteps?.count ?? 0, pressure?.count ?? 0);
  if (cards === 0) return undefined;
  return {
    cards,
    ...(tensionSteps && { tensionSteps: tensionSteps.mean }),
    ...(pressure && { pressure: pressure.mean }),
  };
}
