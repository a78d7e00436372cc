import { quantileOf } from '../picture/quantile';

/** Places where a needle goes in if none is skipped, and what is seen between and at them. */
export interface Places {
  at: readonly number[];
  /** Thread seen between each two, by its usual amount. */
  levels: readonly number[];
  /** How much of a penetration is seen at each, 1 for the usual. */
  marks: readonly number[];
}

/** What is sewn and what is missing. */
export interface Slots {
  /** Stitches: penetrations seen less 1. */
  stitches: number;
  /** Penetrations missing. */
  skipped: number;
  /** Places from the first stitch to the last; `seen` is false where the needle left no stitch. */
  kept: { index: number; seen: boolean }[];
  /** Pairs of neighbouring penetrations with a stitch between and a stitch on both sides: what the pitch is taken of. */
  even: [number, number][];
  /** Share of stitches with thread and a penetration at both ends. */
  clear: number;
}

/** Less thread than this share of the usual: fabric shows. */
const BARE = 0.45;
/** Less of a penetration than this share of the usual: the thread goes on over it. */
const UNMARKED = 0.33;

/**
 * Tells stitches from gaps.
 *
 * Where fabric shows for one pitch, that stitch is missing. Where it shows for two and never for one, it is a penetration
 * that is missing and has taken the stitches on both sides of it along. Where thread lies but no penetration is seen, the
 * thread floats over one that is missing.
 *
 * @param places - at even distances
 * @returns what is sewn; no stitches where there is no thread
 */
export function countSlots({ at, levels, marks }: Places): Slots {
  const usual = quantileOf(levels, 0.7);
  const sewn = levels.map((level) => usual > 0 && level >= BARE * usual);
  const first = sewn.indexOf(true);
  const last = sewn.lastIndexOf(true);
  if (first < 0) return { stitches: 0, skipped: 0, kept: [], even: [], clear: 0 };
  const typical =
    quantileOf(
      marks.filter((_, k) => k > first && k <= last && sewn[k - 1] && sewn[k]),
      0.6,
    ) || 1;
  const marked = at.map((_, k) => k <= first || k > last || !sewn[k - 1] || !sewn[k] || marks[k] >= UNMARKED * typical);
  const pitch = quantileOf(
    at.slice(first + 1, last + 2).map((to, i) => to - at[first + i]),
    0.5,
  );
  const bare = runsOf(sewn.slice(first, last + 1).map((is) => !is)).map(({ from, long }) => {
    // A penetration with fabric on one side is placed worse than the next one, which has thread on both.
    const [a, b] = [Math.max(first, first + from - 1), Math.min(last + 1, first + from + long + 1)];
    const sewnToo = first + from - a + (b - first - from - long);
    return { from, long, pitches: Math.max(1, Math.round((at[b] - at[a]) / pitch) - sewnToo) };
  });
  const alone = bare.some((run) => run.pitches === 1);
  const missing = bare.reduce((sum, run) => sum + (alone ? run.pitches : run.pitches - 1), 0);
  const slots = last - first + 1 + bare.reduce((sum, run) => sum + run.pitches - run.long, 0);
  const floats = marked.filter((is) => !is).length;
  const seenAt = (k: number) => marked[k] && (k <= first || k > last || sewn[k - 1] || sewn[k]);
  const kept = at.slice(first, last + 2).map((_, i) => ({ index: first + i, seen: seenAt(first + i) }));
  const even: [number, number][] = [];
  for (let k = first + 1; k < last; k += 1)
    if (sewn[k - 1] && sewn[k] && sewn[k + 1] && marked[k] && marked[k + 1]) even.push([k, k + 1]);
  const skipped = missing + floats;
  return { stitches: slots - skipped, skipped, kept, even, clear: even.length / Math.max(1, last - first - 1) };
}

/**
 * The pitch and the spread of one stitch.
 *
 * From the first penetration that is placed well to the last, over the pitches between: a slip of one penetration in
 * between moves neither end.
 *
 * @param at - places, columns
 * @param even - pairs with a stitch between and on both sides
 * @returns columns; the spread is the standard deviation of the pairs
 */
export function pitchOf(
  at: readonly number[],
  even: readonly (readonly [number, number])[],
): { pitch: number; spread: number } {
  const each = even.map(([a, b]) => at[b] - at[a]);
  const mean = each.reduce((a, b) => a + b, 0) / Math.max(1, each.length);
  const square = each.reduce((a, b) => a + (b - mean) ** 2, 0) / Math.max(1, each.length - 1);
  const [first, last] = [even[0][0], even[even.length - 1][1]];
  // Steps that were placed badly, over missing stitches, are counted by how long they are.
  const usual = quantileOf(each, 0.5);
  let pitches = 0;
  let from = first;
  for (let k = first + 1; k <= last; k += 1)
    if (even.some(([a, b]) => a === k || b === k)) {
      pitches += Math.max(1, Math.round((at[k] - at[from]) / usual));
      from = k;
    }
  return { pitch: (at[last] - at[first]) / Math.max(1, pitches), spread: Math.sqrt(square) };
}

function runsOf(flags: readonly boolean[]): { from: number; long: number }[] {
  const runs: { from: number; long: number }[] = [];
  flags.forEach((is, i) => {
    if (!is) return;
    const open = runs[runs.length - 1];
    if (open && open.from + open.long === i) open.long += 1;
    else runs.push({ from: i, long: 1 });
  });
  return runs;
}
