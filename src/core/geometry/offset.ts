import { clamp } from '../numbers';
import { type Point, withoutRepeats } from './outline';

/** Where mitred corners would run out farther than this many distances they are cut off. */
const MITRE = 4;
/** Up to so many points the loops of a tight inside curve are taken out; beyond, it would take too long to look. */
const MOST_CLEANED = 1500;

/**
 * The line at a distance beside an outline: the raw edge, or where an allowance is trimmed.
 *
 * Each corner is mitred; where the distance is wider than an inside curve, what would loop back is left out.
 *
 * @param points - the outline, mm, y down
 * @param closed - whether it closes
 * @param offMm - above 0: to the right of someone walking along it on the drawing; below 0: to the left
 * @param mitre - corners that would run out farther than this many distances are cut off
 * @returns the line beside, in the same order; empty for fewer than two points
 * @example
 * offsetOutline([{ x: 0, y: 0 }, { x: 10, y: 0 }], false, 2) // => [{ x: 0, y: 2 }, { x: 10, y: 2 }]
 */
export function offsetOutline(points: readonly Point[], closed: boolean, offMm: number, mitre = MITRE): Point[] {
  const kept = withoutRepeats(points, closed);
  if (kept.length < 2 || offMm === 0) return offMm === 0 ? [...kept] : [];
  const beside = kept.flatMap((point, i) => {
    const [before, after] = [normalOf(kept, closed, i - 1), normalOf(kept, closed, i)];
    const [a, b] = [before ?? after!, after ?? before!];
    const cos = a.x * b.x + a.y * b.y;
    const share = 1 / (1 + cos);
    if (2 * share > mitre ** 2 || !Number.isFinite(share)) return [moved(point, a, offMm), moved(point, b, offMm)];
    return [moved(point, { x: (a.x + b.x) * share, y: (a.y + b.y) * share }, offMm)];
  });
  if (kept.length > MOST_CLEANED) return beside;
  const least = Math.abs(offMm) * (1 - 1e-6) - 1e-9;
  return withoutLoops(
    beside,
    beside.map((point) => distanceToOutline(point, kept, closed) >= least),
    closed,
  );
}

/**
 * A line without what loops back: from the last point before a loop it goes on to where the two stretches that are cut short cross, and
 * from there to the first point after it.
 */
function withoutLoops(line: readonly Point[], isKept: readonly boolean[], closed: boolean): Point[] {
  const first = isKept.indexOf(true);
  if (first < 0) return [];
  const count = line.length;
  const at = (i: number) => line[i % count];
  const out: Point[] = [line[first]];
  let last = first;
  for (let i = first + 1; i <= (closed ? first + count : count - 1); i += 1) {
    if (!isKept[i % count]) continue;
    const cut = i - last > 1 ? crossing(at(last), at(last + 1), at(i - 1 + count), at(i)) : null;
    if (cut) out.push(cut);
    if (i < first + count) out.push(at(i));
    last = i;
  }
  return out;
}

/** Where two stretches cross; null where they do not. */
function crossing(a: Point, b: Point, c: Point, d: Point): Point | null {
  const [r, s] = [
    { x: b.x - a.x, y: b.y - a.y },
    { x: d.x - c.x, y: d.y - c.y },
  ];
  const cross = r.x * s.y - r.y * s.x;
  if (Math.abs(cross) < 1e-12) return null;
  const t = ((c.x - a.x) * s.y - (c.y - a.y) * s.x) / cross;
  const u = ((c.x - a.x) * r.y - (c.y - a.y) * r.x) / cross;
  return t >= 0 && t <= 1 && u >= 0 && u <= 1 ? { x: a.x + t * r.x, y: a.y + t * r.y } : null;
}

const moved = (point: Point, by: Point, mm: number): Point => ({ x: point.x + by.x * mm, y: point.y + by.y * mm });

/** Of the stretch that begins at a point, to the walker's right; none before the first or after the last of an open line. */
function normalOf(points: readonly Point[], closed: boolean, i: number): Point | null {
  if (!closed && (i < 0 || i >= points.length - 1)) return null;
  const [a, b] = [points[(i + points.length) % points.length], points[(i + 1 + points.length) % points.length]];
  const length = Math.hypot(b.x - a.x, b.y - a.y);
  return { x: -(b.y - a.y) / length, y: (b.x - a.x) / length };
}

/**
 * How far a point lies from an outline.
 *
 * @param point - mm
 * @param points - the outline, mm
 * @param closed - whether it closes
 * @returns mm; Infinity for an outline without points
 * @example
 * distanceToOutline({ x: 5, y: 3 }, [{ x: 0, y: 0 }, { x: 10, y: 0 }], false) // => 3
 */
export function distanceToOutline(point: Point, points: readonly Point[], closed: boolean): number {
  const stretches = points.length - (closed ? 0 : 1);
  let least = points.length === 1 ? Math.hypot(point.x - points[0].x, point.y - points[0].y) : Infinity;
  for (let i = 0; i < stretches; i += 1) {
    const [a, b] = [points[i], points[(i + 1) % points.length]];
    const [dx, dy] = [b.x - a.x, b.y - a.y];
    const squared = dx * dx + dy * dy;
    const t = squared === 0 ? 0 : clamp(((point.x - a.x) * dx + (point.y - a.y) * dy) / squared, 0, 1);
    least = Math.min(least, Math.hypot(point.x - a.x - t * dx, point.y - a.y - t * dy));
  }
  return least;
}

/** A place on an outline, and which way is to the walker's right there. */
export interface OutlinePlace {
  at: Point;
  normal: Point;
}

/**
 * The place so far along an outline.
 *
 * @param points - the outline, mm, two points or more, y down
 * @param closed - whether it closes
 * @param alongMm - from its start; beyond its ends the end itself
 * @returns the place and the direction to the walker's right, of length 1
 * @throws when there are fewer than two points
 * @example
 * placeAlong([{ x: 0, y: 0 }, { x: 10, y: 0 }], false, 4) // => { at: { x: 4, y: 0 }, normal: { x: 0, y: 1 } }
 */
export function placeAlong(points: readonly Point[], closed: boolean, alongMm: number): OutlinePlace {
  const kept = withoutRepeats(points, closed);
  if (kept.length < 2) throw new Error(`placeAlong: expected two points or more, got ${kept.length}`);
  const stretches = kept.length - (closed ? 0 : 1);
  let left = Math.max(0, alongMm);
  for (let i = 0; i < stretches; i += 1) {
    const [a, b] = [kept[i], kept[(i + 1) % kept.length]];
    const length = Math.hypot(b.x - a.x, b.y - a.y);
    if (left <= length || i === stretches - 1) {
      const t = Math.min(1, left / length);
      return {
        at: { x: a.x + t * (b.x - a.x), y: a.y + t * (b.y - a.y) },
        normal: { x: -(b.y - a.y) / length || 0, y: (b.x - a.x) / length || 0 },
      };
    }
    left -= length;
  }
  throw new Error('placeAlong: expected an outline of some length');
}
