import { stepsToReach } from '../numbers';

/** The room of a printed sheet inside its margins, mm. */
export interface SheetRoom {
  widthMm: number;
  heightMm: number;
}

/** Papers people have, mm (ISO 216 A4; ANSI Letter). */
export const PAPERS = [
  { id: 'a4', name: 'A4', widthMm: 210, heightMm: 297 },
  { id: 'letter', name: 'Letter', widthMm: 215.9, heightMm: 279.4 },
] as const;
export type Paper = (typeof PAPERS)[number];

/** One sheet of a drawing that is larger than paper: which part of it is printed here. */
export interface Tile extends SheetRoom {
  column: number;
  row: number;
  xMm: number;
  yMm: number;
}

/**
 * A drawing at true scale, spread over as few sheets as it takes.
 *
 * @param drawing - its place and size, mm
 * @param room - what one sheet can show, mm
 * @param overlapMm - how much neighbouring sheets share, to be laid over each other
 * @returns sheets in reading order; one for a drawing without size
 * @throws when the overlap leaves nothing of a sheet
 * @example
 * tileSheets({ xMm: 0, yMm: 0, widthMm: 300, heightMm: 100 }, { widthMm: 190, heightMm: 250 }, 10).map((t) => t.xMm) // => [0, 180]
 */
export function tileSheets(
  drawing: SheetRoom & { xMm: number; yMm: number },
  room: SheetRoom,
  overlapMm: number,
): Tile[] {
  if (overlapMm >= Math.min(room.widthMm, room.heightMm))
    throw new Error(`tileSheets: expected an overlap smaller than the sheet, got ${overlapMm}`);
  const count = (size: number, fits: number) => Math.max(1, stepsToReach((size - overlapMm) / (fits - overlapMm)));
  const [columns, rows] = [count(drawing.widthMm, room.widthMm), count(drawing.heightMm, room.heightMm)];
  return Array.from({ length: rows * columns }, (_, i) => {
    const [column, row] = [i % columns, Math.floor(i / columns)];
    return {
      column,
      row,
      xMm: drawing.xMm + column * (room.widthMm - overlapMm),
      yMm: drawing.yMm + row * (room.heightMm - overlapMm),
      ...room,
    };
  });
}
