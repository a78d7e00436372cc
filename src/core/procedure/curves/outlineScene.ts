import { formatMm } from '../../units';
import { offsetOutline, placeAlong, type Point } from '../../geometry';
import { NOTCH_BASE_MM, type Outline, type OutlineAnswer } from '../../seam';
import type { ScenePoint, Scene, SceneLine } from '../engine/scene';

/** Cloth shown on the other side of an open line, mm, its corners cut off: it is only there to be seen. */
const INSIDE_MM = 26;
const BLUNT = 1.1;
/** From the stitching to where a cut ends (common practice). */
export const FROM_STITCHES_MM = 1.5;

const point = ({ x, y }: Point): ScenePoint => [x, y];
const close = (points: ScenePoint[], closed: boolean) =>
  closed && points.length > 0 ? [...points, points[0]] : points;

interface Shown {
  outline: Outline;
  answer: OutlineAnswer;
  /** Allowance as cut, and as trimmed, mm. */
  allowance: number;
  trim: number;
  label: string;
  side: 'right' | 'wrong';
  /** What is left open to turn it through, mm along the line from its start. */
  gap?: number;
}

/** The seam line on its cloth: raw edge, trim line, cuts, corners to turn at, and where the stitch length changes. */
export function outlineScene({ outline, answer, allowance, trim, label, side, gap = 0 }: Shown): Scene {
  const { points, closed, allowanceOn } = outline;
  const out = allowanceOn === 'right' ? 1 : -1;
  const beside = (mm: number) => close(offsetOutline(points, closed, out * mm).map(point), closed);
  const raw = beside(allowance);
  const at = (alongMm: number, mm: number): ScenePoint => {
    const { at: on, normal } = placeAlong(points, closed, alongMm);
    return [on.x + normal.x * out * mm, on.y + normal.y * out * mm];
  };
  const inner = closed
    ? []
    : offsetOutline(points, false, -out * INSIDE_MM, BLUNT)
        .map(point)
        .reverse();
  const lines: SceneLine[] = [
    { points: raw, role: 'raw' },
    ...(trim < allowance ? [{ id: 'trim', points: beside(trim), role: 'cut' as const }] : []),
    { id: 'seam', points: seamLine(outline, gap), role: 'stitch' },
    ...answer.cuts.map(({ alongMm, kind }): SceneLine => ({
      id: 'cuts',
      role: 'cut',
      points: cut(at, alongMm, kind, trim),
    })),
    ...answer.pivots.map(({ alongMm, side: of }): SceneLine => {
      // Across an outer corner the tip comes off; into an inner one a slit goes.
      const [on, tip] = [at(alongMm, 0), beyond(outline, alongMm, out * trim)];
      return {
        id: 'corners',
        role: 'cut',
        points: of === 'inner' ? [tip, towards(on, tip, FROM_STITCHES_MM)] : across(on, tip),
      };
    }),
  ];
  const changes = answer.stretches.length > 1 ? answer.stretches : [];
  return {
    label,
    view: 'above',
    cloths: [{ points: closed ? raw.slice(0, -1) : [...raw, ...inner], side }],
    lines,
    dims: sizesOf(points, [...raw, ...inner]),
    texts: [
      ...changes.map(({ fromMm, toMm, lengthMm }) => ({
        at: at((fromMm + toMm) / 2, -9),
        text: formatMm(lengthMm),
      })),
      ...(closed && gap > 0 ? [{ at: at(gap / 2, -14), text: 'gap', mm: gap }] : []),
    ],
  };
}

/** How wide and how high the seam line is, beside all that is drawn. */
function sizesOf(points: readonly Point[], drawn: readonly ScenePoint[]): Scene['dims'] {
  const [xs, ys] = [points.map(({ x }) => x), points.map(({ y }) => y)];
  const [left, right, top, bottom] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  const beside = 0.04 * Math.max(right - left, bottom - top) + 4;
  const [x, y] = [
    Math.max(right, ...drawn.map(([px]) => px)) + beside,
    Math.min(top, ...drawn.map(([, py]) => py)) - beside,
  ];
  const across = { from: [left, y] as const, to: [right, y] as const, mm: right - left };
  const high = { from: [x, top] as const, to: [x, bottom] as const, mm: bottom - top };
  return [across, high].filter(({ mm }) => mm > 1);
}

/** The line that is sewn: all of it, or what lies beyond the gap, which begins it. */
function seamLine({ points, closed }: Outline, gap: number): ScenePoint[] {
  const all = close(points.map(point), closed);
  if (!closed || gap <= 0) return all;
  let along = 0;
  const beyond = all.filter((now, i) => {
    if (i > 0) along += Math.hypot(now[0] - all[i - 1][0], now[1] - all[i - 1][1]);
    return along > gap;
  });
  return [point(placeAlong(points, true, gap).at), ...beyond];
}

function cut(
  at: (alongMm: number, mm: number) => ScenePoint,
  alongMm: number,
  kind: 'notch' | 'clip',
  trim: number,
): ScenePoint[] {
  const foot = at(alongMm, FROM_STITCHES_MM);
  if (kind === 'clip') return [at(alongMm, trim), foot];
  return [at(alongMm - NOTCH_BASE_MM / 2, trim), foot, at(alongMm + NOTCH_BASE_MM / 2, trim)];
}

/** The raw tip outside a corner: where both trimmed edges meet. */
function beyond({ points, closed }: Outline, alongMm: number, off: number): ScenePoint {
  const [before, after] = [placeAlong(points, closed, alongMm - 0.01), placeAlong(points, closed, alongMm + 0.01)];
  const { x, y } = placeAlong(points, closed, alongMm).at;
  const share = 1 / Math.max(0.2, 1 + before.normal.x * after.normal.x + before.normal.y * after.normal.y);
  return [x + (before.normal.x + after.normal.x) * share * off, y + (before.normal.y + after.normal.y) * share * off];
}

/** A point so many mm from the first towards the second. */
function towards([x, y]: ScenePoint, [tx, ty]: ScenePoint, mm: number): ScenePoint {
  const long = Math.hypot(tx - x, ty - y) || 1;
  return [x + ((tx - x) * mm) / long, y + ((ty - y) * mm) / long];
}

/** A cut across a tip, close to the stitched corner. */
function across(on: ScenePoint, tip: ScenePoint): ScenePoint[] {
  const near = towards(on, tip, 2);
  const [dx, dy] = [tip[0] - on[0], tip[1] - on[1]];
  const long = Math.hypot(dx, dy) || 1;
  const half = 5;
  return [
    [near[0] - (dy / long) * half, near[1] + (dx / long) * half],
    [near[0] + (dy / long) * half, near[1] - (dx / long) * half],
  ];
}
