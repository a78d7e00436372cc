import { clamp } from '../numbers';

/**
 * Where to set the guide bar so that quilting lines fill a width evenly.
 *
 * The distance wanted is bent a little so that a whole number of gaps fits between the first line and the last.
 *
 * @param widthMm - from the first line to the last, mm, above 0
 * @param wantedMm - distance wanted between lines, mm, above 0
 * @returns number of lines and the guide-bar setting in mm
 * @example
 * quiltLines(500, 60) // => { lines: 9, spacingMm: 62.5 }
 */
export function quiltLines(widthMm: number, wantedMm: number): { lines: number; spacingMm: number } {
  const gaps = Math.max(1, Math.round(widthMm / wantedMm));
  return { lines: gaps + 1, spacingMm: widthMm / gaps };
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
