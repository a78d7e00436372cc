import * as z from 'zod';
import { clothSchema } from '../cloth';
import { above0, oneOf, within, wholeWithin } from '../result';
import { OPERATION_KINDS } from './operations';

/** One seam to be sewn. Give in percent; allowance, radius and length in mm; `second` is the other cloth, if it differs. */
export const operationSchema = z.strictObject({
  kind: oneOf(OPERATION_KINDS),
  layers: wholeWithin(1, 12, 'a whole number of layers').optional(),
  /** Of a hem: left out, as its cloth is usually turned. */
  folds: wholeWithin(1, 2, 'one fold or two').optional(),
  requiredGive: within(0, 400, 'a give in percent').optional(),
  direction: oneOf(['across', 'along', 'bias']).optional(),
  allowanceMm: above0('an allowance in mm', 200).optional(),
  radiusMm: above0('a radius in mm', 5000).optional(),
  lengthMm: above0('a length in mm').optional(),
  second: clothSchema.optional(),
});
export type Operation = z.infer<typeof operationSchema>;
