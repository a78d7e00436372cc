import { clamp } from '../numbers';
import { outlineLengthMm, type Point, readSvgOutline, walkParts } from '../geometry';
import { type Cannot, cannot } from './cannot';
import type { Outline } from './outlineTypes';
import { OUTLINE_SHAPES } from './outlineShapes';
import type { OutlineSpec } from './outlineSpec';

/** Longer than this nobody sews in one line. */
const LONGEST_MM = 20_000;
/** A drawn line whose ends lie nearer than this is meant to close. */
const MEETS_MM = 0.5;

/**
 * The line itself, in mm, from what the person gave.
 *
 * @param spec - picked, drawn or loaded
 * @returns the line with the side of its allowance; or what is wrong with it and the way out
 * @example
 * outlineOf({ from: 'drawn', parts: [{ straightMm: 50 }], closed: false, side: 'usual' }).points.length // => 2
 */
export function outlineOf(spec: OutlineSpec): Outline | Cannot {
  const made = MAKE[spec.from](spec as never);
  if ('blocked' in made) return made;
  const lengthMm = outlineLengthMm(made.points, made.closed);
  if (!(lengthMm > 1))
    return cannot('seam.outline-nothing', 'There is no line to sew yet: draw it, choose a shape or load one.');
  if (lengthMm > LONGEST_MM) {
    const text = `This line is ${Math.round(lengthMm / 1000)} m long. If it comes from a file, the file’s units are probably not millimetres: enter its size.`;
    return cannot('seam.outline-long', text, LONGEST_MM, lengthMm);
  }
  return spec.side === 'usual' ? made : { ...made, allowanceOn: made.allowanceOn === 'left' ? 'right' : 'left' };
}

type Of<F extends OutlineSpec['from']> = Extract<OutlineSpec, { from: F }>;
const MAKE: { [F in OutlineSpec['from']]: (spec: Of<F>) => Outline | Cannot } = {
  shape: ({ shape, sizes }) => {
    const found = OUTLINE_SHAPES.find(({ id }) => id === shape);
    if (!found) return cannot('seam.outline-shape', `There is no shape "${shape}": choose another.`);
    const kept = found.sizes.map(({ key, usual, least, most }) => {
      const value = sizes[key] ?? usual;
      return [key, clamp(Number.isFinite(value) ? value : usual, least, most)] as const;
    });
    return found.make(Object.fromEntries(kept));
  },
  drawn: ({ parts, closed }) => {
    const points = walkParts(parts);
    const [first, last] = [points[0], points.at(-1)!];
    const meets = points.length > 2 && Math.hypot(last.x - first.x, last.y - first.y) < MEETS_MM;
    return withSide(points, closed || meets);
  },
  svg: ({ d, mmPerUnit }) => {
    if (d === '') return withSide([], false);
    const read = readSvgOutline(d);
    if (!read) return cannot('seam.outline-unread', 'The path in this file is empty: load another file.');
    return withSide(
      read.points.map(({ x, y }) => ({ x: x * mmPerUnit, y: y * mmPerUnit })),
      read.closed,
    );
  },
};

/** Round a closed line the allowance lies outside; beside an open one it lies on the left until the person says otherwise. */
function withSide(points: Point[], closed: boolean): Outline {
  const turned = points.reduce((sum, a, i) => {
    const b = points[(i + 1) % points.length];
    return sum + a.x * b.y - b.x * a.y;
  }, 0);
  return { points, closed, allowanceOn: closed && turned < 0 ? 'right' : 'left' };
}
