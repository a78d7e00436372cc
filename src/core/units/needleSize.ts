/** Needle sizes made for home machines: metric (blade Ø in 1/100 mm) beside the other number on the pack. */
export const NEEDLE_SIZES: readonly { nm: number; other: number }[] = [
  { nm: 60, other: 8 },
  { nm: 65, other: 9 },
  { nm: 70, other: 10 },
  { nm: 75, other: 11 },
  { nm: 80, other: 12 },
  { nm: 90, other: 14 },
  { nm: 100, other: 16 },
  { nm: 110, other: 18 },
  { nm: 120, other: 19 },
];

/**
 * Prints a needle size the way packs do.
 *
 * @param nm - metric size
 * @returns `75/11`, or the metric number alone when it has no partner
 * @example
 * formatNeedleSize(75) // => '75/11'
 */
export function formatNeedleSize(nm: number): string {
  const size = NEEDLE_SIZES.find((s) => s.nm === nm);
  return size ? `${size.nm}/${size.other}` : String(nm);
}

/**
 * Reads a needle size.
 *
 * @param text - `80/12`, `12/80`, `80` or `12`
 * @returns the metric size, or null when no such needle is made
 * @example
 * parseNeedleSize('80/12') // => 80
 * parseNeedleSize('14') // => 90
 * parseNeedleSize('82') // => null
 */
export function parseNeedleSize(text: string): number | null {
  const numbers = text.match(/\d+/g)?.map(Number) ?? [];
  if (numbers.length === 0 || numbers.length > 2) return null;
  const size = NEEDLE_SIZES.find((s) => numbers.every((n) => n === s.nm || n === s.other));
  return size?.nm ?? null;
}
