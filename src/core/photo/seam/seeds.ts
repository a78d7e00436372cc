import { quantileOf } from '../picture/quantile';
import type { Ground } from './ground';

/** A short piece of what may be a seam. */
export interface Seed {
  /** Its middle, mm in the plane, and its direction, radians. */
  x: number;
  y: number;
  angleRad: number;
  /** How wide the band that stood out is, mm. */
  bandMm: number;
  /** Which way it differs from the ground: a direction among the layers, length 1; null where it is only uneasy. */
  axis: readonly [number, number, number] | null;
  /** How far it stands out, in what the ground does by itself. */
  strength: number;
}

const TILE_MM = 20;
const ANGLES = 32;
/** Bins across a tile, mm. */
const BIN_MM = 0.3;
/** Widths that are looked for: a thread, a narrow zigzag, a wide one; mm. */
export const BANDS_MM = [0.5, 2.2, 5] as const;
/** Shortest chord through a tile that tells anything, mm. */
const SHORTEST_MM = 9;

/**
 * Where a seam may be: bands that differ from both their sides, the strongest first.
 *
 * In tiles, so that a bent seam is straight enough in each: the mean of the layers along every line of a tile (Radon
 * transform), and of that what differs from the sides on both hands. The edge of a scrap differs from one hand only.
 *
 * @param ground - the fabric
 * @param most - how many of each width at most
 */
export function seedsOf(ground: Ground, most: readonly number[]): Seed[] {
  const size = Math.max(8, Math.round(TILE_MM * ground.pxPerMm));
  const found: Seed[] = [];
  const noise = BANDS_MM.map(() => [] as number[]);
  for (let top = 0; top < ground.height; top += size)
    for (let left = 0; left < ground.width; left += size) found.push(...bestOf(ground, { left, top, size }, noise));
  const usual = noise.map((values) => Math.max(1e-6, quantileOf(values, 0.5)));
  const rated = found.map((seed) => ({
    ...seed,
    strength: seed.strength / usual[BANDS_MM.findIndex((band) => band === seed.bandMm)],
  }));
  // So many of each width, the strongest of each first: the strongest bands need not be seams.
  const each = BANDS_MM.map((bandMm, i) =>
    spread(
      rated.filter((seed) => seed.bandMm === bandMm).sort((a, b) => b.strength - a.strength),
      most[i],
    ),
  );
  return Array.from({ length: Math.max(...most) }, (_, rank) =>
    each.flatMap((seeds) => (seeds[rank] ? [seeds[rank]] : [])),
  ).flat();
}

/** The strongest ones that do not tell the same twice. */
function spread(seeds: readonly Seed[], most: number): Seed[] {
  const kept: Seed[] = [];
  for (const seed of seeds) {
    if (kept.length >= most) break;
    const twice = kept.some((one) => {
      const off = Math.abs(-(seed.x - one.x) * Math.sin(one.angleRad) + (seed.y - one.y) * Math.cos(one.angleRad));
      const turned = Math.abs(Math.sin(seed.angleRad - one.angleRad));
      return off < 2.5 && turned < 0.25 && Math.hypot(seed.x - one.x, seed.y - one.y) < 60;
    });
    if (!twice) kept.push(seed);
  }
  return kept;
}

interface Tile {
  left: number;
  top: number;
  size: number;
}

function bestOf(ground: Ground, tile: Tile, noise: number[][]): Seed[] {
  const { pxPerMm } = ground;
  const right = Math.min(ground.width, tile.left + tile.size);
  const bottom = Math.min(ground.height, tile.top + tile.size);
  const [wide, tall] = [right - tile.left, bottom - tile.top];
  if (wide < tile.size / 3 || tall < tile.size / 3) return [];
  const bins = Math.ceil((Math.SQRT2 * TILE_MM) / BIN_MM) + 4;
  const sums = new Float64Array((bins + 1) * 5);
  const best = BANDS_MM.map(() => null as Seed | null);
  const [cx, cy] = [(tile.left + right) / 2, (tile.top + bottom) / 2];
  for (let k = 0; k < ANGLES; k += 1) {
    const angleRad = (k * Math.PI) / ANGLES;
    sums.fill(0);
    project(ground, { ...tile, right, bottom, cx, cy }, angleRad, sums, bins);
    accumulate(sums);
    BANDS_MM.forEach((bandMm, band) => {
      const one = strongest(
        sums,
        bins,
        Math.max(1, Math.round(bandMm / BIN_MM)),
        SHORTEST_MM * pxPerMm * BIN_MM * pxPerMm,
      );
      if (!one) return;
      noise[band].push(one.strength);
      if (one.strength <= (best[band]?.strength ?? 0)) return;
      const off = (one.at + 0.5 - bins / 2) * BIN_MM;
      best[band] = {
        x: ground.left + cx / pxPerMm - Math.sin(angleRad) * off,
        y: ground.top + cy / pxPerMm + Math.cos(angleRad) * off,
        angleRad,
        bandMm,
        axis: one.axis,
        strength: one.strength,
      };
    });
  }
  return best.filter((seed) => seed !== null);
}

/** Sums of the layers, of the unrest, and how many pixels, by their distance from the middle across a direction. */
function project(
  { layers: [a, b, c], unrest, mask, width, pxPerMm }: Ground,
  tile: { left: number; top: number; right: number; bottom: number; cx: number; cy: number },
  angleRad: number,
  sums: Float64Array,
  bins: number,
): void {
  const perPx = 1 / pxPerMm / BIN_MM;
  const [sin, cos] = [Math.sin(angleRad) * perPx, Math.cos(angleRad) * perPx];
  for (let j = tile.top; j < tile.bottom; j += 1) {
    let off = bins / 2 + (j + 0.5 - tile.cy) * cos - (tile.left + 0.5 - tile.cx) * sin;
    for (let at = j * width + tile.left; at < j * width + tile.right; at += 1, off -= sin) {
      if (mask[at] === 0) continue;
      const to = (off | 0) * 5;
      sums[to] += a[at];
      sums[to + 1] += b[at];
      sums[to + 2] += c[at];
      sums[to + 3] += unrest[at];
      sums[to + 4] += 1;
    }
  }
}

/** Makes running sums of a profile: what lies before each bin. */
function accumulate(sums: Float64Array): void {
  let [a, b, c, d, e] = [0, 0, 0, 0, 0];
  for (let k = 0; k < sums.length; k += 5) {
    const [p, q, r, s, t] = [sums[k], sums[k + 1], sums[k + 2], sums[k + 3], sums[k + 4]];
    sums[k] = a;
    sums[k + 1] = b;
    sums[k + 2] = c;
    sums[k + 3] = d;
    sums[k + 4] = e;
    a += p;
    b += q;
    c += r;
    d += s;
    e += t;
  }
}

/** Means over some bins of a profile's running sums: layers and unrest; false where too few pixels lie in them. */
function meanOver(sums: Float64Array, from: number, to: number, least: number, into: Float64Array): boolean {
  const low = from * 5;
  const high = to * 5;
  const count = sums[high + 4] - sums[low + 4];
  if (count < least * (to - from)) return false;
  for (let c = 0; c < 4; c += 1) into[c] = (sums[high + c] - sums[low + c]) / count;
  return true;
}

/** The sides of a band may differ by so much, in spreads of the texture: more is an edge between two fabrics. */
const STEP = 2.5;

/**
 * The band of a profile that differs most from both of its sides: one thread by its colour, a wider band, of which
 * thread covers only part, by its unrest.
 */
function strongest(sums: Float64Array, bins: number, wide: number, least: number) {
  const side = Math.max(3, wide);
  const apart = 1;
  const uneasy = wide > 2;
  let best: { at: number; strength: number; axis: [number, number, number] | null } | null = null;
  const [m, l, r] = [new Float64Array(4), new Float64Array(4), new Float64Array(4)];
  for (let from = side + apart; from + wide + apart + side <= bins; from += 1) {
    if (!meanOver(sums, from, from + wide, least, m)) continue;
    if (!meanOver(sums, from - apart - side, from - apart, least, l)) continue;
    if (!meanOver(sums, from + wide + apart, from + wide + apart + side, least, r)) continue;
    const strength = uneasy ? unrestBetween(m, l, r) : ridge(m, l, r);
    if (strength <= (best?.strength ?? 0)) continue;
    best = { at: from + (wide - 1) / 2, strength, axis: uneasy ? null : axisOf(m, l, r) };
  }
  return best;
}

function unrestBetween(m: Float64Array, l: Float64Array, r: Float64Array): number {
  const step = (l[0] - r[0]) ** 2 + (l[1] - r[1]) ** 2 + (l[2] - r[2]) ** 2;
  return step > STEP * STEP ? 0 : Math.min(m[3] - l[3], m[3] - r[3]);
}

function ridge(m: Float64Array, l: Float64Array, r: Float64Array): number {
  let dot = 0;
  let one = 0;
  let two = 0;
  for (let c = 0; c < 3; c += 1) {
    dot += (m[c] - l[c]) * (m[c] - r[c]);
    one += (m[c] - l[c]) ** 2;
    two += (m[c] - r[c]) ** 2;
  }
  return dot <= 0 ? 0 : Math.sqrt(Math.min(one, two));
}

function axisOf(m: Float64Array, l: Float64Array, r: Float64Array): [number, number, number] {
  const [a, b, c] = [0, 1, 2].map((k) => 2 * m[k] - l[k] - r[k]);
  const size = Math.sqrt(a * a + b * b + c * c) || 1;
  return [a / size, b / size, c / size];
}
