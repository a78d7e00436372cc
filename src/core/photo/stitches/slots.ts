import { quantileOf } from './signal';

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
  const typical = quantileOf(marks.filter((_, k) => k > first && k <= last && sewn[k - 1] && sewn[k]), 0.6) || 1;
  const marked = at.map((_, k) => k <= first || k > last || !sewn[k - 1] || !sewn[k] || marks[k] >= UNMARKED * typical);
  const bare = runsOf(sewn.slice(first, last + 1).map((is) => !is));
  const alone = bare.some((run) => run.long === 1);
  const missing = bare.reduce((sum, run) => sum + (alone ? run.long : run.long - 1), 0);
  const floats = marked.filter((is) => !is).length;
  const seenAt = (k: number) => marked[k] && (k <= first || k > last || sewn[k - 1] || sewn[k]);
  const kept = at.slice(first, last + 2).map((_, i) => ({ index: first + i, seen: seenAt(first + i) }));
  const even: [number, number][] = [];
  for (let k = first + 1; k < last; k += 1)
    if (sewn[k - 1] && sewn[k] && sewn[k + 1] && marked[k] && marked[k + 1]) even.push([k, k + 1]);
  const skipped = missing + floats;
  return { stitches: last - first + 1 - skipped, skipped, kept, even, clear: even.length / Math.max(1, last - first - 1) };
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
