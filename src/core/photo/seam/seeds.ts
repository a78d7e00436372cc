import type { Ground } from './ground';

/** A short piece of what may be a seam. */
export interface Seed {
  /** Its middle, mm in the plane, and its direction, radians. */
  x: number;
  y: number;
  angleRad: number;
  /** How wide the band that stood out is, mm. */
  bandMm: number;
  /** Which way it differs from the ground: a direction among the layers, length 1. */
  axis: readonly [number, number, number];
  /** How far it stands out, in what the ground does by itself. */
  strength: number;
}

const TILE_MM = 20;
const ANGLES = 36;
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
  const usual = noise.map((values) => Math.max(1e-6, middle(values)));
  const rated = found.map((seed) => ({ ...seed, strength: seed.strength / usual[BANDS_MM.findIndex((band) => band === seed.bandMm)] }));
  // So many of each width: the strongest bands need not be seams.
  return BANDS_MM.flatMap((bandMm, i) =>
    spread(
      rated.filter((seed) => seed.bandMm === bandMm).sort((a, b) => b.strength - a.strength),
      most[i],
    ),
  );
}

const middle = (values: number[]): number => values.sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

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
  const sums = new Float32Array(bins * 4);
  const best = BANDS_MM.map(() => null as Seed | null);
  const [cx, cy] = [(tile.left + right) / 2, (tile.top + bottom) / 2];
  for (let k = 0; k < ANGLES; k += 1) {
    const angleRad = (k * Math.PI) / ANGLES;
    sums.fill(0);
    project(ground, { ...tile, right, bottom, cx, cy }, angleRad, sums, bins);
    BANDS_MM.forEach((bandMm, band) => {
      const one = strongest(sums, bins, Math.max(1, Math.round(bandMm / BIN_MM)), SHORTEST_MM * pxPerMm * BIN_MM * pxPerMm);
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

/** Sums of the layers, and how many pixels, by their distance from the middle across a direction. */
function project(
  { layers: [a, b, c], mask, width, pxPerMm }: Ground,
  tile: { left: number; top: number; right: number; bottom: number; cx: number; cy: number },
  angleRad: number,
  sums: Float32Array,
  bins: number,
): void {
  const perPx = 1 / pxPerMm / BIN_MM;
  const [sin, cos] = [Math.sin(angleRad) * perPx, Math.cos(angleRad) * perPx];
  for (let j = tile.top; j < tile.bottom; j += 1) {
    let off = bins / 2 + (j + 0.5 - tile.cy) * cos - (tile.left + 0.5 - tile.cx) * sin;
    for (let at = j * width + tile.left; at < j * width + tile.right; at += 1, off -= sin) {
      if (mask[at] === 0) continue;
      const to = (off | 0) * 4;
      sums[to] += a[at];
      sums[to + 1] += b[at];
      sums[to + 2] += c[at];
      sums[to + 3] += 1;
    }
  }
}

/** The band of a profile that differs most from both of its sides. */
function strongest(sums: Float32Array, bins: number, wide: number, least: number) {
  const side = Math.max(3, wide);
  const apart = 1;
  let best: { at: number; strength: number; axis: [number, number, number] } | null = null;
  const mean = (from: number, to: number, into: Float64Array): boolean => {
    let count = 0;
    into.fill(0);
    for (let k = from * 4; k < to * 4; k += 4) {
      into[0] += sums[k];
      into[1] += sums[k + 1];
      into[2] += sums[k + 2];
      count += sums[k + 3];
    }
    if (count < least * (to - from)) return false;
    for (let c = 0; c < 3; c += 1) into[c] /= count;
    return true;
  };
  const [m, l, r] = [new Float64Array(3), new Float64Array(3), new Float64Array(3)];
  for (let from = side + apart; from + wide + apart + side <= bins; from += 1) {
    if (!mean(from, from + wide, m)) continue;
    if (!mean(from - apart - side, from - apart, l) || !mean(from + wide + apart, from + wide + apart + side, r)) continue;
    const one = [m[0] - l[0], m[1] - l[1], m[2] - l[2]];
    const two = [m[0] - r[0], m[1] - r[1], m[2] - r[2]];
    if (one[0] * two[0] + one[1] * two[1] + one[2] * two[2] <= 0) continue;
    const [p, q] = [Math.sqrt(one[0] ** 2 + one[1] ** 2 + one[2] ** 2), Math.sqrt(two[0] ** 2 + two[1] ** 2 + two[2] ** 2)];
    const strength = Math.min(p, q);
    if (strength <= (best?.strength ?? 0)) continue;
    const axis = [one[0] + two[0], one[1] + two[1], one[2] + two[2]];
    const size = Math.sqrt(axis[0] ** 2 + axis[1] ** 2 + axis[2] ** 2) || 1;
    best = { at: from + (wide - 1) / 2, strength, axis: [axis[0] / size, axis[1] / size, axis[2] / size] };
  }
  return best;
}
