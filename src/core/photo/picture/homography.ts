import type { Point } from '../../geometry';

/** A plane seen in perspective: nine numbers, rows of a 3 × 3 matrix; the last is 1 where that can be. */
export type Homography = readonly number[];

/** Four places, in order round. */
export type Quad = readonly [Point, Point, Point, Point];

/** Solves a small system by elimination with pivoting; null where it has no one solution. */
function solve(rows: number[][]): number[] | null {
  const n = rows.length;
  for (let i = 0; i < n; i += 1) {
    let best = i;
    for (let k = i + 1; k < n; k += 1) if (Math.abs(rows[k][i]) > Math.abs(rows[best][i])) best = k;
    [rows[i], rows[best]] = [rows[best], rows[i]];
    if (Math.abs(rows[i][i]) < 1e-12) return null;
    for (let k = i + 1; k < n; k += 1) {
      const share = rows[k][i] / rows[i][i];
      for (let j = i; j <= n; j += 1) rows[k][j] -= share * rows[i][j];
    }
  }
  const found = new Array<number>(n).fill(0);
  for (let i = n - 1; i >= 0; i -= 1) {
    let rest = rows[i][n];
    for (let j = i + 1; j < n; j += 1) rest -= rows[i][j] * found[j];
    found[i] = rest / rows[i][i];
  }
  return found;
}

/** Shift and scale that bring places to a mean of 0 and a mean distance of √2. */
function normalising(places: Quad): { scale: number; x: number; y: number } {
  const x = places.reduce((sum, p) => sum + p.x, 0) / 4;
  const y = places.reduce((sum, p) => sum + p.y, 0) / 4;
  const far = places.reduce((sum, p) => sum + Math.hypot(p.x - x, p.y - y), 0) / 4;
  return { scale: far > 0 ? Math.SQRT2 / far : 1, x, y };
}

/**
 * The homography that takes four places to four others.
 *
 * Direct linear transform with normalised coordinates (Hartley and Zisserman, Multiple View Geometry, algorithm 4.2, for the
 * least number of places, where it is exact).
 *
 * @param from - four places, no three in a line
 * @param to - where they go
 * @returns the homography; null where three of them lie in a line
 */
export function homographyFrom(from: Quad, to: Quad): Homography | null {
  const [a, b] = [normalising(from), normalising(to)];
  const rows = from.flatMap((place, i) => {
    const [x, y] = [(place.x - a.x) * a.scale, (place.y - a.y) * a.scale];
    const [u, v] = [(to[i].x - b.x) * b.scale, (to[i].y - b.y) * b.scale];
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y, u],
      [0, 0, 0, x, y, 1, -v * x, -v * y, v],
    ];
  });
  const found = solve(rows);
  if (!found) return null;
  const before = [a.scale, 0, -a.scale * a.x, 0, a.scale, -a.scale * a.y, 0, 0, 1];
  const after = [1 / b.scale, 0, b.x, 0, 1 / b.scale, b.y, 0, 0, 1];
  return scaled(times(after, times([...found, 1], before)));
}

/** One homography after another: the right one first. */
function times(a: Homography, b: Homography): Homography {
  return [0, 1, 2].flatMap((i) =>
    [0, 1, 2].map((j) => a[i * 3] * b[j] + a[i * 3 + 1] * b[3 + j] + a[i * 3 + 2] * b[6 + j]),
  );
}

const scaled = (h: Homography): Homography => (Math.abs(h[8]) > 1e-12 ? h.map((value) => value / h[8]) : h);

/** The way back. */
export function inverse(h: Homography): Homography {
  const [a, b, c, d, e, f, g, i, j] = h;
  return scaled([
    e * j - f * i,
    c * i - b * j,
    b * f - c * e,
    f * g - d * j,
    a * j - c * g,
    c * d - a * f,
    d * i - e * g,
    b * g - a * i,
    a * e - b * d,
  ]);
}

/** Where a place goes. */
export function taken(h: Homography, x: number, y: number): Point {
  const w = h[6] * x + h[7] * y + h[8];
  return { x: (h[0] * x + h[1] * y + h[2]) / w, y: (h[3] * x + h[4] * y + h[5]) / w };
}

/** How many units of the target one unit at a place becomes: the root of what an area grows by. */
export function scaleAt(h: Homography, x: number, y: number): number {
  const step = 1e-3;
  const [o, a, b] = [taken(h, x, y), taken(h, x + step, y), taken(h, x, y + step)];
  const area = (a.x - o.x) * (b.y - o.y) - (a.y - o.y) * (b.x - o.x);
  return Math.sqrt(Math.abs(area)) / step;
}
