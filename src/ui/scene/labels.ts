import { isBelow } from '@/core/numbers';
import type { Scene, SceneDim, ToolAt } from '@/core/procedure';
import { DRAWING, type Fit, namesBeside } from './fitScene';

/** Sizes of letters in drawing units; on a phone the drawing is small, and its letters are larger in it. */
export const LETTERS = { dim: 17, text: 15, phone: 24 };
/** Width of a letter and height of a line, of the letter's size: a little more than they measure. */
const LETTER = { width: 0.56, line: 1.15 };
/** A dimension shorter than this has its text beside it. */
const LEAST_ROOM = 70;

/** What is written somewhere on a drawing, and the place it takes. */
export interface Label {
  lines: readonly string[];
  x: number;
  /** The middle of all its lines. */
  y: number;
  anchor: 'start' | 'middle' | 'end';
}

/** A place on a drawing, in its units. */
export interface Box {
  left: number;
  top: number;
  right: number;
  bottom: number;
}

/**
 * The place a label takes.
 *
 * @param label - what is written
 * @param size - of its letters
 */
export function boxOf({ lines, x, y, anchor }: Label, size: number): Box {
  const width = Math.max(...lines.map((line) => line.length)) * size * LETTER.width;
  const left = anchor === 'start' ? x : anchor === 'end' ? x - width : x - width / 2;
  const tall = lines.length * size * LETTER.line;
  return { left, right: left + width, top: y - tall / 2, bottom: y + tall / 2 };
}

/** Whether two places overlap. */
export const overlap = (a: Box, b: Box): boolean =>
  isBelow(a.left, b.right) && isBelow(b.left, a.right) && isBelow(a.top, b.bottom) && isBelow(b.top, a.bottom);

/** Whether a place lies on the sheet. */
export const onSheet = ({ left, right, top, bottom }: Box, { height }: Fit): boolean =>
  left >= 0 && right <= DRAWING.width && top >= 0 && bottom <= height;

/**
 * Where a dimension is written: over it where it is long and level, else beside it, its name in lines below the number.
 *
 * @param dim - the dimension
 * @param fit - of its drawing
 * @param number - the length as printed
 */
export function dimLabel({ from, to, name }: SceneDim, { to: at, middle, height }: Fit, number: string): Label {
  const [[x1, y1], [x2, y2]] = [at(from), at(to)];
  const upright = Math.abs(x2 - x1) < Math.abs(y2 - y1);
  if (!upright && Math.abs(x2 - x1) >= LEAST_ROOM)
    return {
      lines: [[number, name].filter(Boolean).join(' ')],
      x: (x1 + x2) / 2,
      y: y1 + (y1 < 60 ? -16 : 18),
      anchor: 'middle',
    };
  const left = (x1 + x2) / 2 < middle - 1;
  const lines = [number, ...namesBeside(name)];
  // Beside a short level dimension its lines go away from the piece, as far as the sheet goes: up from one above it.
  const line = LETTERS.phone * LETTER.line;
  const more = ((lines.length - 1) * line) / 2;
  const room = (toEdge: number) => Math.max(0, Math.min(more, toEdge - (lines.length * line) / 2));
  const away = upright ? 0 : isBelow(y1, height / 2) ? -room(y1) : room(height - y1);
  return {
    lines,
    x: left ? Math.min(x1, x2) - 12 : Math.max(x1, x2) + 12,
    y: (y1 + y2) / 2 + away,
    anchor: left ? 'end' : 'start',
  };
}

/** What is said on the drawing itself. */
export const textLabels = (
  { texts = [] }: Pick<Scene, 'texts'>,
  { to }: Fit,
  length: (mm: number) => string,
): Label[] =>
  texts.map(({ at, text, mm }) => ({
    lines: [[text, mm === undefined ? '' : length(mm)].filter(Boolean).join(' ')],
    x: to(at)[0],
    y: to(at)[1] - 5,
    anchor: mm === undefined ? 'start' : 'middle',
  }));

/** Beside the foot, above, below it: the first place with nothing in it is taken. */
const AROUND = [
  [26, -19],
  [-26, -19],
  [26, 24],
  [-26, 24],
  [26, -44],
  [-26, -44],
  [0, -40],
  [0, 42],
  [60, 0],
  [-60, 0],
] as const;

/**
 * Where "you are here" is written beside the foot.
 *
 * @param tool - the foot
 * @param fit - of its drawing
 * @param taken - places in which something is written already
 */
export function hereLabel({ at }: ToolAt, fit: Fit, taken: readonly Box[]): Label {
  const [x, y] = fit.to(at);
  const places = AROUND.map(([dx, dy]): Label => ({
    lines: ['you are here'],
    x: x + dx,
    y: y + dy,
    anchor: dx > 0 ? 'start' : dx < 0 ? 'end' : 'middle',
  }));
  const free = (label: Label) => {
    const box = boxOf(label, LETTERS.phone);
    return onSheet(box, fit) && !taken.some((other) => overlap(box, other));
  };
  // Lengths are mostly written on the right: of two free places the one nearer to the middle is taken first.
  const sides = x < fit.middle + 24 ? [1, 0, 3, 2, 5, 4, 6, 7, 9, 8] : [0, 1, 2, 3, 4, 5, 6, 7, 8, 9];
  const inOrder = sides.map((i) => places[i]);
  return inOrder.find(free) ?? inOrder[0];
}
