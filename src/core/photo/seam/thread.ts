import { boxMean } from '../picture/blur';
import type { Strip } from './strip';

/** How much like thread each place of a strip is: about 0 for fabric, 1 for thread. */
export interface ThreadMap {
  width: number;
  height: number;
  pxPerMm: number;
  values: Float32Array;
  /** How far thread stands out from fabric, in spreads of the fabric. */
  contrast: number;
  /** How far it stands out as a share of the light, whatever the colour. */
  share: number;
}

/** Light is taken as even over this much of the seam, mm. */
const LIGHT_MM = 5;

/**
 * The combination of colours that tells thread from fabric best along a seam.
 *
 * Fisher's linear discriminant between the middle of the strip, where the thread is, and its sides; where the thread
 * covers only part of the middle, a second round takes the places that look like thread.
 *
 * @param strip - along the seam
 * @param bandMm - how wide the stitching is about
 * @returns the map; contrast 0 where nothing tells them apart
 */
export function threadMap(strip: Strip, bandMm: number): ThreadMap {
  const { width, height, pxPerMm } = strip;
  const half = (height - 1) / 2;
  const inner = Math.max(1, (Math.max(0.36, bandMm * 0.8) / 2) * pxPerMm);
  const outer = Math.min(half - 2, (Math.max(0.5, bandMm) / 2 + 0.6) * pxPerMm);
  const layers = levelled(strip, half, outer);
  const middle: Rows = { width, ranges: [[Math.ceil(half - inner), Math.floor(half + inner)]] };
  const beside: Rows = {
    width,
    ranges: [
      [0, Math.floor(half - outer)],
      [Math.ceil(half + outer), height - 1],
    ],
  };
  const sides = momentsOf(layers, beside);
  // A zigzag covers little of its middle: what is furthest from the fabric, whichever way, is thread.
  const first = bandMm > 1 ? oddness(layers, sides) : null;
  const thread0 = first ? meanOf(layers, middle, first, quantile(first, middle, 0.88)) : meanOf(layers, middle);
  let values = along(layers, discriminant(thread0, sides));
  for (let round = 0; round < 2; round += 1) {
    const limit = quantile(values, middle, bandMm > 1 ? 0.85 : 0.5);
    values = along(layers, discriminant(meanOf(layers, middle, values, limit), sides));
  }
  const soft = boxMean(values, width, height, Math.max(0, Math.round(0.1 * pxPerMm)));
  const level = quantile(soft, middle, bandMm > 1 ? 0.93 : 0.75);
  const noise = Math.sqrt(varianceOf(soft, beside));
  const thread = meanOf(layers, middle, values, 0.6 * level);
  const share = Math.max(...thread.map((value) => Math.abs(1 - Math.exp(value))));
  if (level > 1e-9) for (let i = 0; i < values.length; i += 1) values[i] /= level;
  const contrast =
    noise > 0 && level > 0 && !isEdge(layers, thread, width, sidesNext(half, outer, pxPerMm)) ? level / noise : 0;
  return { width, height, pxPerMm, values, contrast, share };
}

/** Right beside the stitching, mm; how far the two sides must differ there, and a thread from both, logarithms of the light. */
const NEXT_MM = 0.8;
const STEP = 0.15;
const OUTSIDE = 0.05;

/**
 * Whether a line is where one fabric ends and another begins: its two sides are not alike, and in each colour it lies
 * between them, as what mixes the two does. A thread does not.
 */
function isEdge(layers: readonly Float32Array[], thread: readonly number[], width: number, rows: Sides): boolean {
  const above = meanOf(layers, { width, ranges: [rows.above] });
  const below = meanOf(layers, { width, ranges: [rows.below] });
  if (Math.max(...above.map((value, c) => Math.abs(value - below[c]))) < STEP) return false;
  return thread.every(
    (value, c) => value > Math.min(above[c], below[c]) - OUTSIDE && value < Math.max(above[c], below[c]) + OUTSIDE,
  );
}

/** Rows right above and right below the stitching, with both ends. */
interface Sides {
  above: readonly [number, number];
  below: readonly [number, number];
}

function sidesNext(half: number, outer: number, pxPerMm: number): Sides {
  const wide = Math.max(1, Math.round(NEXT_MM * pxPerMm));
  const above = Math.max(wide - 1, Math.floor(half - outer));
  const below = Math.min(2 * half - wide + 1, Math.ceil(half + outer));
  return { above: [above - wide + 1, above], below: [below, below + wide - 1] };
}

/** The layers less the mean of the sides round each column: shade along the seam is gone. */
function levelled({ layers, width, height, pxPerMm }: Strip, half: number, outer: number): Float32Array[] {
  const reach = Math.round(LIGHT_MM * pxPerMm);
  return layers.map((layer) => {
    const column = new Float64Array(width + 1);
    let count = 0;
    for (let j = 0; j < height; j += 1) {
      if (Math.abs(j - half) <= outer) continue;
      count += 1;
      for (let i = 0; i < width; i += 1) column[i + 1] += layer[j * width + i];
    }
    for (let i = 1; i <= width; i += 1) column[i] += column[i - 1];
    const flat = new Float32Array(layer.length);
    for (let i = 0; i < width; i += 1) {
      const from = Math.max(0, i - reach);
      const to = Math.min(width, i + reach + 1);
      const light = (column[to] - column[from]) / Math.max(1, (to - from) * count);
      for (let j = 0; j < height; j += 1) flat[j * width + i] = layer[j * width + i] - light;
    }
    return flat;
  });
}

/** Some rows of a strip, each range with both its ends. */
interface Rows {
  width: number;
  ranges: readonly (readonly [number, number])[];
}

/** Mean of the layers over some rows; of the places alone whose value reaches a limit where one is given. */
function meanOf(layers: readonly Float32Array[], rows: Rows, values?: Float32Array, limit = 0): number[] {
  const [a, b, c] = layers;
  let x = 0;
  let y = 0;
  let z = 0;
  let count = 0;
  for (const [from, to] of rows.ranges)
    for (let at = from * rows.width; at < (to + 1) * rows.width; at += 1) {
      if (values && values[at] < limit) continue;
      count += 1;
      x += a[at];
      y += b[at];
      z += c[at];
    }
  return [x, y, z].map((sum) => sum / Math.max(1, count));
}

interface Moments {
  mean: number[];
  covariance: number[][];
}

/** So small a variance is the rounding of eight bits. */
const ROUNDING = 3e-5;

function momentsOf(layers: readonly Float32Array[], rows: Rows): Moments {
  const mean = meanOf(layers, rows);
  const [a, b, c] = layers;
  const sums = new Float64Array(6);
  let count = 1;
  for (const [from, to] of rows.ranges)
    for (let at = from * rows.width; at < (to + 1) * rows.width; at += 2) {
      const x = a[at] - mean[0];
      const y = b[at] - mean[1];
      const z = c[at] - mean[2];
      count += 1;
      sums[0] += x * x;
      sums[1] += y * y;
      sums[2] += z * z;
      sums[3] += x * y;
      sums[4] += x * z;
      sums[5] += y * z;
    }
  const [xx, yy, zz, xy, xz, yz] = Array.from(sums, (sum) => sum / count);
  return {
    mean,
    covariance: [
      [xx + ROUNDING, xy, xz],
      [xy, yy + ROUNDING, yz],
      [xz, yz, zz + ROUNDING],
    ],
  };
}

/** How far each place is from the fabric, squared, in spreads of the fabric (Mahalanobis). */
function oddness(layers: readonly Float32Array[], { mean, covariance }: Moments): Float32Array {
  const [p, q, r] = inverseOf(covariance);
  const [a, b, c] = layers;
  const odd = new Float32Array(a.length);
  for (let at = 0; at < odd.length; at += 1) {
    const x = a[at] - mean[0];
    const y = b[at] - mean[1];
    const z = c[at] - mean[2];
    odd[at] = x * (p[0] * x + 2 * p[1] * y + 2 * p[2] * z) + y * (q[1] * y + 2 * q[2] * z) + r[2] * z * z;
  }
  return odd;
}

/** Inverse of the covariance times the difference of the means. */
function discriminant(thread: readonly number[], { mean, covariance }: Moments): number[] {
  const d = thread.map((value, c) => value - mean[c]);
  return inverseOf(covariance).map((row) => row[0] * d[0] + row[1] * d[1] + row[2] * d[2]);
}

function inverseOf(m: readonly (readonly number[])[]): number[][] {
  const minor = (a: number, b: number, c: number, e: number) => m[a][b] * m[c][e] - m[a][e] * m[c][b];
  const cof = [
    [minor(1, 1, 2, 2), -minor(1, 0, 2, 2), minor(1, 0, 2, 1)],
    [-minor(0, 1, 2, 2), minor(0, 0, 2, 2), -minor(0, 0, 2, 1)],
    [minor(0, 1, 1, 2), -minor(0, 0, 1, 2), minor(0, 0, 1, 1)],
  ];
  const det = m[0][0] * cof[0][0] + m[0][1] * cof[0][1] + m[0][2] * cof[0][2];
  return cof.map((row) => row.map((value) => value / det));
}

function along(layers: readonly Float32Array[], axis: readonly number[]): Float32Array {
  const values = new Float32Array(layers[0].length);
  for (let at = 0; at < values.length; at += 1)
    values[at] = layers[0][at] * axis[0] + layers[1][at] * axis[1] + layers[2][at] * axis[2];
  return values;
}

/** So many samples tell a quantile well enough. */
const SAMPLES = 6000;

function quantile(values: Float32Array, { width, ranges }: Rows, share: number): number {
  const total = ranges.reduce((sum, [from, to]) => sum + (to - from + 1) * width, 0);
  // An odd stride does not beat with the width.
  const stride = Math.max(1, Math.floor(total / SAMPLES)) | 1;
  const some: number[] = [];
  for (const [from, to] of ranges)
    for (let at = from * width; at < (to + 1) * width; at += stride) some.push(values[at]);
  some.sort((a, b) => a - b);
  return some[Math.min(some.length - 1, Math.floor(share * some.length))] ?? 0;
}

function varianceOf(values: Float32Array, { width, ranges }: Rows): number {
  let sum = 0;
  let square = 0;
  let count = 0;
  for (const [from, to] of ranges)
    for (let at = from * width; at < (to + 1) * width; at += 1) {
      count += 1;
      sum += values[at];
      square += values[at] * values[at];
    }
  return count === 0 ? 0 : Math.max(0, square / count - (sum / count) ** 2);
}
