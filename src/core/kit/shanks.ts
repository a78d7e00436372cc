import { idsOf, type Origin, tableOf } from '../result';

/** How a presser bar ends, which decides what feet fit. */
interface ShankRow {
  name: string;
  /** From the needle plate to the middle of the screw that holds the foot, foot down, mm; null where it says nothing. */
  plateToScrewMm: number | null;
}

const MEASURED_UP: Origin = {
  provenance: 'common-practice',
  source: 'Shanks differ in the height of the screw above the plate, foot down.',
};

/** Every shank by its id. */
export const SHANK = tableOf<ShankRow>()({
  low: { ...MEASURED_UP, name: 'Low', plateToScrewMm: 12.7 },
  high: { ...MEASURED_UP, name: 'High', plateToScrewMm: 25.4 },
  slant: { ...MEASURED_UP, name: 'Slanting', plateToScrewMm: 28.6 },
  'built-in': { ...MEASURED_UP, name: 'For feet of this machine alone', plateToScrewMm: null },
});
export type Shank = keyof typeof SHANK;
export const SHANKS = idsOf(SHANK);

/**
 * A shank in words, with what can be measured at the machine.
 *
 * @param id - the shank
 * @returns its name and the height of the screw, its length in braces
 * @example
 * shankText('low') // => 'Low: the screw is about {12.7 mm} above the plate'
 * shankText('built-in') // => 'For feet of this machine alone'
 */
export function shankText(id: Shank): string {
  const { name, plateToScrewMm } = SHANK[id];
  return plateToScrewMm === null ? name : `${name}: the screw is about {${plateToScrewMm} mm} above the plate`;
}
