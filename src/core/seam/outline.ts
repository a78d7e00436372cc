import { longestChordMm, outlineBends, outlineLengthMm, type Point2 } from '../geometry';
import { clipsFor } from './clips';

/** How one outline is to be sewn and prepared. All in mm and degrees. */
export interface OutlineRequest {
  points: readonly Point2[];
  closed: boolean;
  /** The seam's own stitch length, used wherever the curve allows it. */
  lengthMm: number;
  toleranceMm: number;
  allowanceMm: number;
  /** Side of the line the allowance lies on, walking along it. */
  allowanceOn: 'left' | 'right';
}

/** A run of the outline sewn with one stitch length. */
export interface OutlineStretch {
  fromMm: number;
  toMm: number;
  lengthMm: number;
  radiusMm: number | null;
}

/** An outline worked out: stretches of stitch length, pivots at corners, cuts in the allowance. */
export interface OutlineAnswer {
  lengthMm: number;
  stretches: OutlineStretch[];
  pivots: { alongMm: number; turnDeg: number }[];
  cuts: { alongMm: number; kind: 'notch' | 'clip' }[];
  /** Where the allowance is wider than the radius and has to be trimmed before it can be cut. */
  trimFirst: number[];
}

/** A turn of this much at one point is a corner to pivot at, not part of a curve. */
const CORNER_DEG = 35;
/** Below this no home machine forms a stitch reliably. */
const SHORTEST_MM = 1;

/**
 * Stitch length along any outline, where to pivot, and where to clip or notch its allowance.
 *
 * The outline is a polyline fine enough that no true curve turns 35° at one point; sharper turns are corners. The
 * stitch is shortened to stay within the tolerance of each bend, in steps of a tenth. Cuts are spaced by `clipsFor`.
 *
 * @param request - outline and what is known of the seam
 * @returns stretches in order along the line; empty lists for fewer than two points
 * @example
 * outlineSeam({ points: [{ x: 0, y: 0 }, { x: 60, y: 0 }, { x: 60, y: 60 }], closed: false, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 10, allowanceOn: 'left' }).pivots // => [{ alongMm: 60, turnDeg: 90 }]
 */
export function outlineSeam(request: OutlineRequest): OutlineAnswer {
  const { points, closed } = request;
  const lengthMm = outlineLengthMm(points, closed);
  const bends = outlineBends(points, closed);
  const pivots = bends
    .filter((b) => Math.abs(b.turnDeg) >= CORNER_DEG)
    .map(({ alongMm, turnDeg }) => ({ alongMm, turnDeg }));
  const curves = bends.filter((b) => Math.abs(b.turnDeg) < CORNER_DEG);
  const stretches = lengthMm > 0 ? stretchesOf(request, curves, lengthMm) : [];
  return { lengthMm, stretches, pivots, ...cutsOf(request, curves) };
}

function stretchesOf(
  request: OutlineRequest,
  bends: ReturnType<typeof outlineBends>,
  totalMm: number,
): OutlineStretch[] {
  const { lengthMm, toleranceMm } = request;
  const at = bends.map(({ alongMm, radiusMm }) => {
    const longest = radiusMm === null ? lengthMm : longestChordMm(radiusMm, toleranceMm);
    return {
      alongMm,
      radiusMm,
      lengthMm: Math.floor(Math.max(SHORTEST_MM, Math.min(lengthMm, longest)) * 10 + 1e-6) / 10,
    };
  });
  const stretches: OutlineStretch[] = [
    { fromMm: 0, toMm: totalMm, lengthMm: at[0]?.lengthMm ?? lengthMm, radiusMm: at[0]?.radiusMm ?? null },
  ];
  for (const [i, bend] of at.entries()) {
    const last = stretches.at(-1)!;
    if (bend.lengthMm === last.lengthMm) continue;
    const middle = i === 0 ? 0 : (at[i - 1].alongMm + bend.alongMm) / 2;
    last.toMm = middle;
    stretches.push({ fromMm: middle, toMm: totalMm, lengthMm: bend.lengthMm, radiusMm: bend.radiusMm });
  }
  return stretches;
}

/** Walks along the line and cuts whenever the turn since the last cut has used up one spacing. */
function cutsOf({ allowanceMm, allowanceOn }: OutlineRequest, bends: ReturnType<typeof outlineBends>) {
  const cuts: OutlineAnswer['cuts'] = [];
  const trimFirst: number[] = [];
  let used = 0;
  let before = 0;
  for (const { alongMm, turnDeg, radiusMm } of bends) {
    const stepMm = alongMm - before;
    before = alongMm;
    if (radiusMm === null || Math.abs(turnDeg) < 1e-9) {
      used = 0;
      continue;
    }
    // The allowance lies outside the curve when the line turns away from it.
    const convex = turnDeg > 0 === (allowanceOn === 'right');
    const clips = clipsFor({
      radiusMm,
      turnDeg: 90,
      allowanceMm,
      side: convex ? 'convex' : 'concave',
      maxGapMm: 4,
      notchBaseMm: 5,
    });
    if ('blocked' in clips) {
      trimFirst.push(alongMm);
      continue;
    }
    used += stepMm / clips.spacingMm;
    if (used < 1 - 1e-9) continue;
    cuts.push({ alongMm, kind: clips.kind });
    used = 0;
  }
  return { cuts, trimFirst };
}
