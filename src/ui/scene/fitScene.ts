import { isBelow } from '@/core/numbers';
import type { ScenePoint, Scene } from '@/core/procedure';

/** Size of every drawing in its own units; text keeps its size however large or long the thing is. */
export const DRAWING = { width: 620, tallest: 500 };

/** Room round the drawing, and beside it for what is written there: so much for the line and each letter, as large as on a phone. */
const ROOM = { plain: 16, line: 14, letter: 14.5, above: 44 };
/** A length is hardly ever longer; a name beside a dimension is broken into lines of so many letters. */
const LONGEST = { number: 7, line: 13 };

/**
 * The name of a dimension in short lines.
 *
 * @param name - none for a number alone
 * @example
 * namesBeside('tape edge to raw edge') // => ['tape edge to', 'raw edge']
 */
export function namesBeside(name: string | undefined): string[] {
  const lines: string[] = [];
  for (const word of name?.split(' ') ?? []) {
    const last = lines.at(-1);
    if (last !== undefined && last.length + 1 + word.length <= LONGEST.line)
      lines[lines.length - 1] = `${last} ${word}`;
    else lines.push(word);
  }
  return lines;
}

const roomBeside = (name: string | undefined): number =>
  ROOM.line + ROOM.letter * Math.max(LONGEST.number, ...namesBeside(name).map((line) => line.length));

/** From mm to drawing units. */
export interface Fit {
  to: (point: ScenePoint) => ScenePoint;
  /** Units to the mm. */
  scale: number;
  height: number;
  /** The middle of what is drawn, in units: what lies left of it is written on the left. */
  middle: number;
  /** Where a long drawing is broken, in units: its ends are to scale, the part between is drawn shorter. Null where nothing is. */
  brokenAt: number | null;
}

/** A drawing this many times taller than the sheet has room for is broken in the middle, so that its width can be read. */
const BREAK_FROM = 2.2;
/** How much larger it is drawn then, how much of the sheet each end takes, where it is to scale, and where it is torn: below the middle, where the foot is. */
const BROKEN = { larger: 3.2, top: 0.46, bottom: 0.26, tornAt: 0.68 };

/**
 * Whether a drawing is so low that another one has room below it.
 *
 * @param scene - the drawing
 */
export const isLow = (scene: Scene): boolean => fitScene(scene).height < LOW;

/** Units from top to bottom for two views below each other. */
const BOTH = 500;

/** Two views further apart than this in scale are not brought to one: the larger would shrink to nothing. */
const NEAR = 2.5;

/**
 * The scale at which a plan and its section are both drawn, so that a millimetre is as long in one as in the other.
 *
 * @param one - a view of a step
 * @param other - its other view
 * @returns units to the mm; null where they differ too much for that
 */
export function commonScale(one: Scene, other: Scene): number | null {
  const fits = [fitScene(one), fitScene(other)];
  const scales = fits.map(({ scale }) => scale);
  const [small, large] = [Math.min(...scales), Math.max(...scales)];
  if (large / small > NEAR) return null;
  // Both have to be in sight at once: what is drawn of them shares the room that is left beside their writing.
  const tallMm = fits.reduce((sum, { height, scale }) => sum + (height - 2 * ROOM.above) / scale, 0);
  return Math.min(small, (BOTH - 4 * ROOM.above) / tallMm);
}

/** Lower than this, of the tallest, a drawing leaves half its place empty. */
const LOW = 330;

/** A long level dimension is written over itself and needs no room beside the drawing. */
const LONG_SHARE = 0.3;
const writtenAside = ([x1, y1]: ScenePoint, [x2, y2]: ScenePoint, width: number) =>
  Math.abs(x2 - x1) < Math.max(Math.abs(y2 - y1), LONG_SHARE * width);

/**
 * How far down a point of a broken drawing lies: both ends are to scale, what is between them takes the rest.
 *
 * @param tallMm - of all that is drawn
 * @param scale - units to the mm at the ends
 * @param sheet - units there are for all of it
 * @returns units from the top, for mm from the top
 */
function broken(tallMm: number, scale: number, sheet: number): (mm: number) => number {
  const [top, bottom] = [BROKEN.top * sheet, BROKEN.bottom * sheet];
  const [topMm, bottomMm] = [top / scale, tallMm - bottom / scale];
  const between = (sheet - top - bottom) / (bottomMm - topMm);
  return (mm) =>
    mm <= topMm ? mm * scale : mm >= bottomMm ? sheet - (tallMm - mm) * scale : top + (mm - topMm) * between;
}

/**
 * Where everything goes: the whole drawing with its dimensions fits, as large as it can be.
 *
 * @param scene - the drawing
 * @param mostScale - units to the mm at most, where it stands beside another
 */
export function fitScene({ cloths, lines, dims, texts = [] }: Scene, mostScale = Infinity): Fit {
  const points = [
    ...[...cloths, ...lines].flatMap((part) => part.points),
    ...dims.flatMap((dim) => [dim.from, dim.to]),
    ...texts.map(({ at }) => at),
  ];
  const [xs, ys] = [points.map(([px]) => px), points.map(([, py]) => py)];
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  const [width, tall] = [Math.max(...xs) - x, Math.max(...ys) - y];
  const middle = x + width / 2;
  const beside = (left: boolean) =>
    Math.max(
      ROOM.plain,
      ...dims
        .filter(({ from, to }) => writtenAside(from, to, width) && isBelow((from[0] + to[0]) / 2, middle) === left)
        .map(({ name }) => roomBeside(name)),
    );
  const [left, right] = [beside(true), beside(false)];
  const free = DRAWING.width - left - right;
  const sheet = DRAWING.tallest - 2 * ROOM.above;
  const breaks = tall > 0 && free / width > BREAK_FROM * (sheet / tall) && mostScale > BREAK_FROM * (sheet / tall);
  const scale = breaks
    ? Math.min(mostScale, free / width, BROKEN.larger * (sheet / tall))
    : Math.min(mostScale, free / width, sheet / tall);
  const slack = (free - width * scale) / 2;
  const down = breaks ? broken(tall, scale, sheet) : (mm: number) => mm * scale;
  return {
    to: ([px, py]) => [left + slack + (px - x) * scale, ROOM.above + down(py - y)],
    scale,
    height: down(tall) + 2 * ROOM.above,
    middle: left + slack + (width * scale) / 2,
    brokenAt: breaks ? ROOM.above + BROKEN.tornAt * sheet : null,
  };
}
