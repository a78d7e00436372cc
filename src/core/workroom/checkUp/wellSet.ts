/** What a line shows of one dial: too little of it, well set, or too much. */
export const SHOWS = ['too-little', 'well', 'too-much'] as const;
export type Shows = (typeof SHOWS)[number];

/** One line sewn at a place of the dial, and what it shows. */
export interface Shown {
  /** The place on the dial, in any unit that rises with it. */
  at: number;
  shows: Shows;
}

/** Where a dial is well set; or on which side of all the lines that must lie; or that the lines contradict each other. */
export type WellSet =
  { kind: 'at'; at: number } | { kind: 'beyond'; side: 'higher' | 'lower' } | { kind: 'contradicts' };

/**
 * Where a dial is well set, from a few lines sewn along it.
 *
 * The usual place is kept if it is well set. Else it is the nearest place that is, or, where none is, half way between the last place with too
 * little and the first with too much.
 *
 * @param lines - what was seen, at least one, in any order
 * @param usual - the place it has to be nearest to
 * @returns beyond where all of them show the same fault; contradicts where more of it shows less
 * @example
 * wellSet([{ at: 2, shows: 'too-little' }, { at: 4, shows: 'too-little' }, { at: 6, shows: 'well' }], 4) // => { kind: 'at', at: 6 }
 * wellSet([{ at: 2, shows: 'too-little' }, { at: 4, shows: 'too-little' }, { at: 6, shows: 'too-much' }], 4) // => { kind: 'at', at: 5 }
 */
export function wellSet(lines: readonly Shown[], usual: number): WellSet {
  const rising = [...lines].sort((a, b) => a.at - b.at);
  const order = rising.map(({ shows }) => SHOWS.indexOf(shows));
  if (order.some((now, i) => i > 0 && now < order[i - 1])) return { kind: 'contradicts' };
  const well = rising.filter(({ shows }) => shows === 'well').map(({ at }) => at);
  if (well.length > 0)
    return { kind: 'at', at: well.reduce((best, at) => (Math.abs(at - usual) < Math.abs(best - usual) ? at : best)) };
  const low = rising.findLast(({ shows }) => shows === 'too-little')?.at;
  const high = rising.find(({ shows }) => shows === 'too-much')?.at;
  if (low !== undefined && high !== undefined) return { kind: 'at', at: (low + high) / 2 };
  return { kind: 'beyond', side: high === undefined ? 'higher' : 'lower' };
}
