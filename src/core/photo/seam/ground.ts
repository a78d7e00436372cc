import { boxMean, maskedMeans } from '../picture/blur';
import { type Homography, inverse, scaleAt, taken } from '../picture/homography';
import { quantileOf } from '../picture/quantile';
import { type Pixels, planesOf, reduced } from '../picture/pixels';

/**
 * The fabric seen from straight above, as logarithms of its light: a shade is a shift.
 *
 * Three layers whose texture has a spread of 1 and does not go together (whitened), so that a thread is found by
 * whatever tells it from this fabric: its lightness, its colour, or both.
 */
export interface Ground {
  width: number;
  height: number;
  pxPerMm: number;
  /** Where its first pixel lies in the plane, mm. */
  left: number;
  top: number;
  layers: readonly [Float32Array, Float32Array, Float32Array];
  /** How far each place is off its surroundings, whichever way, in spreads of the texture: thread that covers little. */
  unrest: Float32Array;
  /** 1 where fabric may be, 0 on the card and outside the picture. */
  mask: Float32Array;
}

/** At most so many pixels, and no more to the mm than a thread needs to be found. */
const MOST_PIXELS = 360_000;
const MOST_PX_PER_MM = 3.4;
/** Reach of each of the two boxes that take the light's mean, mm. */
const LIGHT_MM = 7;
/** Surroundings a thread is held against, mm to each side. */
const NEAR_MM = 1.4;
/** Nothing is as far from the ground as this, in spreads: a bright thread must not outvote a whole line. */
const CLIP = 8;
/** So dark a value that noise of the sensor rules, of 255. */
const DARK = 6;
/** Left out round the card and along the picture's edges, mm: shadow, and half a filter. */
const MARGIN_MM = 2.5;

/** What of the plane is not fabric: a card's corners, mm. */
export interface Covered {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/**
 * The ground of a picture.
 *
 * @param pixels - the picture
 * @param mmToPx - from the plane in mm to pixels
 * @param covered - where the card lies, mm; null without one
 */
export function groundOf(pixels: Pixels, mmToPx: Homography, covered: Covered | null): Ground {
  const pxToMm = inverse(mmToPx);
  const box = boundsMm(pixels, pxToMm);
  const middle = taken(pxToMm, pixels.width / 2, pixels.height / 2);
  const sharp = scaleAt(mmToPx, middle.x, middle.y);
  const area = Math.max(1, (box.right - box.left) * (box.bottom - box.top));
  const pxPerMm = Math.min(sharp, MOST_PX_PER_MM, Math.sqrt(MOST_PIXELS / area));
  const width = Math.max(8, Math.floor((box.right - box.left) * pxPerMm));
  const height = Math.max(8, Math.floor((box.bottom - box.top) * pxPerMm));
  const frame = { width, height, pxPerMm, left: box.left, top: box.top };
  const { layers, mask } = laidFlat(pixels, mmToPx, frame, Math.max(1, Math.floor(sharp / pxPerMm)), covered);
  const reach = Math.max(3, Math.round(LIGHT_MM * pxPerMm));
  for (const layer of layers) for (let i = 0; i < layer.length; i += 1) layer[i] = Math.log(layer[i] + DARK);
  const light = maskedMeans(layers, mask, width, height, reach);
  layers.forEach((layer, c) => {
    for (let i = 0; i < layer.length; i += 1) layer[i] = mask[i] > 0 ? layer[i] - light[c][i] : 0;
  });
  const root = cholesky(robustCovariance(layers, mask));
  whiten(layers, root, CLIP);
  whiten(light, root, Infinity);
  const unrest = unrestOf(layers, width, height, Math.max(1, Math.round(NEAR_MM * pxPerMm)));
  // The light goes back in: the edge of a scrap stays a step, which is no line, where its filtered remains would be one.
  layers.forEach((layer, c) => {
    for (let i = 0; i < layer.length; i += 1) layer[i] += light[c][i];
  });
  return { ...frame, layers: layers as unknown as Ground['layers'], unrest, mask };
}

/** What is off its near surroundings, in one number. */
function unrestOf(layers: readonly Float32Array[], width: number, height: number, reach: number): Float32Array {
  const unrest = new Float32Array(width * height);
  for (const layer of layers) {
    const near = boxMean(layer, width, height, reach);
    for (let i = 0; i < unrest.length; i += 1) unrest[i] += (layer[i] - near[i]) ** 2;
  }
  for (let i = 0; i < unrest.length; i += 1) unrest[i] = Math.min(CLIP, Math.sqrt(unrest[i]));
  return unrest;
}

function boundsMm({ width, height }: Pixels, pxToMm: Homography): Covered {
  const corners = [
    taken(pxToMm, 0, 0),
    taken(pxToMm, width, 0),
    taken(pxToMm, width, height),
    taken(pxToMm, 0, height),
  ];
  const [xs, ys] = [corners.map(({ x }) => x), corners.map(({ y }) => y)];
  return { left: Math.min(...xs), top: Math.min(...ys), right: Math.max(...xs), bottom: Math.max(...ys) };
}

type Frame = Pick<Ground, 'width' | 'height' | 'pxPerMm' | 'left' | 'top'>;

/** The picture laid flat: bilinear between pixels of a reduced picture. */
function laidFlat(pixels: Pixels, h: Homography, frame: Frame, factor: number, covered: Covered | null) {
  const { width, height, pxPerMm, left, top } = frame;
  const small = reduced(pixels, factor);
  const from = planesOf(small);
  const layers = from.map(() => new Float32Array(width * height));
  const mask = new Float32Array(width * height);
  const edge = Math.max(1, (MARGIN_MM / 2) * pxPerMm);
  for (let j = 0; j < height; j += 1) {
    const y = top + (j + 0.5) / pxPerMm;
    for (let i = 0; i < width; i += 1) {
      const x = left + (i + 0.5) / pxPerMm;
      const w = h[6] * x + h[7] * y + h[8];
      const px = (h[0] * x + h[1] * y + h[2]) / w / factor - 0.5;
      const py = (h[3] * x + h[4] * y + h[5]) / w / factor - 0.5;
      const a = Math.floor(px);
      const b = Math.floor(py);
      if (a < 0 || b < 0 || a >= small.width - 1 || b >= small.height - 1) continue;
      const at = j * width + i;
      const u = px - a;
      const v = py - b;
      const src = b * small.width + a;
      for (let c = 0; c < 3; c += 1) {
        const p = from[c];
        const above = p[src] * (1 - u) + p[src + 1] * u;
        layers[c][at] = above * (1 - v) + (p[src + small.width] * (1 - u) + p[src + small.width + 1] * u) * v;
      }
      const onCard =
        covered !== null &&
        x > covered.left - MARGIN_MM &&
        x < covered.right + MARGIN_MM &&
        y > covered.top - MARGIN_MM &&
        y < covered.bottom + MARGIN_MM;
      const inside = a > edge && b > edge && a < small.width - edge && b < small.height - edge;
      if (!onCard && inside) mask[at] = 1;
    }
  }
  return { layers, mask };
}

/** Smallest spread that counts, as a share of the light: anything finer is the rounding of eight bits. */
const FLOOR = 0.006;

/** Makes the texture of the three layers independent of each other, each with a spread of 1; in place. */
function whiten(layers: readonly Float32Array[], l: readonly number[], clip: number): void {
  const [a, b, c] = layers;
  for (let i = 0; i < a.length; i += 1) {
    const x = a[i] / l[0];
    const y = (b[i] - l[1] * x) / l[2];
    const z = (c[i] - l[3] * x - l[4] * y) / l[5];
    a[i] = Math.max(-clip, Math.min(clip, x));
    b[i] = Math.max(-clip, Math.min(clip, y));
    c[i] = Math.max(-clip, Math.min(clip, z));
  }
}

/** Covariance of the middle of the values: what lies far out is thread, not ground. */
function robustCovariance(layers: readonly Float32Array[], mask: Float32Array): number[] {
  const limits = layers.map((layer) => {
    const some: number[] = [];
    for (let i = 0; i < layer.length; i += 11) if (mask[i] > 0) some.push(Math.abs(layer[i]));
    return 3.5 * 1.4826 * quantileOf(some, 0.5) + FLOOR;
  });
  const sums = new Float64Array(6);
  let count = 1;
  for (let i = 0; i < mask.length; i += 3) {
    if (mask[i] === 0) continue;
    const [x, y, z] = [layers[0][i], layers[1][i], layers[2][i]];
    if (Math.abs(x) > limits[0] || Math.abs(y) > limits[1] || Math.abs(z) > limits[2]) continue;
    count += 1;
    sums[0] += x * x;
    sums[1] += x * y;
    sums[2] += y * y;
    sums[3] += x * z;
    sums[4] += y * z;
    sums[5] += z * z;
  }
  return Array.from(sums, (sum, i) => sum / count + ([0, 2, 5].includes(i) ? FLOOR * FLOOR : 0));
}

/** Lower root of a covariance: [xx, yx, yy, zx, zy, zz]. */
function cholesky([xx, xy, yy, xz, yz, zz]: number[]): number[] {
  const a = Math.sqrt(xx);
  const b = xy / a;
  const c = Math.sqrt(Math.max(1e-9, yy - b * b));
  const d = xz / a;
  const e = (yz - d * b) / c;
  return [a, b, c, d, e, Math.sqrt(Math.max(1e-9, zz - d * d - e * e))];
}
