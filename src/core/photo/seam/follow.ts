import { boxMean } from '../picture/blur';
import type { Point } from '../../geometry';
import type { Ground } from './ground';
import type { Seed } from './seeds';

/** A step along the seam, and how far ahead is looked at each, mm. */
const STEP_MM = 1.5;
const AHEAD_MM = 8;
/** Between two samples, mm. */
const SAMPLE_MM = 0.4;
/** How far off the way so far the next piece may lie: mm and radians. */
const OFF_MM = [-0.75, -0.5, -0.25, 0, 0.25, 0.5, 0.75];
const TURN_RAD = [-0.21, -0.14, -0.07, 0, 0.07, 0.14, 0.21];
/** Share of the usual strength below which the seam is not seen, and how far it may be out of sight, mm. */
const LOST = 0.3;
const LOST_MM = 13;
/** No seam on a scrap is longer, mm. */
const LONGEST_MM = 400;

/** Lightness along one direction among the layers: for the middle of a band, and for its sides. */
interface Along {
  ground: Ground;
  band: Float32Array;
  side: Float32Array;
  apartMm: number;
}

/**
 * The way of a seam from a piece of it, both ways, for as long as it is seen.
 *
 * At each step the piece ahead is placed where it stands out most from its sides, a little off or turned from the way
 * so far; over missing stitches it goes straight on.
 *
 * @returns places about 1.5 mm apart, mm in the plane, from the left; fewer than four where there is no seam
 */
export type Follow = (seed: Seed) => Point[];

/** Follows seeds of one picture; what several of them need is worked out once. */
export function followerOf(ground: Ground): Follow {
  const uneasy = new Map<number, Along>();
  return (seed) => {
    if (seed.axis) return followed(alongAxis(ground, seed), seed);
    const along = uneasy.get(seed.bandMm) ?? alongAxis(ground, seed);
    uneasy.set(seed.bandMm, along);
    return followed(along, seed);
  };
}

function followed(along: Along, seed: Seed): Point[] {
  const start = { x: seed.x, y: seed.y, angle: seed.angleRad };
  const best = aligned(along, start);
  const strength = Math.max(1e-6, best.strength);
  const forth = walk(along, best, strength);
  const back = walk(along, { ...best, angle: best.angle + Math.PI }, strength);
  const way = [...back.reverse(), { x: best.x, y: best.y }, ...forth];
  return way[0].x <= way[way.length - 1].x ? way : way.reverse();
}

function alongAxis(ground: Ground, { axis, bandMm }: Seed): Along {
  const { width, height, pxPerMm, layers } = ground;
  let values = ground.unrest;
  if (axis) {
    values = new Float32Array(width * height);
    for (let i = 0; i < values.length; i += 1)
      values[i] = layers[0][i] * axis[0] + layers[1][i] * axis[1] + layers[2][i] * axis[2];
  }
  const reach = Math.max(0, Math.round((bandMm * pxPerMm - 1) / 2) - (bandMm < 1 ? 1 : 0));
  const apartMm = bandMm < 1 ? 1.1 : bandMm + 0.6;
  return {
    ground,
    band: reach > 0 ? boxMean(values, width, height, reach) : values,
    side: boxMean(values, width, height, Math.max(1, reach)),
    apartMm,
  };
}

interface Stand {
  x: number;
  y: number;
  angle: number;
}

/** How much a piece beginning at a place stands out from its sides; 0 where it leaves the fabric. */
function standsOut({ ground, band, side, apartMm }: Along, { x, y, angle }: Stand): number {
  const { width, height, pxPerMm, left, top, mask } = ground;
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  const px = (x - left) * pxPerMm;
  const py = (y - top) * pxPerMm;
  const off = apartMm * pxPerMm;
  let total = 0;
  let seen = 0;
  for (let s = 0; s < AHEAD_MM; s += SAMPLE_MM) {
    const i = px + cos * s * pxPerMm;
    const j = py + sin * s * pxPerMm;
    if (i < 1 || j < 1 || i >= width - 2 || j >= height - 2) break;
    const at = (j | 0) * width + (i | 0);
    if (mask[at] === 0) break;
    const u = i - (i | 0) - 0.5;
    const v = j - (j | 0) - 0.5;
    const middle = sampled(band, width, at, u, v);
    const one = nearest(side, width, height, i - sin * off, j + cos * off);
    const two = nearest(side, width, height, i + sin * off, j - cos * off);
    total += Math.max(-2, Math.min(8, middle - 0.5 * (one + two)));
    seen += 1;
  }
  return seen * SAMPLE_MM < AHEAD_MM / 3 ? 0 : total / seen;
}

/** Between the middles of four pixels; `u` and `v` from the middle of one, −½ … ½. */
function sampled(values: Float32Array, width: number, at: number, u: number, v: number): number {
  const right = at + (u < 0 ? -1 : 1);
  const down = v < 0 ? -width : width;
  const a = Math.abs(u);
  const b = Math.abs(v);
  return (
    (values[at] * (1 - a) + values[right] * a) * (1 - b) + (values[at + down] * (1 - a) + values[right + down] * a) * b
  );
}

function nearest(values: Float32Array, width: number, height: number, i: number, j: number): number {
  const x = Math.min(width - 1, Math.max(0, i | 0));
  return values[Math.min(height - 1, Math.max(0, j | 0)) * width + x];
}

/** The seed, moved to where it stands out most. */
function aligned(along: Along, start: Stand): Stand & { strength: number } {
  let best = { ...start, strength: -Infinity };
  for (let turn = -0.12; turn <= 0.121; turn += 0.03)
    for (let off = -1.2; off <= 1.2; off += 0.15)
      for (let on = -9; on <= 9; on += 3) {
        const angle = start.angle + turn;
        const x = start.x - Math.sin(angle) * off + Math.cos(angle) * on;
        const y = start.y + Math.cos(angle) * off + Math.sin(angle) * on;
        const strength = standsOut(along, { x, y, angle });
        if (strength > best.strength) best = { x, y, angle, strength };
      }
  return best;
}

function walk(along: Along, start: Stand, first: number): Point[] {
  const way: Point[] = [];
  let [here, usual, lost] = [start, first, 0];
  let seenUpTo = 0;
  for (let gone = 0; gone < LONGEST_MM; gone += STEP_MM) {
    const next = nextStand(along, here, lost > 0 ? 0.5 : 1);
    here = next;
    way.push({ x: next.x, y: next.y });
    if (next.strength >= LOST * usual) {
      lost = 0;
      usual = 0.9 * usual + 0.1 * next.strength;
      // The piece looked at lies ahead: this far at least the seam is seen.
      seenUpTo = way.length;
    } else {
      lost += STEP_MM;
      if (lost > LOST_MM) break;
    }
    if (outside(along.ground, here) || comesBack(way)) break;
  }
  return way.slice(0, seenUpTo);
}

/** A way that comes near to where it was goes round a patch of texture. */
function comesBack(way: readonly Point[]): boolean {
  const here = way[way.length - 1];
  return way.slice(0, -12).some(({ x, y }) => (x - here.x) ** 2 + (y - here.y) ** 2 < 9);
}

function outside({ width, height, pxPerMm, left, top, mask }: Ground, { x, y }: Point): boolean {
  const i = Math.floor((x - left) * pxPerMm);
  const j = Math.floor((y - top) * pxPerMm);
  return i < 0 || j < 0 || i >= width || j >= height || mask[j * width + i] === 0;
}

function nextStand(along: Along, { x, y, angle }: Stand, freedom: number): Stand & { strength: number } {
  const ahead = { x: x + STEP_MM * Math.cos(angle), y: y + STEP_MM * Math.sin(angle) };
  let best = { ...ahead, angle, strength: -Infinity, weighed: -Infinity };
  for (const turn of TURN_RAD)
    for (const off of OFF_MM) {
      const turned = angle + turn * freedom;
      const stand = {
        x: ahead.x - Math.sin(angle) * off * freedom,
        y: ahead.y + Math.cos(angle) * off * freedom,
        angle: turned,
      };
      const strength = standsOut(along, stand);
      // Between two that are alike the straighter one.
      const weighed = strength - 0.15 * Math.abs(strength) * (Math.abs(turn) / 0.21 + Math.abs(off) / 0.75);
      if (weighed > best.weighed) best = { ...stand, strength, weighed };
    }
  return best;
}
