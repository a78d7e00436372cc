import type { ScenePoint, Scene, SceneLine } from './scene';
import type { Step } from './types';

/** What the hand holds in a step, where on the drawing, and what of the line is already behind it. */
export interface ToolAt {
  tool: 'foot' | 'needle' | 'iron' | 'blade';
  at: ScenePoint;
  /** Which way it moves, radians; 0 is to the right, a quarter turn is down. */
  headingRad: number;
  /** The line it works on: which of the scene's lines, and its two parts. */
  line?: { index: number; behind: ScenePoint[]; ahead: ScenePoint[] };
}

/** How far along its line the foot is shown: far enough that both parts are seen. */
const SHOWN_AT = 0.58;
/** Its heading is looked at so much of the line before and after. */
const AROUND = 0.04;

/**
 * Where needle and foot, iron or scissors are in a step.
 *
 * Seen from above the foot stands on the line that is sewn, part of it sewn already. In section the needle stands over
 * its line. Iron and scissors lie at what is pressed or cut, else in the middle of the cloth.
 *
 * @param scene - the drawing of the step
 * @param step - the step
 * @returns place in mm and heading; null where nothing is held
 */
export function toolAt(scene: Scene, step: Pick<Step, 'sews' | 'with' | 'now'>): ToolAt | null {
  const mine = scene.lines.map((line, index) => ({ line, index })).filter(({ line }) => isNow(line, step));
  if (step.with) {
    const wanted = mine.find(({ line }) => (step.with === 'blade') === (line.role === 'cut')) ?? mine[0];
    const place = wanted && onLine(wanted.line.points, 0.5);
    return place
      ? { tool: step.with, at: place.at, headingRad: place.headingRad }
      : { tool: step.with, at: middleOf(scene), headingRad: 0 };
  }
  if (!step.sews) return null;
  const sewn = mine.find(({ line }) => line.role === 'stitch' || line.role === 'baste');
  if (!sewn) return null;
  const { points } = sewn.line;
  if (scene.view === 'section') {
    const top = points.reduce((a, b) => (b[1] < a[1] ? b : a));
    return { tool: 'needle', at: top, headingRad: Math.PI / 2 };
  }
  const place = onLine(points, SHOWN_AT);
  if (!place) return null;
  const { at, next } = place;
  const headingRad = headingAt(points);
  const line = { index: sewn.index, behind: [...points.slice(0, next), at], ahead: [at, ...points.slice(next)] };
  return { tool: 'foot', at, headingRad, line };
}

/** The way the foot goes, not the needle: a zigzag is followed along its middle. */
function headingAt(points: readonly ScenePoint[]): number {
  const [from, to] = [onLine(points, SHOWN_AT - AROUND)!.at, onLine(points, SHOWN_AT + AROUND)!.at];
  return Math.atan2(to[1] - from[1], to[0] - from[0]);
}

const isNow = ({ id }: SceneLine, { now = [] }: Pick<Step, 'now'>) => id !== undefined && now.includes(id);

function middleOf({ cloths, lines }: Scene): ScenePoint {
  const points = (cloths.length > 0 ? cloths : lines).flatMap((part) => part.points);
  const middle = (values: number[]) => (Math.min(...values) + Math.max(...values)) / 2;
  return [middle(points.map(([x]) => x)), middle(points.map(([, y]) => y))];
}

/** The place at a share of a line's length, its direction, and the index of the point after it. */
function onLine(
  points: readonly ScenePoint[],
  share: number,
): { at: ScenePoint; headingRad: number; next: number } | null {
  const long = (i: number) => Math.hypot(points[i][0] - points[i - 1][0], points[i][1] - points[i - 1][1]);
  const total = points.slice(1).reduce((sum, _, i) => sum + long(i + 1), 0);
  if (!(total > 0)) return null;
  let left = share * total;
  for (let next = 1; next < points.length; next += 1) {
    const piece = long(next);
    if (left <= piece && piece > 0) {
      const [[x1, y1], [x2, y2]] = [points[next - 1], points[next]];
      const t = left / piece;
      return { at: [x1 + t * (x2 - x1), y1 + t * (y2 - y1)], headingRad: Math.atan2(y2 - y1, x2 - x1), next };
    }
    left -= piece;
  }
  return null;
}
