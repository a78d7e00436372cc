import type { HiddenFault } from '../standin';

/** Simulated machines a person may choose between, and what each of them hides: one nothing, the last two two faults at once. */
const HIDES: Readonly<Record<number, readonly HiddenFault[]>> = {
  1: ['pressure-high'],
  2: ['lever-missed'],
  3: ['poor-thread'],
  4: ['tension-high'],
  5: ['lint'],
  6: [],
  7: ['needle-turned'],
  8: ['blunt-needle'],
  9: ['blunt-needle', 'tension-high'],
  10: ['thick-thread', 'lint'],
};

/** Their numbers. */
export const STAND_INS: readonly number[] = Object.keys(HIDES).map(Number);

/**
 * The faults hidden in a simulated machine of the app.
 *
 * @param seed - its number
 * @returns faults; none for one in good order
 * @example
 * faultsOf(6) // => []
 */
export const faultsOf = (seed: number): readonly HiddenFault[] => HIDES[seed] ?? [];
