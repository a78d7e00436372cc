import type { Blocked } from '../result';
import { type Interlocked, INTERLOCKS } from './interlocks';

/** An interlock that closed, and whether the needle would have hit metal. */
export interface Closed extends Blocked {
  strike: boolean;
}

/**
 * Everything that would break a needle or cannot be set on this machine.
 *
 * @param input - setting, machine, total stitched thickness in mm
 * @returns what is in the way, most serious first; empty when the setting is safe to dial
 * @example
 * checkInterlocks({ setup: { plate: 'straight', foot: 'standard', stitch: 'zigzag', lengthMm: 2, widthMm: 3, needle: { point: 'universal', nm: 80 }, needlePositionMm: 0, tensionSteps: 0, pressure: 0.5 }, machine: { stitches: ['zigzag'], plates: ['straight'], maxLengthMm: 5, maxWidthMm: 7, straightHoleMm: 0, footLiftMm: 5, extraLiftMm: 0, pressureDial: null, tensionDial: { min: 0, max: 9, normal: 4, step: 1 }, needlePositions: 1 }, thicknessMm: 1 }).map((b) => b.code) // => ['interlock.plate-needs-straight']
 */
export function checkInterlocks(input: Interlocked): Closed[] {
  return INTERLOCKS.flatMap(({ code, strike, check }) => {
    const found = check(input);
    return found ? [{ code, ...found, strike }] : [];
  });
}
