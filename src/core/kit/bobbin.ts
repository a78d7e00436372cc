import * as z from 'zod';
import { above0, oneOf, within } from '../result';
import { threadDiameterMm } from './needleThreadFit';
import { THREAD_FIBRES } from './threads';

/** The share of a bobbin that thread fills, while it is not calibrated (model). */
export const PACKING = 0.65;

/** A bobbin to be wound. Lengths in mm; packing is the share of the space that thread fills. */
export const bobbinInputSchema = z
  .strictObject({
    outerMm: above0('a diameter in mm', 100),
    hubMm: above0('a diameter in mm', 100),
    widthMm: above0('a width in mm', 100),
    tex: above0('a Tex number', 400),
    fibre: oneOf(THREAD_FIBRES).default('polyester'),
    packing: within(0.1, 1, 'a share').default(PACKING),
  })
  .refine((b) => b.hubMm < b.outerMm, { path: ['hubMm'], error: 'expected less than the outer diameter' });

/**
 * How much thread a bobbin holds.
 *
 * The ring between hub and rim, filled to `packing` with thread of the diameter used for needle eyes. Winding tension
 * changes the packing: calibrate it by winding off one bobbin, and plan on 90 %.
 *
 * @param input - bobbin and thread
 * @returns metres
 * @example
 * bobbinCapacity({ outerMm: 20.3, hubMm: 7, widthMm: 9, tex: 27, fibre: 'polyester', packing: 0.65 }).metres // => 51.16
 */
export function bobbinCapacity(input: z.infer<typeof bobbinInputSchema>): { metres: number } {
  const { outerMm, hubMm, widthMm, packing } = input;
  const room = (Math.PI / 4) * (outerMm ** 2 - hubMm ** 2) * widthMm * packing;
  const thread = (Math.PI / 4) * threadDiameterMm(input) ** 2;
  return { metres: room / thread / 1000 };
}
