import type { Rng } from '../random';
import { stitchHoles } from '../stitch';
import type { SewInput } from './line';
import type { Sewing } from './sew';
import { gapOf } from './state';

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
  /** Where the line stops, mm. */
  toMm: number;
}

/** From this far off balance, in steps, the other thread begins to show as loops. */
const SHOWS = 0.8;
/** Stitches closer than this lie on top of each other, and are drawn so, mm. */
const CLOSEST_MM = 0.15;

/**
 * Where every hole and every thread of a line lies, as the machine really sewed it.
 *
 * @param input - setting and line
 * @param sewing - what happened under the foot
 * @param rng - random numbers of this line
 * @returns holes, strands and loops, mm
 */
export function stitchingOf(input: SewInput, sewing: Sewing, rng: Rng): Stitching {
  const { setup, lengthMm } = input;
  const { state, levels, ended } = sewing;
  const toMm = ended?.atMm ?? lengthMm;
  const step = Math.max(CLOSEST_MM, state.advanceMm);
  const straight = stitchHoles(setup.stitch, step, setup.widthMm, toMm);
  const walk = unevenWalk(step, 0.75 * Math.max(0, (levels['uneven-length'] ?? 0) - 0.15), toMm + 2 * step, rng);
  const wander = wanderOf(levels.wandering ?? 0, rng);
  const squeeze = humpSqueeze(lengthMm / 2, state.trouble.hump);
  const path = straight.map(({ x, y }) => {
    const along = squeeze(walk(x));
    return { x: along, y: y + wander(along) };
  });
  // The loop of the first stitch is held by the tails; any other may be missed.
  const missed = Math.min(0.7, Math.max(0, state.skips - 0.1) * 0.6);
  const caught = path.map((_, i) => i === 0 || rng.next() >= missed);
  const gap = gapOf(setup);
  const rows = gap > 0 ? [-gap / 2, gap / 2] : [0];
  const lost = gap > 0 ? Math.max(0, (levels['one-needle-missing'] ?? 0) - 0.2) : 0;
  // Of two needles the second is the one that loses its loops.
  const holds = path.map(() => rng.next() >= lost);
  const inRow = (offset: number) => path.map(({ x, y }) => ({ x, y: y + offset }));
  const locked = (offset: number) => inRow(offset).filter((_, i) => caught[i] && (offset <= 0 || i === 0 || holds[i]));
  return {
    toMm,
    holes: rows.flatMap(inRow),
    strands: [
      ...rows.flatMap((offset) => run(locked(offset), 'front', 'needle', sewing)),
      ...run(gap > 0 ? zigzagged(locked(0), gap) : locked(0), 'back', 'bobbin', sewing),
      ...rows.flatMap((offset) => fibres(locked(offset), levels.shreds ?? 0, rng)),
      ...nest(levels.nest ?? 0, rng),
      ...brokenEnd(ended, path.at(-1), rng),
    ],
    loops: rows.flatMap((offset) => loopsAt(locked(offset), sewing, rng)),
  };
}

/** A feed that is held up moves now more, now less; on the whole as far. */
function unevenWalk(step: number, jerk: number, overMm: number, { normal }: Rng): (x: number) => number {
  const steps = Math.ceil(overMm / step) + 2;
  const at = [0];
  for (let i = 1; i <= steps; i += 1) at.push(at[i - 1] + Math.max(0.25, 1 + jerk * normal()));
  const scale = steps / at[steps];
  return (x) => {
    const i = Math.min(steps - 1, Math.max(0, Math.floor(x / step)));
    const share = x / step - i;
    return (at[i] + share * (at[i + 1] - at[i])) * scale * step;
  };
}

/** A line that leaves its mark now to one side, now to the other. */
function wanderOf(level: number, { next }: Rng): (x: number) => number {
  const [a, b] = [6 * next(), 6 * next()];
  const far = 1.5 * Math.max(0, level - 0.15);
  return (x) => far * (0.7 * (Math.sin(x / 6 + a) - Math.sin(a)) + 0.3 * (Math.sin(x / 2.3 + b) - Math.sin(b)));
}

/** At a hump the foot tips and the feed slips: stitches crowd before it. */
function humpSqueeze(atMm: number, hump: number): (x: number) => number {
  const reach = 5;
  return (x) => {
    const before = atMm - x;
    if (hump === 0 || before < 0 || before > reach) return x;
    return atMm - reach * (before / reach) ** (1 + 1.6 * hump);
  };
}

function run(spots: Spot[], side: Strand['side'], thread: Strand['thread'], { state }: Sewing): Strand[] {
  const { balance, advanceMm } = state;
  const loose = Math.min(0.6, (thread === 'needle' ? Math.max(0, -balance) : Math.max(0, balance)) * 0.12);
  return spots.slice(1).map((to, i) => {
    const from = spots[i];
    const long = Math.hypot(to.x - from.x, to.y - from.y) > Math.max(1, advanceMm) * 1.6 && state.skips > 0.12;
    return { side, thread, from, to, slack: loose + (long && side === 'front' ? 0.7 : 0) };
  });
}

/** Under two needles one bobbin thread runs from row to row. */
const zigzagged = (spots: Spot[], gap: number): Spot[] =>
  spots.map(({ x, y }, i) => ({ x, y: y + (i % 2 === 0 ? -gap / 2 : gap / 2) }));

function loopsAt(spots: Spot[], { state: { balance, jumps } }: Sewing, { next }: Rng): Loop[] {
  return spots.flatMap(({ x, y }) => {
    // A bobbin that unwinds in jerks lets go at some stitches and holds at others.
    const off = balance + jumps * (next() < 0.5 ? 1 : 0);
    if (Math.abs(off) < SHOWS) return [];
    const [side, thread] = off > 0 ? (['front', 'bobbin'] as const) : (['back', 'needle'] as const);
    return [{ x, y, side, thread, radiusMm: Math.min(1.7, 0.26 * (Math.abs(off) - 0.4)) }];
  });
}

/** Fibres that stand off a thread that is fuzzy or rubbed. */
function fibres(spots: Spot[], level: number, { next, normal }: Rng): Strand[] {
  return spots.flatMap((from) => {
    const shows = next() < 1.6 * (level - 0.12);
    const ends = Array.from({ length: 3 }, () => ({ x: from.x + 0.9 * normal(), y: from.y + 0.9 * normal() }));
    if (!shows) return [];
    return ends.map((to) => ({
      side: 'front' as const,
      thread: 'needle' as const,
      from,
      to,
      slack: 0.2,
      fibre: true,
    }));
  });
}

/** A tangle of needle thread underneath, where the line begins. */
function nest(level: number, { normal }: Rng): Strand[] {
  const turns = Math.round(26 * Math.max(0, level - 0.15));
  let at = { x: 1, y: 0 };
  return Array.from({ length: turns }, () => {
    const to = { x: 2 + 2.2 * normal(), y: 2 * normal() };
    const from = at;
    at = to;
    return { side: 'back' as const, thread: 'needle' as const, from, to, slack: 0.6 * normal() };
  });
}

/** A thread that broke ends in the air, and frays. */
function brokenEnd(ended: Sewing['ended'], last: Spot | undefined, { normal }: Rng): Strand[] {
  const tail = { x: 2.5 + 0.4 * normal(), y: -2.5 + 0.5 * normal() };
  if (!ended || !last || ended.by === 'no-feed') return [];
  const end = { x: last.x + tail.x, y: last.y + tail.y };
  const frayed = [-0.7, 0, 0.7].map((y) => ({ x: end.x + 0.9, y: end.y + y }));
  const strand = { side: 'front' as const, thread: 'needle' as const };
  return [
    { ...strand, from: last, to: end, slack: 0.5 },
    ...frayed.map((to) => ({ ...strand, from: end, to, slack: 0, fibre: true })),
  ];
}
