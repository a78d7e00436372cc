import type { Point } from '../../geometry';

/** Deeper than this over the length it is a bend that was meant, as a share of the length. */
const BENT = 0.012;

/**
 * How far a line of stitching leaves its own best straight line, or best circle where it is bent.
 *
 * Straight line by total least squares; circle by Kåsa's method (1976), which is exact for places on a circle.
 *
 * @param places - along the seam, mm
 * @returns the largest distance, mm; 0 for fewer than four places
 */
export function straightnessMm(places: readonly Point[]): number {
  if (places.length < 4) return 0;
  const line = offLine(places);
  const first = places[0];
  const last = places[places.length - 1];
  const long = Math.hypot(last.x - first.x, last.y - first.y);
  return line <= BENT * long ? line : Math.min(line, offCircle(places));
}

function centre(places: readonly Point[]): Point {
  const sum = places.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }), { x: 0, y: 0 });
  return { x: sum.x / places.length, y: sum.y / places.length };
}

function offLine(places: readonly Point[]): number {
  const { x: cx, y: cy } = centre(places);
  let [xx, xy, yy] = [0, 0, 0];
  for (const { x, y } of places) {
    xx += (x - cx) ** 2;
    xy += (x - cx) * (y - cy);
    yy += (y - cy) ** 2;
  }
  const angle = 0.5 * Math.atan2(2 * xy, xx - yy);
  return Math.max(...places.map(({ x, y }) => Math.abs(-(x - cx) * Math.sin(angle) + (y - cy) * Math.cos(angle))));
}

function offCircle(places: readonly Point[]): number {
  const { x: cx, y: cy } = centre(places);
  let [uu, uv, vv, uz, vz] = [0, 0, 0, 0, 0];
  let mean = 0;
  for (const place of places) {
    const [u, v] = [place.x - cx, place.y - cy];
    const z = u * u + v * v;
    uu += u * u;
    uv += u * v;
    vv += v * v;
    uz += u * z;
    vz += v * z;
    mean += z / places.length;
  }
  const det = 4 * (uu * vv - uv * uv);
  if (Math.abs(det) < 1e-9) return Infinity;
  const a = (2 * (uz * vv - vz * uv)) / det;
  const b = (2 * (vz * uu - uz * uv)) / det;
  const radius = Math.sqrt(a * a + b * b + mean);
  return Math.max(...places.map(({ x, y }) => Math.abs(Math.hypot(x - cx - a, y - cy - b) - radius)));
}
