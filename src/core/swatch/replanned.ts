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
  return plan?.varies ? withReading(setup, old, plan.varies) : setup;
}
