import { atMost } from '../../numbers';
import { placeAlong } from '../../geometry';
import { type StitchId, stitchFacts, stitchHoles } from '../../stitch';
import type { ScenePoint } from './scene';

/** The stitch a line is sewn with. */
export interface LineStitch {
  stitch: StitchId;
  lengthMm: number;
  widthMm: number;
}

/** More holes than this on one line are not told apart in a drawing. */
const MOST_HOLES = 600;

/**
 * A line as the needle goes along it, from the stitch's own polyline.
 *
 * @param points - the line, mm
 * @param sewn - stitch, length and swing, mm
 * @returns the holes in sewing order; the line itself for a stitch without swing or one too long to tell its holes apart
 * @example
 * stitchAlong([[0, 0], [4, 0]], { stitch: 'zigzag', lengthMm: 2, widthMm: 3 }) // => [[0, -1.5], [2, 1.5], [4, -1.5]]
 */
export function stitchAlong(
  points: readonly ScenePoint[],
  { stitch, lengthMm, widthMm }: LineStitch,
): readonly ScenePoint[] {
  if (!stitchFacts(stitch).swings || widthMm <= 0 || points.length < 2) return points;
  const line = points.map(([x, y]) => ({ x, y }));
  const long = points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i][0], y - points[i][1]), 0);
  if (!(long > 0) || long / lengthMm > MOST_HOLES) return points;
  return stitchHoles(stitch, lengthMm, widthMm, long)
    .filter(({ x }) => x >= 0 && atMost(x, long))
    .map(({ x, y }) => {
      const { at, normal } = placeAlong(line, false, x);
      return [at.x + normal.x * y, at.y + normal.y * y];
    });
}
