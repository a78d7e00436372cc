import * as z from 'zod';
import { above0, wholeWithin, within } from '../result';

/** The sole of a usual foot, mm, and the share of its thickness that a layer keeps under it (model). */
export const SOLE_MM = 15;
export const SQUASH = 0.8;

/** A step in thickness under the foot. Lengths in mm; squash is what a layer keeps of its thickness. */
export const humpInputSchema = z
  .strictObject({
    layerMm: above0('a thickness in mm', 20),
    lowLayers: wholeWithin(1, 40, 'a whole number of layers'),
    highLayers: wholeWithin(1, 60, 'a whole number of layers'),
    soleMm: above0('a length in mm', 100).default(SOLE_MM),
    squash: within(0.1, 1, 'a share').default(SQUASH),
    liftMm: above0('a lift in mm', 20).default(5),
    extraLiftMm: within(0, 20, 'a lift in mm').default(2),
  })
  .refine((h) => h.highLayers >= h.lowLayers, { path: ['highLayers'], error: 'expected at least lowLayers' });

/** A hump and how to get over it. */
export interface Hump {
  stepMm: number;
  /** How far the foot tips, degrees. */
  tiltDeg: number;
  /** Height of the shim that levels the foot, mm, and the folds of the same cloth that make it. */
  shimMm: number;
  folds: number;
  /** Whether the high side goes under the foot at its normal lift, at its extra lift, or not at all. */
  clears: 'normal' | 'extra' | 'no';
}

/**
 * A hump where layers pile up: how far the foot tips, and what levels it.
 *
 * The step is the layers more × thickness × squash; the foot tips by atan(step / sole). The shim behind the foot (then
 * in front, coming down) is as high as the step: as many folds of the same cloth as there are layers more.
 *
 * @param input - layers, thickness of one, sole length and lifts in mm
 * @returns heights in mm, tilt in degrees, whole folds
 * @example
 * humpOver({ layerMm: 0.8, lowLayers: 3, highLayers: 9, soleMm: 15, squash: 0.8, liftMm: 5, extraLiftMm: 2 }) // => { stepMm: 3.84, tiltDeg: 14.36, shimMm: 3.84, folds: 6, clears: 'extra' }
 */
export function humpOver(input: z.infer<typeof humpInputSchema>): Hump {
  const { layerMm, lowLayers, highLayers, soleMm, squash, liftMm, extraLiftMm } = input;
  const more = highLayers - lowLayers;
  const stepMm = more * layerMm * squash;
  const high = highLayers * layerMm * squash;
  return {
    stepMm,
    tiltDeg: (Math.atan(stepMm / soleMm) * 180) / Math.PI,
    shimMm: stepMm,
    folds: more,
    clears: high <= liftMm ? 'normal' : high <= liftMm + extraLiftMm ? 'extra' : 'no',
  };
}
