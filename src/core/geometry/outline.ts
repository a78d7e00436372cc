/** A point on the cloth, mm. */
export interface Point {
  x: number;
  y: number;
}

/** One corner or bend of an outline: where it is along the line, how it turns, and how tightly. */
export interface Bend {
  /** Distance along the outline from its start, mm. */
  alongMm: number;
  /** Turn of the line here, degrees: on a drawing (y down) above 0 is to the walker's right. */
  turnDeg: number;
  /** Radius of the circle through this point and its neighbours, mm; null where the line is straight. */
  radiusMm: number | null;
}

const distance = (a: Point, b: Point) => Math.hypot(b.x - a.x, b.y - a.y);

/**
 * An outline without points that lie on the one before them; a closed one without its first point at its end.
 *
 * @param points - the outline, mm
 * @param closed - whether it closes
 * @returns the points that count
 * @example
 * withoutRepeats([{ x: 0, y: 0 }, { x: 0, y: 0 }, { x: 1, y: 0 }], false).length // => 2
 */
export function withoutRepeats(points: readonly Point[], closed: boolean): Point[] {
  const kept = points.filter((p, i) => i === 0 || distance(p, points[i - 1]) > 1e-9);
  const [first, last] = [kept[0], kept.at(-1)];
  if (closed && kept.length > 1 && distance(first, last!) <= 1e-9) kept.pop();
  return kept;
}

/**
 * How an outline turns at each of its points.
 *
 * The radius is that of the circle through three neighbouring points (Menger curvature), which is exact for points on
 * a circle however they are spaced. Points that coincide are dropped first. An open outline has no bend at its ends.
 *
 * @param points - the outline, mm, in sewing order
 * @param closed - whether the last point is joined to the first again
 * @returns one bend for each inner point (every point when closed); none for fewer than three points
 * @example
 * outlineBends([{ x: 10, y: 0 }, { x: 0, y: 10 }, { x: -10, y: 0 }], false)[0].radiusMm // => 10
 */
export function outlineBends(points: readonly Point[], closed: boolean): Bend[] {
  const kept = withoutRepeats(points, closed);
  const count = kept.length;
  if (count < 3) return [];
  const bends: Bend[] = [];
  let alongMm = 0;
  for (let i = 0; i < count; i += 1) {
    if (i > 0) alongMm += distance(kept[i - 1], kept[i]);
    if (!closed && (i === 0 || i === count - 1)) continue;
    const [a, b, c] = [kept[(i - 1 + count) % count], kept[i], kept[(i + 1) % count]];
    bends.push({ alongMm, ...bendAt(a, b, c) });
  }
  return bends;
}

function bendAt(a: Point, b: Point, c: Point): Pick<Bend, 'turnDeg' | 'radiusMm'> {
  const cross = (b.x - a.x) * (c.y - b.y) - (b.y - a.y) * (c.x - b.x);
  const dot = (b.x - a.x) * (c.x - b.x) + (b.y - a.y) * (c.y - b.y);
  const turnDeg = (Math.atan2(cross, dot) * 180) / Math.PI;
  const sides = distance(a, b) * distance(b, c) * distance(a, c);
  const radiusMm = Math.abs(cross) < 1e-9 * Math.max(1, sides) ? null : sides / (2 * Math.abs(cross));
  return { turnDeg, radiusMm };
}

/**
 * The length of an outline.
 *
 * @param points - the outline, mm
 * @param closed - whether the last point is joined to the first again
 * @returns mm; 0 for fewer than two points
 * @example
 * outlineLengthMm([{ x: 0, y: 0 }, { x: 3, y: 4 }], true) // => 10
 */
export function outlineLengthMm(points: readonly Point[], closed: boolean): number {
  const open = points.slice(1).reduce((sum, point, i) => sum + distance(points[i], point), 0);
  return closed && points.length > 1 ? open + distance(points.at(-1)!, points[0]) : open;
}

/** A stretch so many times longer than its shorter neighbour is a straight, not a chord of a curve. */
const STRAIGHT_SHARE = 3;

/**
 * The same outline with its straights told from its curves: a long stretch gets a point near each end.
 *
 * A curve is drawn with chords of about one length. Where a straight runs into it, the circle through three neighbouring
 * points would reach far along the straight; with a point one chord away it measures the curve alone.
 *
 * @param all - the outline, mm
 * @param closed - whether it closes
 * @returns the points that were there, and others between them
 * @example
 * markStraights([{ x: 0, y: 0 }, { x: 9, y: 0 }, { x: 10, y: 0.1 }], false).map((p) => p.x) // => [0, 1.0049875621120892, 7.995012437887911, 9, 10]
 */
export function markStraights(all: readonly Point[], closed: boolean): Point[] {
  const points = withoutRepeats(all, closed);
  const count = points.length;
  const long = (i: number) => {
    if (!closed && (i < 0 || i >= count - 1)) return Infinity;
    return distance(points[(i + count) % count], points[(i + 1 + count) % count]);
  };
  return points.flatMap((a, i) => {
    const mine = long(i);
    const near = Math.min(long(i - 1), long(i + 1));
    if (!Number.isFinite(mine) || mine < STRAIGHT_SHARE * near) return [a];
    const b = points[(i + 1) % count];
    const at = (mm: number) => ({ x: a.x + ((b.x - a.x) * mm) / mine, y: a.y + ((b.y - a.y) * mm) / mine });
    return [a, at(near), at(mine - near)];
  });
}
