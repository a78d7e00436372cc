import { isBelow } from '@/core/numbers';
import type { ScenePoint, Scene } from '@/core/procedure';

/** Size of every drawing in its own units; text keeps its size however large or long the thing is. */
export const DRAWING = { width: 620, tallest: 500 };

/** Room round the drawing, and beside it for what is written there: so much for the line and each letter, as large as on a phone. */
const ROOM = { plain: 16, line: 14, letter: 13.5, above: 44 };
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
}

/**
 * Whether a drawing is so low that another one has room below it.
 *
 * @param scene - the drawing
 */
export const isLow = (scene: Scene): boolean => fitScene(scene).height < LOW;

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
  const scales = [fitScene(one).scale, fitScene(other).scale];
  const [small, large] = [Math.min(...scales), Math.max(...scales)];
  return large / small > NEAR ? null : small;
}

/** Lower than this, of the tallest, a drawing leaves half its place empty. */
const LOW = 330;

/** A long level dimension is written over itself and needs no room beside the drawing. */
const LONG_SHARE = 0.3;
const writtenAside = ([x1, y1]: ScenePoint, [x2, y2]: ScenePoint, width: number) =>
  Math.abs(x2 - x1) < Math.max(Math.abs(y2 - y1), LONG_SHARE * width);

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
  const scale = Math.min(mostScale, free / width, (DRAWING.tallest - 2 * ROOM.above) / tall);
  const slack = (free - width * scale) / 2;
  return {
    to: ([px, py]) => [left + slack + (px - x) * scale, ROOM.above + (py - y) * scale],
    scale,
    height: tall * scale + 2 * ROOM.above,
    middle: left + slack + (width * scale) / 2,
  };
}
