import type { Setup } from '../setup';
import type { NextStep } from './input';
import { REMEDY, type RemedyFacts, type RemedyId } from './remedies';

/**
 * A change as it is told.
 *
 * @param change - the change
 * @param setup - the setting it makes
 * @param text - what to do, without the caution
 * @param why - why it comes now
 */
export function step(change: RemedyFacts, setup: Setup, text: string, why: string): NextStep {
  return {
    change: change.id,
    kind: change.kind,
    ...(change.edit && { setup }),
    text: change.caution ? `${change.caution} ${text}` : text,
    minutes: change.minutes,
    because: why,
  };
}

/** A change that leaves the setting as it is. */
export const plain = (id: RemedyId, setup: Setup, why: string) => step(REMEDY[id], setup, REMEDY[id].text, why);
