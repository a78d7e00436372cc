import { mapTable } from '../result';
import { type Penetration, type Stitch, STITCH, type StitchId } from './stitches';

/** One stretch of thread between two penetrations, in stitch lengths and widths. */
export interface Segment {
  dx: number;
  dy: number;
}

/** What follows from a stitch's polyline alone. */
export interface StitchFacts {
  segments: readonly Segment[];
  advance: number;
  /** Penetrations for each stitch length the cloth moves on. */
  penetrationsPerLength: number;
  /** Separate holes for each stitch length: a stitch that goes back uses the same hole again. */
  holesPerLength: number;
  /** True when the feed runs backwards somewhere in the repeat. */
  feedsBackwards: boolean;
  /** True when the needle swings sideways. */
  swings: boolean;
  /** How much of the swing each step that moves on crosses, 0 … 1: a zigzag crosses all of it at once. */
  crossing: number;
}

function derive({ path, advance }: Stitch): StitchFacts {
  const next = (i: number): Penetration => (i + 1 < path.length ? path[i + 1] : [path[0][0] + advance, path[0][1]]);
  const segments = path.map(([x, y], i) => ({ dx: next(i)[0] - x, dy: next(i)[1] - y }));
  return {
    segments,
    advance,
    penetrationsPerLength: path.length / advance,
    holesPerLength: new Set(path.map(([x, y]) => `${(x % advance).toFixed(6)} ${y}`)).size / advance,
    feedsBackwards: segments.some((s) => s.dx < 0),
    swings: path.some(([, y]) => y !== 0),
    crossing: Math.min(...segments.map((s) => Math.abs(s.dy))),
  };
}

const FACTS = mapTable(STITCH, derive);

/**
 * Everything that follows from a stitch's polyline.
 *
 * @param stitch - the stitch
 * @returns segments, penetrations per stitch length, whether it feeds backwards, whether it swings
 * @example
 * stitchFacts('zigzag').penetrationsPerLength // => 1
 * stitchFacts('triple-straight').penetrationsPerLength // => 3
 * stitchFacts('triple-straight').feedsBackwards // => true
 */
export function stitchFacts(stitch: StitchId): StitchFacts {
  return FACTS[stitch];
}

/**
 * Needle holes in each centimetre of seam.
 *
 * @param stitch - the stitch
 * @param lengthMm - feed per penetration, mm, above 0
 * @returns holes per cm
 * @throws when the length is not above 0
 * @example
 * penetrationsPerCm('straight', 2.5) // => 4
 * penetrationsPerCm('triple-straight', 2.5) // => 12
 */
export function penetrationsPerCm(stitch: StitchId, lengthMm: number): number {
  if (!(lengthMm > 0)) throw new Error(`penetrationsPerCm: expected a length above 0, got ${lengthMm}`);
  return (FACTS[stitch].penetrationsPerLength * 10) / lengthMm;
}

/** A point on the cloth in mm: x along the seam, y across it, 0 in the middle of the swing. */
export interface HolePoint {
  x: number;
  y: number;
}

/**
 * Where the needle goes in along a piece of seam, in sewing order: what drawings are made from.
 *
 * @param stitch - the stitch
 * @param lengthMm - feed per penetration, mm, above 0
 * @param widthMm - whole swing, mm
 * @param seamMm - length of seam to cover, mm
 * @returns holes in mm; the last one is at or past the end
 * @throws when the length is not above 0
 * @example
 * stitchHoles('zigzag', 2, 3, 4) // => [{ x: 0, y: -1.5 }, { x: 2, y: 1.5 }, { x: 4, y: -1.5 }]
 */
export function stitchHoles(stitch: StitchId, lengthMm: number, widthMm: number, seamMm: number): HolePoint[] {
  if (!(lengthMm > 0)) throw new Error(`stitchHoles: expected a length above 0, got ${lengthMm}`);
  const { path, advance } = STITCH[stitch];
  const repeats = Math.ceil(seamMm / (advance * lengthMm));
  const holes: HolePoint[] = [];
  for (let r = 0; r <= repeats; r += 1) {
    for (const [x, y] of path) {
      holes.push({ x: (x + r * advance) * lengthMm, y: y * widthMm });
      if (r === repeats) break;
    }
  }
  return holes;
}
