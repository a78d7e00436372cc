import { compareNeedles, needleName, type Needle } from './needles';

/** What makes needles one pack. */
interface Packed {
  id: string;
  needle: Needle;
  pack: string;
  where: string;
}

/** Needles that lie in one pack: the same point and size, bought and kept together. */
export interface NeedlePack<T extends Packed> {
  /** The key of its first needle. */
  id: string;
  needle: Needle;
  pack: string;
  where: string;
  /** As they are used up: the most worn first. */
  needles: readonly T[];
}

/** Needles in a pack, where nobody says (as most are sold). */
export const PACK_OF = 5;

/** No pack on sale has more in it; a box of loose needles is shown in rows of so many. */
export const MOST_IN_PACK = 10;

/**
 * Needles in their packs, by kind and size.
 *
 * @param needles - all of them, in any order
 * @param hoursOf - hours each has sewn
 * @returns packs of at most `MOST_IN_PACK`
 */
export function needlePacks<T extends Packed>(needles: readonly T[], hoursOf: (needle: T) => number): NeedlePack<T>[] {
  const byPack = new Map<string, T[]>();
  for (const one of needles) {
    const key = JSON.stringify([needleName(one.needle), one.pack, one.where]);
    byPack.set(key, [...(byPack.get(key) ?? []), one]);
  }
  return [...byPack.values()]
    .flatMap((of) => {
      const worn = [...of].sort((a, b) => hoursOf(b) - hoursOf(a) || (a.id < b.id ? -1 : 1));
      const rows = Math.ceil(worn.length / MOST_IN_PACK);
      return Array.from({ length: rows }, (_, i) => worn.slice(i * MOST_IN_PACK, (i + 1) * MOST_IN_PACK));
    })
    .map((of) => ({ id: of[0].id, needle: of[0].needle, pack: of[0].pack, where: of[0].where, needles: of }))
    .sort(
      (a, b) =>
        compareNeedles(a.needle, b.needle) || hoursOf(b.needles[0]) - hoursOf(a.needles[0]) || (a.id < b.id ? -1 : 1),
    );
}
