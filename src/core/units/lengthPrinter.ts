import { sum } from '../numbers';
import { formatLength, type UnitSystem } from './format';
import { formatInches, MM_PER_INCH } from './length';

/** Lengths that add up: `parts` together are `whole`, mm. */
export interface LengthSet {
  parts: readonly number[];
  whole: number;
}

/** Finest division of an inch that is printed. */
const FINEST = 32;

/**
 * Prints lengths that stand on one page, so that they still make sense in inches.
 *
 * Two different lengths that would read the same in sixteenths are printed in thirty-seconds, and parts that add up are rounded so
 * that what is printed adds up too (largest remainder). In metric every length is printed by itself.
 *
 * @param system - metric or inch
 * @param lengths - the lengths on the page, mm
 * @param sets - which of them add up to which
 * @returns prints one of them, or any other length
 * @example
 * lengthPrinter('inch', [9.5, 5.5, 15], [{ parts: [9.5, 5.5], whole: 15 }])(9.5) // => '3/8 in'
 * lengthPrinter('inch', [6, 6.5], [])(6.5) // => '1/4 in'
 */
export function lengthPrinter(
  system: UnitSystem,
  lengths: readonly number[],
  sets: readonly LengthSet[],
): (mm: number) => string {
  const plain = (mm: number) => formatLength(mm, system);
  if (system === 'metric') return plain;
  const texts = new Map<number, string>();
  for (const mm of new Set(lengths)) texts.set(mm, plain(mm));
  tellApart(texts);
  const settled = new Map<number, number>();
  for (const set of sets) addUp(texts, settled, set);
  return (mm) => texts.get(mm) ?? plain(mm);
}

/** Lengths that read alike in sixteenths and differ in thirty-seconds are printed in those. */
function tellApart(texts: Map<number, string>) {
  const alike = new Map<string, number[]>();
  for (const [mm, text] of texts) alike.set(text, [...(alike.get(text) ?? []), mm]);
  for (const group of alike.values())
    if (group.length > 1) for (const mm of group) texts.set(mm, formatLength(mm, 'inch', FINEST));
}

/**
 * Rounds the parts of a whole to sixteenths that add up to its own. What an earlier set has settled stays as it is; a length too small for
 * inches leaves the set unrounded.
 */
function addUp(texts: Map<number, string>, settled: Map<number, number>, { parts, whole }: LengthSet) {
  const all = [...parts, whole];
  if (all.some((mm) => !formatLength(mm, 'inch').endsWith(' in'))) return;
  const sixteenths = (mm: number) => (mm / MM_PER_INCH) * 16;
  const target = settled.get(whole) ?? Math.round(sixteenths(whole));
  const counts = parts.map((mm) => settled.get(mm) ?? Math.floor(sixteenths(mm)));
  const free = parts.flatMap((mm, i) => (settled.has(mm) ? [] : [i]));
  const byRemainder = [...free].sort((a, b) => over(b) - over(a) || a - b);
  let left = target - sum(counts);
  // Rounding down loses less than a sixteenth a part; a settled one may have taken or left one more.
  for (const i of byRemainder) if (left > 0) [counts[i], left] = [counts[i] + 1, left - 1];
  for (const i of [...byRemainder].reverse()) if (left < 0) [counts[i], left] = [counts[i] - 1, left + 1];
  if (left !== 0 || counts.some((count) => count < 1)) return;
  [...counts, target].forEach((count, i) => {
    settled.set(all[i], count);
    texts.set(all[i], formatInches((count / 16) * MM_PER_INCH));
  });

  function over(i: number) {
    return sixteenths(parts[i]) - counts[i];
  }
}
