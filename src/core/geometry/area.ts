import type { Point } from './outline';

/**
 * The area inside a closed outline.
 *
 * Half the sum of cross products round the corners (the surveyor's formula); exact for straight sides that do not cross.
 *
 * @param points - corners in order, either way round, mm; the last is joined to the first
 * @returns mm²; 0 for fewer than three corners
 * @example
 * outlineAreaMm2([{ x: 0, y: 0 }, { x: 100, y: 0 }, { x: 100, y: 50 }, { x: 0, y: 50 }]) // => 5000
 */
export function outlineAreaMm2(points: readonly Point[]): number {
  const twice = points.reduce((sum, a, i) => {
    const b = points[(i + 1) % points.length];
    return sum + a.x * b.y - b.x * a.y;
  }, 0);
  return Math.abs(twice) / 2;
}

/**
 * Whether a closed outline crosses itself.
 *
 * Every pair of sides that do not touch at a corner is tried, which is quick for the few corners a hand taps.
 *
 * @param points - corners in order, mm
 * @returns true when two sides cross
 * @example
 * crossesItself([{ x: 0, y: 0 }, { x: 10, y: 10 }, { x: 10, y: 0 }, { x: 0, y: 10 }]) // => true
 */
export function crossesItself(points: readonly Point[]): boolean {
  const n = points.length;
  for (let i = 0; i < n; i += 1) {
    for (let j = i + 2; j < n; j += 1) {
      if (i === 0 && j === n - 1) continue;
      if (cross(points[i], points[i + 1], points[j], points[(j + 1) % n])) return true;
    }
  }
  return false;
}

const side = (a: Point, b: Point, p: Point) => Math.sign((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x));

function cross(a: Point, b: Point, c: Point, d: Point): boolean {
  return side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0;
}
