import { type Setup, withReading } from '../setup';
import type { TestLine } from './swatch';

/**
 * A planned line after the setting it varies has changed: it still varies only its one reading.
 *
 * @param line - still to come
 * @param setup - the setting now
 * @returns its setting
 */
export function replanned({ plan, setup: old }: Pick<TestLine, 'plan' | 'setup'>, setup: Setup): Setup {
  if (!plan?.varies) return setup;
  // A stitch is its size too: another stitch in the old one's size would be no trial of it.
  if (plan.varies === 'stitch') {
    const { stitch, lengthMm, widthMm } = old;
    return { ...setup, stitch, lengthMm, widthMm };
  }
  return withReading(setup, old, plan.varies);
}
