import type { KitRecord } from '../../file';
import { wornMetres } from '../../kit';

type Blades = KitRecord['blades'];

/**
 * Blades after it was said with which of them a piece of work was cut. Said again, the first is taken back.
 *
 * @param blades - those that are owned
 * @param id - which one; null for none of them
 * @param cut - key of the work, metres of fabric, its family and the moment
 * @returns the blades, the cut counted against one of them and no other
 */
export function cutWith(
  blades: Blades,
  id: string | null,
  cut: { key: string; metres: number; family: string; at: string },
): Blades {
  const entry = { id: cut.key, at: cut.at, by: wornMetres(cut.metres, cut.family) };
  return blades.map((blade) => {
    const others = blade.cut.filter(({ id: of }) => of !== cut.key);
    return { ...blade, cut: blade.id === id ? [...others, entry] : others };
  });
}

/** The blade a piece of work was cut with; null while nobody has said. */
export const bladeOf = (blades: Blades, key: string): string | null =>
  blades.find(({ cut }) => cut.some(({ id }) => id === key))?.id ?? null;
