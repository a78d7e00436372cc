import type { Setup } from '../setup';
import { MM_PER_INCH, type UnitSystem } from '../units';
import type { TestLine } from './swatch';

/** Sewn and marked length of a trial line, mm: 100 between the marks, 10 run in and out. */
export const LINE_MM = { sewn: 120, marked: 100, run: 10 };

/** How far apart the marks of a new line are, mm: what a person's ruler has a line for. */
export const markedMm = (system: UnitSystem): number => (system === 'inch' ? 4 * MM_PER_INCH : LINE_MM.marked);

/** Cloth beside a line on either side, mm: room to lie flat under the foot and to be cut apart and pulled. */
const BESIDE = 10;
const ROUND = 15;

/** One line on its piece: from the left end of the line, mm from the piece's top left corner. */
export interface PlacedLine<L> {
  line: L;
  xMm: number;
  yMm: number;
}

/** A piece to cut: all its lines run one way of the cloth. */
export interface Piece<L> {
  direction: TestLine['direction'];
  widthMm: number;
  heightMm: number;
  lines: PlacedLine<L>[];
}

/**
 * How lines lie on the scrap: a piece for each way of the cloth, rows far enough apart to be cut and pulled one by one.
 *
 * @param lines - in order
 * @returns pieces with sizes in mm; the ways in the order in which they first come
 * @example
 * layoutScrap([{ direction: 'across', setup: { widthMm: 0, needle: {} } }])[0].heightMm // => 50
 */
export function layoutScrap<L extends Pick<TestLine, 'direction'> & { setup: Pick<Setup, 'widthMm' | 'needle'> }>(
  lines: readonly L[],
): Piece<L>[] {
  return [...new Set(lines.map((line) => line.direction))].map((direction) => {
    let y = ROUND;
    const placed = lines
      .filter((line) => line.direction === direction)
      .map((line) => {
        const half = BESIDE + Math.max(line.setup.widthMm, line.setup.needle.gapMm ?? 0) / 2;
        const at = { line, xMm: ROUND, yMm: y + half };
        y += 2 * half;
        return at;
      });
    return { direction, widthMm: LINE_MM.sewn + 2 * ROUND, heightMm: y + ROUND, lines: placed };
  });
}
