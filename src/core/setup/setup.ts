import * as z from 'zod';
import { FEET, needleSchema, PLATES, threadSchema } from '../kit';
import { above0, oneOf, within } from '../result';
import { STITCHES } from '../stitch';

/** A complete setting. Lengths in mm; tension in steps from the machine's normal; pressure 0 … 0.5 normal … 1. */
export const setupSchema = z.strictObject({
  needle: needleSchema,
  thread: threadSchema,
  bobbin: threadSchema.optional(),
  foot: oneOf(FEET),
  footSide: oneOf(['left', 'right']).optional(),
  plate: oneOf(PLATES),
  stitch: oneOf(STITCHES),
  lengthMm: above0('a length in mm', 12),
  widthMm: within(0, 12, 'a width in mm'),
  needlePositionMm: within(-6, 6, 'a place in mm').default(0),
  tensionSteps: within(-10, 10, 'whole or half steps').multipleOf(0.5, 'expected whole or half steps').default(0),
  pressure: within(0, 1, 'a share').default(0.5),
});
export type Setup = z.infer<typeof setupSchema>;
