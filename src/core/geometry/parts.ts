import type { Point } from './outline';

/** A piece of a drawn line: so far straight on, or round a circle (turning right when above 0), or a corner where radius is 0. */
export type OutlinePart = { straightMm: number } | { radiusMm: number; turnDeg: number };

/** A circle is drawn with a point for every so many degrees: no true corner turns so little. */
const DEG_A_POINT = 3;

/**
 * A line drawn by walking: straight stretches, arcs by radius and turn, corners by turn alone.
 *
 * Starts at 0,0 towards the right; y points down, so that a turn above 0 is to the right of the walker. Points of an
 * arc lie on its circle exactly.
 *
 * @param parts - in order, mm and degrees
 * @returns points of the line, the first at 0,0
 * @example
 * walkParts([{ straightMm: 10 }, { radiusMm: 0, turnDeg: 90 }, { straightMm: 5 }]) // => [{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 5 }]
 */
export function walkParts(parts: readonly OutlinePart[]): Point[] {
  let at: Point = { x: 0, y: 0 };
  let headingRad = 0;
  const points = [at];
  for (const part of parts) {
    if ('straightMm' in part) {
      at = { x: at.x + part.straightMm * Math.cos(headingRad), y: at.y + part.straightMm * Math.sin(headingRad) };
      points.push(at);
      continue;
    }
    const turnRad = (part.turnDeg * Math.PI) / 180;
    if (part.radiusMm > 0) {
      const way = Math.sign(turnRad);
      const middle = {
        x: at.x - way * part.radiusMm * Math.sin(headingRad),
        y: at.y + way * part.radiusMm * Math.cos(headingRad),
      };
      const count = Math.max(1, Math.ceil(Math.abs(part.turnDeg) / DEG_A_POINT));
      for (let i = 1; i <= count; i += 1) {
        const angle = headingRad + (turnRad * i) / count - (way * Math.PI) / 2;
        at = { x: middle.x + part.radiusMm * Math.cos(angle), y: middle.y + part.radiusMm * Math.sin(angle) };
        points.push(at);
      }
    }
    headingRad += turnRad;
  }
  return points;
}
