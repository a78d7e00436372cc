import * as z from 'zod';
import { knownClothSchema } from '../cloth';
import { ownMachineSchema } from '../kit';
import { idSchema, momentSchema, words } from '../result';
import { operationSchema, setupSchema } from '../setup';
import { lineMeasuresSchema } from './measures';

/** What was proven where more than the stitch was: the operation it was sewn in, and which of its rows. */
export const provesSchema = z.strictObject({
  procedureId: words('an operation', 60),
  row: words('a row', 60).nullable(),
});
export type Proves = z.infer<typeof provesSchema>;

/** A setting that passed on scrap, frozen with everything it was passed on. */
export const cardSchema = z.strictObject({
  id: idSchema,
  name: words('a name', 120),
  passedAt: momentSchema,
  clothId: idSchema,
  cloth: knownClothSchema,
  operation: operationSchema,
  /** Which cloth the second one of the operation is; null where there is none, or nobody knows. */
  secondId: idSchema.nullable().default(null),
  machineId: idSchema,
  machine: ownMachineSchema,
  setup: setupSchema,
  measures: lineMeasuresSchema,
  lineId: idSchema,
  /** What was sewn to prove it; null for the stitch alone. */
  proves: provesSchema.nullable().default(null),
  /** The version of the tables its setting came from; empty where that is not known. */
  knowledge: z.string().max(60, 'expected at most 60 letters').default(''),
  /** What those tables alone recommended for its question; left out where nobody kept it. */
  answered: setupSchema.optional(),
  /** Where the scrap is kept, in the person's own words. */
  where: z.string().trim().max(120, 'expected at most 120 letters').default(''),
  photoId: idSchema.optional(),
  /** Proven on a simulated machine: never a real result. */
  simulated: z.boolean({ error: 'expected true or false' }).default(false),
  /** Every time it was proven again, and what had made it stale. */
  provenAgain: z
    .array(
      z.strictObject({
        id: idSchema,
        at: momentSchema,
        lineId: idSchema,
        because: z.array(words('a reason', 300)).max(20),
      }),
    )
    .max(200, 'expected at most 200 proofs')
    .default([]),
  notes: z.string().max(2000, 'expected at most 2000 letters').default(''),
});
export type Card = z.infer<typeof cardSchema>;

/** What a tested card must say to be learned from; a whole card says it too. */
export const testedCardSchema = cardSchema.partial().required({ cloth: true, operation: true, setup: true });
export type TestedCard = z.infer<typeof testedCardSchema>;
