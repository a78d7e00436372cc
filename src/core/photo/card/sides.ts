import type { Point } from '../../geometry';
import type { Quad } from '../picture/homography';
import type { Pixels } from '../picture/pixels';
import { sidesOf } from './quads';

/** Samples along a side, its rounded ends left out. */
const SAMPLES = 70;
const ENDS = 0.09;

interface Fit {
  /** A place on the line and its direction. */
  x: number;
  y: number;
  dx: number;
  dy: number;
}

/** So dark a value that noise of the sensor rules, of 255. */
const DARK = 12;
/** Below this there is no edge: change of the logarithm of the light over two steps. */
const FAINTEST = 0.02;

/**
 * The corners of a card to a fraction of a pixel: its four sides fitted and intersected.
 *
 * Along each side the crest of the slope is placed between pixels by a parabola; a line goes through these places by
 * least squares, those far off weighed down (iteratively reweighted, Tukey's weights).
 *
 * @param corners - about where they are, pixels
 * @param pixels - the picture
 * @param unit - what is looked at at once, pixels: coarse first, then 1 or 2
 * @param reach - how far off an edge is looked for, units
 * @returns the corners; as they were where too little of a side is seen
 */
export function fittedCorners(corners: Quad, pixels: Pixels, unit: number, reach: number): Quad {
  const fits = sidesOf(corners).map(([p, q]) => fitted(p, q, pixels, unit, reach));
  const at = fits.map((fit, i) => crossed(fits[(i + 3) % 4], fit) ?? corners[i]);
  return at as unknown as Quad;
}

function fitted(p: Point, q: Point, pixels: Pixels, unit: number, reach: number): Fit {
  const long = Math.hypot(q.x - p.x, q.y - p.y);
  const [dx, dy] = [(q.x - p.x) / long, (q.y - p.y) / long];
  const seen = Array.from({ length: SAMPLES }, (_, k) => {
    const t = ENDS + ((1 - 2 * ENDS) * (k + 0.5)) / SAMPLES;
    const [x, y] = [p.x + t * (q.x - p.x), p.y + t * (q.y - p.y)];
    const off = crestAcross(profileAcross(x, y, dx * unit, dy * unit, pixels, Math.ceil(2 * reach) + 1));
    return off === null ? null : { along: (t - 0.5) * long, off: off * unit };
  }).filter((at) => at !== null);
  const middle = { x: (p.x + q.x) / 2, y: (p.y + q.y) / 2 };
  const { rise, shift } = robustLine(seen, unit);
  const [x, y] = [middle.x - dy * shift, middle.y + dx * shift];
  const size = Math.hypot(1, rise);
  return { x, y, dx: (dx - dy * rise) / size, dy: (dy + dx * rise) / size };
}

/** Slope of the light across a line at a place, in half units from `-half` to `half`: the steepest of the three colours. */
function profileAcross(x: number, y: number, ux: number, uy: number, pixels: Pixels, half: number): Float64Array {
  const slope = new Float64Array(2 * half + 1);
  const light = new Float64Array(2 * half + 5);
  for (let colour = 0; colour < 3; colour += 1) {
    for (let k = 0; k < light.length; k += 1) {
      const off = (k - half - 2) / 2;
      let sum = 0;
      for (let along = -1.5; along <= 1.5; along += 1)
        sum += valueAt(pixels, x - uy * off + ux * along, y + ux * off + uy * along, colour);
      light[k] = Math.log(sum / 4 + DARK);
    }
    for (let k = 0; k < slope.length; k += 1) {
      const steep = Math.abs(light[k + 4] + light[k + 3] - light[k + 1] - light[k]) / 2;
      if (steep > slope[k]) slope[k] = steep;
    }
  }
  return slope;
}

function valueAt({ width, height, data }: Pixels, x: number, y: number, colour: number): number {
  const cx = Math.min(width - 1.001, Math.max(0, x));
  const cy = Math.min(height - 1.001, Math.max(0, y));
  const [i, j] = [Math.floor(cx), Math.floor(cy)];
  const [u, v, at] = [cx - i, cy - j, (j * width + i) * 4 + colour];
  const below = at + width * 4;
  return (data[at] * (1 - u) + data[at + 4] * u) * (1 - v) + (data[below] * (1 - u) + data[below + 4] * u) * v;
}

/** How far off the slope has its crest, units; null where there is none. */
function crestAcross(slope: Float64Array): number | null {
  const half = (slope.length - 1) / 2;
  let [best, at] = [FAINTEST, -1];
  for (let k = 0; k < slope.length; k += 1) {
    // Of two edges near each other the nearer one is more likely the one that was found.
    const weighed = slope[k] * (1 - (0.5 * Math.abs(k - half)) / (half + 1));
    if (weighed > best) [best, at] = [weighed, k];
  }
  if (at <= 0 || at === slope.length - 1) return null;
  const [a, b, c] = [slope[at - 1], slope[at], slope[at + 1]];
  const bend = a - 2 * b + c;
  return 0.5 * (at - half + (bend < 0 ? Math.max(-1, Math.min(1, (a - c) / (2 * bend))) : 0));
}

function robustLine(seen: readonly { along: number; off: number }[], unit: number): { rise: number; shift: number } {
  let [rise, shift] = [0, 0];
  if (seen.length < 8) return { rise, shift };
  shift = [...seen].sort((a, b) => a.off - b.off)[Math.floor(seen.length / 2)].off;
  for (let round = 0; round < 8; round += 1) {
    const limit = (round < 3 ? 3 : 1) * unit;
    let [w, x, y, xx, xy] = [0, 0, 0, 0, 0];
    for (const { along, off } of seen) {
      const far = (off - shift - rise * along) / limit;
      const weight = Math.abs(far) < 1 ? (1 - far * far) ** 2 : 0;
      w += weight;
      x += weight * along;
      y += weight * off;
      xx += weight * along * along;
      xy += weight * along * off;
    }
    const det = w * xx - x * x;
    if (w < 4 || det <= 0) break;
    rise = (w * xy - x * y) / det;
    shift = (y - rise * x) / w;
  }
  return { rise, shift };
}

function crossed(a: Fit, b: Fit): Point | null {
  const det = a.dx * b.dy - a.dy * b.dx;
  if (Math.abs(det) < 0.2) return null;
  const t = ((b.x - a.x) * b.dy - (b.y - a.y) * b.dx) / det;
  return { x: a.x + t * a.dx, y: a.y + t * a.dy };
}
