import { quantileOf } from '../picture/quantile';
import { boxMeans } from '../picture/blur';
import type { ThreadMap } from '../seam/thread';
import { penetrationsIn } from './penetrations';
import { movingMean, rowsOf, type Signal } from './signal';
import { parabola, type Period, periodsOf } from './spectrum';
import { countSlots, pitchOf } from './slots';
import { type ReadStitches, STITCH_MM } from './straight';

/** The narrowest zigzag that can be distinguished from a straight stitch, mm. */
export const NARROWEST_MM = 0.55;
const LEAST_PX = 3;
/** Looks along the halves: a few to tell periods apart, more to place the corners. */
const FIRST_LOOKS = 2;
const LOOKS = 6;

/**
 * A zigzag along the middle of a strip.
 *
 * Its two edges are where the thread ends across the strip; near each edge thread comes once a repeat, at one edge half a
 * repeat after the other. Corners are placed by these in turn, then each half of the zigzag is fitted by a line, and
 * corners are where these lines meet: the thread's thickness and the round of its turn do not count.
 *
 * @param map - thread along the strip
 * @returns the stitches; null where nothing goes from side to side
 */
export function zigzagStitches(map: ThreadMap): ReadStitches | null {
  const edges = edgesOf(map);
  if (!edges) return null;
  const { low, high } = edges;
  const wide = high - low;
  if (wide < NARROWEST_MM) return null;
  const deep = Math.min(0.3 * wide, Math.max(0.25, 0.16 * wide));
  const [top, bottom] = [rowsOf(map, low, low + deep), rowsOf(map, high - deep, high)];
  const swing = top.map((value, i) => value - bottom[i]);
  const shortest = Math.max(2 * LEAST_PX, 2 * STITCH_MM.shortest * map.pxPerMm);
  const longest = Math.min(2 * STITCH_MM.longest * map.pxPerMm, swing.length / 3);
  const periods = periodsOf(swing, shortest, longest, 3);
  const reads = periods
    .map((period) => ({ period, read: readFor(map, { top, bottom }, { low, high }, period, FIRST_LOOKS) }))
    .filter(({ read }) => read !== null);
  if (reads.length === 0) return null;
  const best = reads.reduce((a, b) => ((b.read?.fit ?? 0) > (a.read?.fit ?? 0) ? b : a));
  return readFor(map, { top, bottom }, { low, high }, best.period, LOOKS) ?? best.read;
}

/** Where stitching begins and ends across a strip, mm from its middle. */
export interface Edge {
  low: number;
  high: number;
}

/** Where thread begins and ends across the strip, mm from its middle; null where there is none. */
export function edgesOf({ width, height, pxPerMm, values }: ThreadMap): Edge | null {
  const half = (height - 1) / 2;
  const rows = new Float64Array(height);
  const reach = Math.max(1, Math.round(0.12 * pxPerMm));
  const soft = boxMeans(values, width, height, reach, reach);
  // Only what is more thread than fabric counts: noise and shade beside a sparse zigzag would add up to as much.
  for (let j = 0; j < height; j += 1) {
    for (let i = 0; i < width; i += 1) rows[j] += Math.max(0, Math.min(1, soft[j * width + i]) - 0.35);
    rows[j] /= width;
  }
  const smooth = movingMean(rows, Math.max(0, Math.round(0.08 * pxPerMm)));
  const ground = quantileOf(smooth, 0.25);
  const peak = quantileOf(smooth.slice(Math.floor(height * 0.25), Math.ceil(height * 0.75)), 0.9);
  const limit = ground + 0.4 * (peak - ground);
  if (peak - ground < 0.01) return null;
  // From the middle of what is above, so that a mark beside the seam does not count.
  let weight = 0;
  let centre = 0;
  smooth.forEach((value, j) => {
    if (value < limit || Math.abs(j - half) > half * 0.8) return;
    weight += value - limit;
    centre += (value - limit) * j;
  });
  if (weight === 0) return null;
  const gap = 0.5 * pxPerMm;
  const last = (step: number): number => {
    let [at, out] = [Math.round(centre / weight), 0];
    let seen = at;
    while (at >= 0 && at < height && out <= gap) {
      if (smooth[at] >= limit) [seen, out] = [at, 0];
      else out += 1;
      at += step;
    }
    return seen;
  };
  return { low: (last(-1) - half - 0.5) / pxPerMm, high: (last(1) - half + 0.5) / pxPerMm };
}

function readFor(
  map: ThreadMap,
  { top, bottom }: { top: Signal; bottom: Signal },
  edge: Edge,
  { length, prominence }: Period,
  looks: number,
): ReadStitches | null {
  const { pxPerMm } = map;
  const pitch = length / 2;
  const rowScore = (signal: Signal): Signal => {
    const smooth = movingMean(signal, Math.max(0, Math.round(pitch * 0.12)));
    const level = movingMean(signal, Math.round(pitch));
    const spread =
      quantileOf(
        smooth.map((value, i) => Math.abs(value - level[i])),
        0.8,
      ) || 1;
    return smooth.map((value, i) => Math.max(-1.5, Math.min(2, (value - level[i]) / spread)));
  };
  const scores = [rowScore(top), rowScore(bottom)];
  const placed = penetrationsIn(scores, pitch, 0.35);
  if (placed.length < 4) return null;
  const at = placed.map(({ at: i, row }) => {
    const score = scores[row];
    return i > 0 && i < score.length - 1 ? i + parabola(score[i - 1], score[i], score[i + 1]) : i;
  });
  const rough = placed.map(({ row }, k) => ({
    x: at[k],
    y: (row === 0 ? edge.low + 0.12 : edge.high - 0.12) * pxPerMm,
  }));
  let fine: Px[] = rough;
  let again: Half[] = [];
  // Each look goes along what the last one found.
  for (let look = 0; look < looks; look += 1) {
    again = fine.slice(1).map((to, k) => halfLine(map, fine[k], to));
    fine = fine.map((one, k) =>
      k > 0 && k < fine.length - 1 ? meeting(again[k - 1], again[k], one, pitch) : ends(again, k, one),
    );
  }
  const slots = countSlots({
    at: fine.map(({ x }) => x),
    levels: again.map(({ level }) => level),
    marks: fine.map(({ y }, k) => (placed[k].row === 0 ? -1 : 1) * ((2 * y) / pxPerMm - edge.low - edge.high)),
  });
  if (slots.stitches < 4 || slots.even.length < 2) return null;
  const read = measured(map, fine, slots, { fit: fitOf(fine, again, slots), prominence });
  return read.widthMm < NARROWEST_MM ? null : read;
}

interface Half {
  /** A place on it and its direction, px of the strip; null where no thread was found. */
  line: { x: number; y: number; dx: number; dy: number } | null;
  /** Thread along it, 1 for thread all along. */
  level: number;
  /** Thread beside it. */
  beside: number;
}

interface Px {
  x: number;
  y: number;
}

function mapAt({ width, height, values }: ThreadMap, x: number, y: number): number {
  const half = (height - 1) / 2;
  const i = Math.floor(x);
  const j = Math.floor(y + half);
  if (i < 0 || j < 0 || i >= width - 1 || j >= height - 1) return 0;
  const u = x - i;
  const v = y + half - j;
  const at = j * width + i;
  return (
    (values[at] * (1 - u) + values[at + 1] * u) * (1 - v) +
    (values[at + width] * (1 - u) + values[at + width + 1] * u) * v
  );
}

const held = (value: number) => Math.min(1.2, Math.max(-0.2, value));

/** The line of thread between two corners: across it, thread is centred by its weight. */
function halfLine(map: ThreadMap, from: Px, to: Px): Half {
  const long = Math.hypot(to.x - from.x, to.y - from.y);
  const [dx, dy] = [(to.x - from.x) / long, (to.y - from.y) / long];
  // Halfway to the next half of the zigzag, which is nearer the nearer the corner is.
  const apart = Math.abs(to.x - from.x) * Math.abs(dy);
  const widest = 0.35 * map.pxPerMm;
  const seen: { s: number; off: number; weight: number }[] = [];
  let [level, beside, count, besides] = [0, 0, 0, 0];
  // Only where the whole thickness of the thread fits in between: half a thread would be centred wrongly.
  const clear = Math.min(0.36, Math.max(0.16, (0.27 * map.pxPerMm) / (0.95 * apart)));
  const steps = Math.max(6, Math.round(long * (1 - 2 * clear)));
  for (let k = 0; k < steps; k += 1) {
    const t = clear + ((1 - 2 * clear) * (k + 0.5)) / steps;
    const [x, y] = [from.x + t * (to.x - from.x), from.y + t * (to.y - from.y)];
    const reach = Math.min(widest, 0.95 * Math.min(t, 1 - t) * apart);
    let [weight, sum] = [0, 0];
    for (let off = -reach; off <= reach; off += 0.5) {
      const value = Math.max(0, mapAt(map, x - dy * off, y + dx * off) - 0.25);
      weight += value;
      sum += value * off;
    }
    level += held(mapAt(map, x, y));
    if (t > 0.35 && t < 0.65) {
      const off = Math.max(2, Math.min(2 * widest, 0.5 * apart));
      beside += 0.5 * (held(mapAt(map, x - dy * off, y + dx * off)) + held(mapAt(map, x + dy * off, y - dx * off)));
      besides += 1;
    }
    count += 1;
    if (weight > 0.3 && reach >= 1) seen.push({ s: (t - 0.5) * long, off: sum / weight, weight: Math.min(2, weight) });
  }
  const line = seen.length < 4 ? null : fitted(seen, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2, dx, dy });
  return { line, level: level / count, beside: beside / Math.max(1, besides) };
}

function fitted(
  seen: readonly { s: number; off: number; weight: number }[],
  { x, y, dx, dy }: Px & { dx: number; dy: number },
): Half['line'] {
  let [w, s, o, ss, so] = [0, 0, 0, 0, 0];
  for (const one of seen) {
    w += one.weight;
    s += one.weight * one.s;
    o += one.weight * one.off;
    ss += one.weight * one.s * one.s;
    so += one.weight * one.s * one.off;
  }
  const det = w * ss - s * s;
  const rise = det > 1e-9 ? Math.max(-0.3, Math.min(0.3, (w * so - s * o) / det)) : 0;
  const shift = (o - rise * s) / w;
  return { x: x - dy * shift, y: y + dx * shift, dx: dx - dy * rise, dy: dy + dx * rise };
}

/** Where two halves meet; the corner as it was where they do not. */
function meeting(a: Half, b: Half, old: Px, pitch: number): Px {
  if (!a.line || !b.line) return old;
  const det = a.line.dx * b.line.dy - a.line.dy * b.line.dx;
  if (Math.abs(det) < 0.05) return old;
  const t = ((b.line.x - a.line.x) * b.line.dy - (b.line.y - a.line.y) * b.line.dx) / det;
  const at = { x: a.line.x + t * a.line.dx, y: a.line.y + t * a.line.dy };
  return Math.abs(at.x - old.x) < 0.6 * pitch && Math.abs(at.y - old.y) < Math.max(4, pitch) ? at : old;
}

/** The first and last corner lie on the only half that meets there, as far across as the others. */
function ends(halves: readonly Half[], k: number, old: Px): Px {
  const line = halves[k === 0 ? 0 : halves.length - 1]?.line;
  if (!line || Math.abs(line.dy) < 0.1) return old;
  const t = (old.y - line.y) / line.dy;
  return { x: line.x + t * line.dx, y: old.y };
}

function measured(
  { pxPerMm }: ThreadMap,
  corners: readonly Px[],
  slots: ReturnType<typeof countSlots>,
  { fit, prominence }: { fit: number; prominence: number },
): ReadStitches {
  const { pitch, spread } = pitchOf(
    corners.map(({ x }) => x),
    slots.even,
  );
  const widths = slots.even.map(([a, b]) => Math.abs(corners[b].y - corners[a].y) / pxPerMm);
  return {
    kind: 'zigzag',
    penetrations: slots.kept.map(({ index, seen }) => ({
      alongMm: (corners[index].x + 0.5) / pxPerMm,
      acrossMm: corners[index].y / pxPerMm,
      seen,
    })),
    slots,
    pitchMm: pitch / pxPerMm,
    pitchSpreadMm: spread / pxPerMm,
    widthMm: quantileOf(widths, 0.5),
    fit,
    prominence,
  };
}

/** How alike the strip is to the zigzag drawn over it: thread along each half, none beside it, and the swing regular. */
function fitOf(corners: readonly Px[], halves: readonly Half[], slots: ReturnType<typeof countSlots>): number {
  const sewn = slots.even.map(([a]) => halves[a]);
  if (sewn.length < 3) return 0;
  const clear = sewn.reduce(
    (sum, half) => sum + Math.max(0, Math.min(1, (half.level - Math.max(0, half.beside)) / 0.75)),
    0,
  );
  const turns = slots.even.map(([a, b]) => Math.sign(corners[b].y - corners[a].y) * (a % 2 === 0 ? 1 : -1));
  const regular = Math.abs(turns.reduce((a, b) => a + b, 0)) / turns.length;
  return (clear / sewn.length) * regular;
}
