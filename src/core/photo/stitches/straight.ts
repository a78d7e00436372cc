import { quantileOf } from '../picture/quantile';
import type { ThreadMap } from '../seam/thread';
import { penetrationsIn } from './penetrations';
import { correlation, meanBetween, movingMean, rowsOf, type Signal, valueAt } from './signal';
import { parabola, periodsOf } from './spectrum';
import { countSlots, pitchOf, type Slots } from './slots';

/** Stitches read off a strip. */
export interface ReadStitches {
  kind: 'straight' | 'zigzag';
  /** Penetrations, mm along the strip and across it. */
  penetrations: { alongMm: number; acrossMm: number; seen: boolean }[];
  slots: Slots;
  pitchMm: number;
  pitchSpreadMm: number;
  widthMm: number;
  /** How well the stitches explain the strip, 0 … 1. */
  fit: number;
  /** Power of the pitch over the background. */
  prominence: number;
}

/** Shortest and longest stitch looked for, mm. */
export const STITCH_MM = { shortest: 0.35, longest: 7 };
/** And no stitch of fewer pixels. */
const LEAST_PX = 3;

/**
 * Straight stitches along the middle of a strip.
 *
 * Thread goes down at each penetration, so the strip is darker or lighter there for a moment. A first pitch comes from
 * the spectrum; its double and half are tried too, so that 2.5 mm is not read as 5. Then every penetration is placed, what
 * a penetration looks like is learned from these, and they are placed again by that.
 *
 * @param map - thread along the strip
 * @returns the stitches; null where nothing repeats
 */
export function straightStitches(map: ThreadMap): ReadStitches | null {
  const signal = centreSignal(map);
  const { pxPerMm } = map;
  const shortest = Math.max(LEAST_PX, STITCH_MM.shortest * pxPerMm);
  const longest = Math.min(STITCH_MM.longest * pxPerMm, signal.length / 4);
  const periods = periodsOf(signal, shortest, longest, 4);
  const tried: { length: number; prominence: number }[] = [];
  for (const { length, prominence } of periods)
    for (const pitch of [length, length * 2, length / 2])
      if (pitch >= shortest && pitch <= longest && !tried.some((one) => Math.abs(one.length / pitch - 1) < 0.04))
        tried.push({ length: pitch, prominence });
  const fits = tried.map((period) => ({ period, placed: placedFor(signal, period.length) }));
  const top = Math.max(0, ...fits.map(({ placed }) => placed.fit));
  if (top <= 0.2) return null;
  // Of pitches that fit alike the shortest: a double pitch explains as much with half the stitches.
  const best = fits
    .filter(({ placed }) => placed.fit >= 0.9 * top)
    .reduce((a, b) => (b.period.length < a.period.length ? b : a));
  const parts = partsOf(best.placed.shape);
  const length = best.period.length / parts;
  const finer = parts > 1 && length >= LEAST_PX ? placedFor(signal, length) : null;
  const placed = finer && finer.fit >= FINER * best.placed.fit ? finer : best.placed;
  return readOff(map, signal, placed, best.period.prominence);
}

/** Thread along the middle, less what lies beside it. */
function centreSignal(map: ThreadMap): Signal {
  const middle = rowsOf(map, -0.16, 0.16);
  const [one, two] = [rowsOf(map, -1.4, -0.6), rowsOf(map, 0.6, 1.4)];
  return middle.map((value, i) => value - 0.5 * (one[i] + two[i]));
}

/** How alike the parts of a stitch must be to be stitches themselves. */
const ALIKE = 0.75;
/** And how well the shorter ones must explain the strip, against the longer. */
const FINER = 0.7;

/** Into how many stitches a stitch falls that is several: its halves, or its thirds, are alike. */
function partsOf(shape: Float64Array): number {
  for (const parts of [3, 2]) {
    const long = Math.floor(SHAPE / parts);
    const each = Array.from({ length: parts }, (_, k) => shape.subarray(k * long, (k + 1) * long));
    const least = Math.min(...each.slice(1).map((one) => correlation(each[0], one)));
    if (least >= ALIKE) return parts;
  }
  return 1;
}

interface Placed {
  at: number[];
  shape: Float64Array;
  fit: number;
}

/** Samples of what one stitch looks like, from penetration to penetration. */
const SHAPE = 32;

function placedFor(signal: Signal, pitch: number): Placed {
  const smooth = movingMean(signal, Math.max(0, Math.round(pitch * 0.06)));
  const level = movingMean(signal, Math.round(pitch / 2));
  const spread =
    quantileOf(
      smooth.map((value, i) => Math.abs(value - level[i])),
      0.8,
    ) || 1;
  let score: Signal = smooth.map((value, i) => Math.max(-2, Math.min(2, (level[i] - value) / spread)));
  let at = penetrationsIn([score], pitch, 0.35).map((one) => one.at);
  let shape = shapeOf(signal, at);
  for (let round = 0; round < 2; round += 1) {
    score = matched(signal, shape, pitch);
    at = penetrationsIn([score], pitch, 0.35).map((one) => one.at);
    shape = shapeOf(signal, at);
  }
  const fine = at.map((i) => (i > 0 && i < score.length - 1 ? i + parabola(score[i - 1], score[i], score[i + 1]) : i));
  return { at: fine, shape, fit: fitOf(signal, fine, shape) };
}

/** The usual look of a stitch: the median of all, each stretched to the same length. */
function shapeOf(signal: Signal, at: readonly number[]): Float64Array {
  const each = at.slice(1).map((to, k) => {
    const from = at[k];
    return Float64Array.from({ length: SHAPE }, (_, i) => valueAt(signal, from + ((i + 0.5) * (to - from)) / SHAPE));
  });
  return Float64Array.from({ length: SHAPE }, (_, i) =>
    quantileOf(
      each.map((one) => one[i]),
      0.5,
    ),
  );
}

/** How much each column looks like a penetration: half a stitch before it and half after. */
function matched(signal: Signal, shape: Float64Array, pitch: number): Signal {
  const half = Math.max(2, Math.round(pitch / 2));
  const template = Array.from({ length: 2 * half + 1 }, (_, i) => {
    const share = ((((i - half) / pitch) % 1) + 1) % 1;
    return shape[Math.min(SHAPE - 1, Math.floor(share * SHAPE))];
  });
  const mean = template.reduce((a, b) => a + b, 0) / template.length;
  const centred = template.map((value) => value - mean);
  const size = Math.sqrt(centred.reduce((a, b) => a + b * b, 0)) || 1;
  const usual: number[] = [];
  const raw = signal.map((_, i) => {
    let [sum, square, total] = [0, 0, 0];
    for (let k = -half; k <= half; k += 1) {
      const value = signal[Math.min(signal.length - 1, Math.max(0, i + k))];
      sum += centred[k + half] * value;
      square += value * value;
      total += value;
    }
    const spread = Math.sqrt(Math.max(0, square - (total * total) / (2 * half + 1)));
    usual.push(spread);
    return sum / size;
  });
  // Against what is usual, so that where there is no thread nothing looks like a penetration.
  const typical = quantileOf(usual, 0.6) || 1;
  return raw.map((value) => (2 * value) / typical);
}

/** How alike the strip is to its stitches put one after another, over where there is thread. */
function fitOf(signal: Signal, at: readonly number[], shape: Float64Array): number {
  const [seen, model]: [number[], number[]] = [[], []];
  const level = quantileOf(signal, 0.75);
  const middle = shape.reduce((a, b) => a + b, 0) / SHAPE;
  for (let k = 1; k < at.length; k += 1) {
    if (meanBetween(signal, at[k - 1], at[k]) < 0.4 * level) continue;
    const long = at[k] - at[k - 1];
    const steps = Math.max(4, Math.round(long));
    // A stitch may lie lighter or darker than the next as a whole.
    const own = meanBetween(signal, at[k - 1], at[k]);
    for (let i = 0; i < steps; i += 1) {
      seen.push(valueAt(signal, at[k - 1] + ((i + 0.5) * long) / steps) - own);
      model.push(shape[Math.floor(((i + 0.5) * SHAPE) / steps)] - middle);
    }
  }
  return Math.max(0, correlation(seen, model));
}

function readOff(map: ThreadMap, signal: Signal, { at, shape, fit }: Placed, prominence: number): ReadStitches | null {
  const { pxPerMm } = map;
  const slots = countSlots({
    at,
    levels: at.slice(1).map((to, k) => meanBetween(signal, at[k] + 0.2 * (to - at[k]), to - 0.2 * (to - at[k]))),
    marks: at.map((_, k) => markAt(signal, at, k, shape)),
  });
  if (slots.stitches < 3 || slots.even.length < 2) return null;
  const { pitch, spread } = pitchOf(at, slots.even);
  return {
    kind: 'straight',
    penetrations: slots.kept.map(({ index, seen }) => ({ alongMm: (at[index] + 0.5) / pxPerMm, acrossMm: 0, seen })),
    slots,
    pitchMm: pitch / pxPerMm,
    pitchSpreadMm: spread / pxPerMm,
    widthMm: 0,
    fit,
    prominence,
  };
}

/** How much of a penetration is seen where one should be: 1 for the usual, 0 for none. */
function markAt(signal: Signal, at: readonly number[], k: number, shape: Float64Array): number {
  const before = k > 0 ? at[k] - at[k - 1] : at[k + 1] - at[k];
  const after = k < at.length - 1 ? at[k + 1] - at[k] : before;
  const reach = Math.max(3, Math.round(SHAPE * 0.35));
  const [seen, usual]: [number[], number[]] = [[], []];
  for (let i = -reach; i < reach; i += 1) {
    const share = (i + 0.5) / SHAPE;
    seen.push(valueAt(signal, at[k] + share * (share < 0 ? before : after)));
    usual.push(shape[(i + SHAPE) % SHAPE]);
  }
  const mean = usual.reduce((a, b) => a + b, 0) / usual.length;
  const own = seen.reduce((a, b) => a + b, 0) / seen.length;
  const power = usual.reduce((sum, value) => sum + (value - mean) ** 2, 0);
  return power > 1e-9 ? seen.reduce((sum, value, i) => sum + (value - own) * (usual[i] - mean), 0) / power : 0;
}
