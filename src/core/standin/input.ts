import * as z from 'zod';
import { clothSchema } from '../cloth';
import { oneOf, wholeWithin, within } from '../result';
import { OPERATION, operationSchema, setupSchema } from '../setup';
import { SIGNS } from '../stitch';
import { quirksOf } from './quirks';
import { sewnPicture } from './picture';
import type { Raster } from './raster';
import { type SewInput, sewLine, type SewnLine } from './sew';

/** What the stand-in is asked to sew, and which machine it is. */
export const sewInputSchema = z.strictObject({
  setup: setupSchema,
  cloth: clothSchema,
  operation: operationSchema.optional(),
  machineSeed: wholeWithin(0, 2 ** 31, 'a whole number'),
  lengthMm: within(20, 1000, 'a length in mm').default(100),
  direction: oneOf(['across', 'along', 'bias']).default('across'),
});

/** A line the stand-in sewed. */
export const sewOutputSchema = z.strictObject({
  measures: z.strictObject({
    stitches: z.number(),
    overMm: z.number(),
    afterMm: z.number(),
    shiftMm: z.number(),
    popPercent: z.number(),
    ridgeMm: z.number(),
    pucker: z.number().min(1).max(5),
  }),
  findings: z.array(z.strictObject({ sign: oneOf(SIGNS), severity: z.number() })),
  simulated: z.literal(true),
});

type Sew = z.output<typeof sewInputSchema>;

/**
 * Sews a line on the stand-in machine of a seed.
 *
 * @param input - checked input
 * @returns measures and signs, marked as simulated
 */
export function sew(input: Sew): SewnLine {
  return sewLine(lineOf(input), quirksOf(input.machineSeed), seedOf(input));
}

/** Pixels to the mm of a written picture. */
const PX_PER_MM = 10;

/**
 * The picture of the line that `sew` sews, front above back, at 10 pixels to the mm.
 *
 * @param input - checked input
 * @returns the picture
 */
export function sewPicture(input: Sew): Raster {
  return sewnPicture(lineOf(input), quirksOf(input.machineSeed), seedOf(input), PX_PER_MM);
}

const seedOf = ({ machineSeed }: Sew) => machineSeed + 1;

function lineOf({ setup, cloth, operation, lengthMm, direction }: Sew): SewInput {
  const layers = operation ? (operation.layers ?? OPERATION[operation.kind].layers) : 2;
  return { setup, cloth, lengthMm, direction, layers };
}
