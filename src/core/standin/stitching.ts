import { isTwin } from '../kit';
import type { Rng } from '../random';
import { stitchHoles } from '../stitch';
import type { SewInput } from './sew';
import type { State } from './state';

/** A place in mm: x along the line from its start, y across it. */
export interface Spot {
  x: number;
  y: number;
}

/** A straight piece of thread lying on one side of the cloth. */
export interface Strand {
  side: 'front' | 'back';
  thread: 'needle' | 'bobbin';
  from: Spot;
  to: Spot;
  /** How slack it lies, mm that it bows away from straight. */
  slack: number;
  /** Thinner than the whole thread: a fibre that stands off it. */
  fibre?: boolean;
}

/** A loop of the other side's thread, pulled through. */
export interface Loop extends Spot {
  side: 'front' | 'back';
  thread: 'needle' | 'bobbin';
  radiusMm: number;
}

/** What the needle and both threads left in the cloth. */
export interface Stitching {
  holes: Spot[];
  strands: Strand[];
  loops: Loop[];
}

/** From this far off balance, in steps, the other thread begins to show as loops. */
const SHOWS = 0.8;

/**
 * Where every hole and every thread of a line lies, as the machine really sewed it.
 *
 * @param input - setting and line
 * @param state - how the machine works
 * @param rng - random numbers of this line
 * @returns holes, strands and loops, mm
 */
export function stitchingOf(input: SewInput, state: State, rng: Rng): Stitching {
  const { setup, lengthMm } = input;
  const straight = stitchHoles(setup.stitch, state.lengthMm, setup.widthMm, lengthMm);
  const walk = unevenWalk(state, lengthMm + 2 * state.lengthMm, rng);
  const path = straight.map(({ x, y }) => ({ x: walk(x), y }));
  // The loop of the first stitch is held by the tails; any other may be missed.
  const missed = Math.max(0, state.skips - 0.1) * 0.4;
  const caught = path.map((_, i) => i === 0 || rng.next() >= missed);
  const gap = isTwin(setup.needle.point) ? (setup.needle.gapMm ?? 2) : 0;
  const rows = gap > 0 ? [-gap / 2, gap / 2] : [0];
  const inRow = (offset: number) => path.map(({ x, y }) => ({ x, y: y + offset }));
  const locked = (offset: number) => inRow(offset).filter((_, i) => caught[i]);
  return {
    holes: rows.flatMap(inRow),
    strands: [
      ...rows.flatMap((offset) => run(locked(offset), 'front', 'needle', state, caught)),
      ...run(gap > 0 ? zigzagged(locked(0), gap) : locked(0), 'back', 'bobbin', state, caught),
      ...rows.flatMap((offset) => fibres(locked(offset), state, rng)),
    ],
    loops: rows.flatMap((offset) => loopsAt(locked(offset), state)),
  };
}

/** A feed that lint holds up moves now more, now less; on the whole as far. */
function unevenWalk({ lengthMm, quirks }: State, overMm: number, { normal }: Rng): (x: number) => number {
  const jerk = 0.9 * Math.max(0, quirks.lint - 0.25);
  const steps = Math.ceil(overMm / lengthMm) + 2;
  const at = [0];
  for (let i = 1; i <= steps; i += 1) at.push(at[i - 1] + Math.max(0.25, 1 + jerk * normal()));
  const scale = steps / at[steps];
  return (x) => {
    const i = Math.min(steps - 1, Math.max(0, Math.floor(x / lengthMm)));
    const share = x / lengthMm - i;
    return (at[i] + share * (at[i + 1] - at[i])) * scale * lengthMm;
  };
}

function run(
  spots: Spot[],
  side: Strand['side'],
  thread: Strand['thread'],
  { tension, lengthMm }: State,
  caught: boolean[],
): Strand[] {
  const loose = thread === 'needle' ? Math.max(0, -tension) * 0.12 : Math.max(0, tension) * 0.12;
  return spots.slice(1).map((to, i) => {
    const from = spots[i];
    const long = Math.hypot(to.x - from.x, to.y - from.y) > lengthMm * 1.6 && caught.includes(false);
    return { side, thread, from, to, slack: loose + (long && side === 'front' ? 0.7 : 0) };
  });
}

/** Under two needles one bobbin thread runs from row to row. */
const zigzagged = (spots: Spot[], gap: number): Spot[] =>
  spots.map(({ x, y }, i) => ({ x, y: y + (i % 2 === 0 ? -gap / 2 : gap / 2) }));

function loopsAt(spots: Spot[], { tension }: State): Loop[] {
  const radiusMm = Math.min(1.1, 0.26 * (Math.abs(tension) - 0.4));
  if (Math.abs(tension) < SHOWS) return [];
  const [side, thread] = tension > 0 ? (['front', 'bobbin'] as const) : (['back', 'needle'] as const);
  return spots.map(({ x, y }) => ({ x, y, side, thread, radiusMm }));
}

/** Fibres that stand off a fuzzy thread. */
function fibres(spots: Spot[], { quirks }: State, { next, normal }: Rng): Strand[] {
  return spots.flatMap((from) =>
    next() > quirks.threadFuzz - 0.2
      ? []
      : Array.from({ length: 3 }, () => ({
          side: 'front' as const,
          thread: 'needle' as const,
          from,
          to: { x: from.x + 0.9 * normal(), y: from.y + 0.9 * normal() },
          slack: 0.3 * normal(),
          fibre: true,
        })),
  );
}
