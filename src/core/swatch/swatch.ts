import * as z from 'zod';
import { lineMeasuresSchema } from '../card';
import { idSchema, momentSchema, oneOf, wholeWithin, words } from '../result';
import { operationSchema, setupSchema } from '../setup';
import { SIGNS } from '../stitch';

/** A sign seen on a line. Severity 1 slight, 2 plain, 3 bad. */
export const findingSchema = z.strictObject({
  sign: oneOf(SIGNS),
  severity: wholeWithin(1, 3, 'a severity'),
});
export type Finding = z.infer<typeof findingSchema>;

/** A test piece: one cloth, one seam, one machine, lines sewn on it. */
export const swatchSchema = z.strictObject({
  id: idSchema,
  clothId: idSchema,
  machineId: idSchema,
  operation: operationSchema,
  startedAt: momentSchema,
  name: words('a name', 120),
});
export type Swatch = z.infer<typeof swatchSchema>;

/** One trial on a scrap: what was set, what was measured, what was seen. */
export const lineSchema = z.strictObject({
  id: idSchema,
  swatchId: idSchema,
  number: wholeWithin(1, 999, 'a line number'),
  setup: setupSchema,
  direction: oneOf(['across', 'along', 'bias']).default('across'),
  measures: lineMeasuresSchema,
  findings: z.array(findingSchema).default([]),
  /** True once the person looked and saw nothing wrong. */
  looked: z.boolean().default(false),
  status: oneOf(['sewing', 'passed', 'failed']),
  sewnAt: momentSchema,
  notes: z.string().max(2000, 'expected at most 2000 letters').default(''),
  /** The one thing changed from the line before, as diagnosis names it. */
  change: words('a change', 60).optional(),
});
export type Line = z.infer<typeof lineSchema>;
