import { clamp } from '../numbers';

/**
 * Where to set the guide bar so that quilting lines fill a width evenly, counted from the middle line outwards.
 *
 * The distance wanted is bent a little so that as many gaps lie on either side of the middle; a line that would fall on the raw
 * edge is none.
 *
 * @param widthMm - across the piece, from raw edge to raw edge, mm, above 0
 * @param wantedMm - distance wanted between lines, mm, above 0
 * @returns number of lines and the guide-bar setting in mm
 * @example
 * quiltLines(500, 60) // => { lines: 7, spacingMm: 62.5 }
 * quiltLines(500, 400) // => { lines: 1, spacingMm: 250 }
 */
export function quiltLines(widthMm: number, wantedMm: number): { lines: number; spacingMm: number } {
  const gaps = 2 * Math.max(1, Math.round(widthMm / wantedMm / 2));
  return { lines: gaps - 1, spacingMm: widthMm / gaps };
}

/**
 * How far apart to pin stripes or strips so that creep between two pins stays within a tolerance.
 *
 * @param shiftPer300Mm - layer shift over 300 mm, mm, from the model or a measured line
 * @param toleranceMm - how far a stripe may be off, mm, above 0
 * @returns mm between pins, from 10 to 150
 * @example
 * pinInterval(4, 0.5) // => 37.5
 * pinInterval(0, 0.5) // => 150
 */
export function pinInterval(shiftPer300Mm: number, toleranceMm: number): number {
  const creep = Math.abs(shiftPer300Mm) / 300;
  return clamp(creep === 0 ? Infinity : toleranceMm / creep, 10, 150);
}
