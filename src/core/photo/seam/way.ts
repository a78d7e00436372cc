import type { Point } from '../../geometry';

/** A smooth line through the plane: places at even distances along it. */
export interface Way {
  stepMm: number;
  /** Places, mm, and the direction there, radians. */
  x: Float64Array;
  y: Float64Array;
  angle: Float64Array;
}

const STEP_MM = 0.5;

/**
 * A way through places, smoothed, and carried on straight at both ends.
 *
 * Local quadratic regression: a moving mean would cut the inside of a bend.
 *
 * @param places - along the seam, mm; two or more
 * @param reachMm - how far to both sides places count
 * @param beyondMm - how much further it goes at each end
 */
export function wayThrough(places: readonly Point[], reachMm: number, beyondMm: number): Way {
  if (places.length < 2) throw new Error(`wayThrough: expected two places or more, got ${places.length}`);
  const along = [0];
  for (let i = 1; i < places.length; i += 1)
    along.push(along[i - 1] + Math.hypot(places[i].x - places[i - 1].x, places[i].y - places[i - 1].y));
  const total = along[along.length - 1];
  const count = Math.max(2, Math.round(total / STEP_MM) + 1);
  const at = Array.from({ length: count }, (_, i) => (i * total) / (count - 1));
  const smooth = at.map((s) => ({
    x: local(along, (i) => places[i].x, s, reachMm),
    y: local(along, (i) => places[i].y, s, reachMm),
  }));
  return evenly(lengthened(smooth, beyondMm));
}

function local(along: readonly number[], value: (i: number) => number, s: number, reach: number): number {
  // Moments of the weights, and of the values by them, up to the powers a parabola needs.
  let [a, b, c, d, e, p, q, r] = [0, 0, 0, 0, 0, 0, 0, 0];
  for (let i = firstFrom(along, s - reach); i < along.length && along[i] < s + reach; i += 1) {
    const t = (along[i] - s) / reach;
    const cube = 1 - Math.abs(t * t * t);
    const weight = cube * cube * cube;
    const at = value(i);
    a += weight;
    b += weight * t;
    c += weight * t * t;
    d += weight * t * t * t;
    e += weight * t * t * t * t;
    p += weight * at;
    q += weight * t * at;
    r += weight * t * t * at;
  }
  const det = a * (c * e - d * d) - b * (b * e - c * d) + c * (b * d - c * c);
  if (a < 1e-9) return value(0);
  // Two places carry a line, not a parabola.
  if (Math.abs(det) < 1e-6 * a ** 3) {
    const flat = a * c - b * b;
    return Math.abs(flat) < 1e-9 * a * a ? p / a : (p * c - b * q) / flat;
  }
  return (p * (c * e - d * d) - b * (q * e - d * r) + c * (q * d - c * r)) / det;
}

/** The first index whose value is above a limit, by halving. */
function firstFrom(sorted: readonly number[], limit: number): number {
  let [low, high] = [0, sorted.length];
  while (low < high) {
    const middle = (low + high) >> 1;
    if (sorted[middle] > limit) high = middle;
    else low = middle + 1;
  }
  return low;
}

/** Carried on straight from its last centimetre. */
function lengthened(places: Point[], beyondMm: number): Point[] {
  const back = Math.min(places.length - 1, Math.round(10 / STEP_MM));
  const on = (from: Point, to: Point): Point => {
    const far = Math.hypot(to.x - from.x, to.y - from.y) || 1;
    return { x: to.x + ((to.x - from.x) / far) * beyondMm, y: to.y + ((to.y - from.y) / far) * beyondMm };
  };
  const last = places.length - 1;
  return [on(places[back], places[0]), ...places, on(places[last - back], places[last])];
}

function evenly(places: readonly Point[]): Way {
  const along = [0];
  for (let i = 1; i < places.length; i += 1)
    along.push(along[i - 1] + Math.hypot(places[i].x - places[i - 1].x, places[i].y - places[i - 1].y));
  const count = Math.max(2, Math.floor(along[along.length - 1] / STEP_MM) + 1);
  const [x, y, angle] = [new Float64Array(count), new Float64Array(count), new Float64Array(count)];
  let piece = 1;
  for (let i = 0; i < count; i += 1) {
    const s = i * STEP_MM;
    while (piece < along.length - 1 && along[piece] < s) piece += 1;
    const t = (s - along[piece - 1]) / Math.max(1e-9, along[piece] - along[piece - 1]);
    x[i] = places[piece - 1].x + t * (places[piece].x - places[piece - 1].x);
    y[i] = places[piece - 1].y + t * (places[piece].y - places[piece - 1].y);
  }
  for (let i = 0; i < count; i += 1) {
    const [a, b] = [Math.max(0, i - 2), Math.min(count - 1, i + 2)];
    angle[i] = Math.atan2(y[b] - y[a], x[b] - x[a]);
  }
  return { stepMm: STEP_MM, x, y, angle };
}

export const wayLengthMm = ({ x, stepMm }: Way): number => (x.length - 1) * stepMm;

/** The place so far along a way, and so far to its left as seen in the picture (down is positive). */
export function placeOn(way: Way, alongMm: number, acrossMm: number): Point {
  const at = alongMm / way.stepMm;
  const i = Math.min(way.x.length - 2, Math.max(0, Math.floor(at)));
  const t = at - i;
  const angle = way.angle[i] + t * (way.angle[i + 1] - way.angle[i]);
  return {
    x: way.x[i] + t * (way.x[i + 1] - way.x[i]) - Math.sin(angle) * acrossMm,
    y: way.y[i] + t * (way.y[i + 1] - way.y[i]) + Math.cos(angle) * acrossMm,
  };
}

/** A way moved sideways, down in the picture where it goes to the right. */
export function aside(way: Way, mm: number): Way {
  return {
    ...way,
    x: way.x.map((x, i) => x - Math.sin(way.angle[i]) * mm),
    y: way.y.map((y, i) => y + Math.cos(way.angle[i]) * mm),
  };
}
