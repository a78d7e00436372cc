import svgpath from 'svgpath';
import type { Point } from './outline';

/** An outline read from an SVG path: its points in the path's own units, and whether it closes. */
export interface ReadOutline {
  points: Point[];
  closed: boolean;
}

/** Chords for each curve of a path: even a quarter circle then turns by only 3° at a point. */
const CHORDS = 30;

/**
 * Reads the first outline of an SVG path, curves and arcs as chords.
 *
 * Arcs become cubic curves (within a few parts in ten thousand of the arc), curves become chords fine enough that only
 * true corners turn by more than a few degrees at one point. Further outlines in the same path are left out.
 *
 * @param path - the text of a `d` attribute
 * @returns points and whether it is closed; null when it is not a path, or draws nothing
 * @example
 * readSvgOutline('M0 0 H10 V10 Z') // => { points: [{ x: 0, y: 0 }, { x: 10, y: 0 }, { x: 10, y: 10 }], closed: true }
 * readSvgOutline('round the neck') // => null
 */
export function readSvgOutline(path: string): ReadOutline | null {
  const parsed = svgpath(path);
  // The parser keeps its complaint to itself, and what it read before it.
  if ((parsed as unknown as { err: string }).err) return null;
  const points: Point[] = [];
  let closed = false;
  let over = false;
  parsed
    .abs()
    .unarc()
    .unshort()
    .iterate((segment, index, x, y) => {
      if (over) return;
      const [name, ...to] = segment as [string, ...number[]];
      if (name === 'M' && index > 0) over = true;
      else if (name === 'Z' || name === 'z') [closed, over] = [true, true];
      else points.push(...along(name, { x, y }, to));
    });
  const finite = points.every(({ x, y }) => Number.isFinite(x) && Number.isFinite(y));
  return points.length > 1 && finite ? { points, closed } : null;
}

/**
 * A path with its transforms worked into it, as an SVG writes them, outermost first.
 *
 * @param path - the text of a `d` attribute
 * @param transform - the text of a `transform` attribute, empty for none
 * @returns the path in the coordinates outside
 * @example
 * transformedPath('M0 0 L10 0', 'translate(5 2) scale(2)') // => 'M5 2L25 2'
 */
export function transformedPath(path: string, transform: string): string {
  return svgpath(path).transform(transform).abs().toString();
}

function along(name: string, from: Point, to: number[]): Point[] {
  if (name === 'H') return [{ x: to[0], y: from.y }];
  if (name === 'V') return [{ x: from.x, y: to[0] }];
  const ends = Array.from({ length: to.length / 2 }, (_, i) => ({ x: to[2 * i], y: to[2 * i + 1] }));
  return ends.length === 1 ? ends : chords([from, ...ends]);
}

/** A Bézier curve as chords: de Casteljau at even steps. */
function chords(control: Point[]): Point[] {
  return Array.from({ length: CHORDS }, (_, i) => pointAt(control, (i + 1) / CHORDS));
}

function pointAt(control: Point[], t: number): Point {
  if (control.length === 1) return control[0];
  const next = control
    .slice(1)
    .map((p, i) => ({ x: control[i].x + (p.x - control[i].x) * t, y: control[i].y + (p.y - control[i].y) * t }));
  return pointAt(next, t);
}
