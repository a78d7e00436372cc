import { type Paper, type Tile, tileSheets } from '../../geometry';
import type { Scene } from './scene';

/** A drawing spread over sheets at true scale. */
export interface Template {
  tiles: Tile[];
  columns: number;
  rows: number;
}

/** Margins no printer needs more of, the head of a sheet with its check bar, and what neighbours share, mm. */
export const SHEET = { marginMm: 10, headMm: 20, overlapMm: 10 };
/** Drawn round the outermost line, so that no line lies on the edge of a sheet. */
const AIR_MM = 4;

/**
 * The sheets a drawing takes at true scale.
 *
 * @param scene - its lines are printed
 * @param paper - what is in the printer
 * @returns sheets in reading order; neighbours share a strip to be laid over each other
 */
export function templateOf(scene: Scene, paper: Paper): Template {
  const points = scene.lines.flatMap((line) => line.points);
  const [xs, ys] = [points.map(([x]) => x), points.map(([, y]) => y)];
  const [left, top] = [Math.min(...xs) - AIR_MM, Math.min(...ys) - AIR_MM];
  const drawing = {
    xMm: left,
    yMm: top,
    widthMm: Math.max(...xs) + AIR_MM - left,
    heightMm: Math.max(...ys) + AIR_MM - top,
  };
  const room = {
    widthMm: paper.widthMm - 2 * SHEET.marginMm,
    heightMm: paper.heightMm - 2 * SHEET.marginMm - SHEET.headMm,
  };
  const tiles = tileSheets(drawing, room, SHEET.overlapMm);
  const last = tiles.at(-1)!;
  return { tiles, columns: last.column + 1, rows: last.row + 1 };
}
