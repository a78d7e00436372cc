import type { HeardName } from '@/core/cloth';
import type { ClothRecord } from '@/core/file';
import { MM_PER_INCH, type UnitSystem } from '@/core/units';

/** What is marked on a fabric before it is stretched, mm. */
export const restMm = (system: UnitSystem): number => (system === 'inch' ? 4 * MM_PER_INCH : 100);

/** A fabric by its name and two marks; the marks may be missing. */
export function newCloth(
  name: string,
  heard: NonNullable<HeardName['cloth']>,
  colour: string,
  marks: { rest: number; stretched: number } | null,
  { newId, at }: { newId: () => string; at: string },
): ClothRecord {
  return {
    id: newId(),
    cloth: { name, ...heard },
    colour,
    readings: marks ? [{ id: newId(), gauge: 'stretch', direction: 'across', at, marks }] : [],
    where: '',
    notes: '',
    addedAt: at,
  };
}
