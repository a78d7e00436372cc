import * as z from 'zod';
import { clothSchema } from '../cloth';
import { machineSchema } from '../kit';
import { words } from '../result';
import { operationSchema, setupSchema } from '../setup';
import { lineMeasuresSchema } from './measures';

/** A moment, as ISO 8601 text in UTC. */
export const momentSchema = z.iso.datetime({
  error: 'expected a date and time such as 2026-03-01T10:00:00Z',
});
/** A key of a stored thing. */
export const idSchema = words('a key', 80);

/** A setting that passed on scrap, frozen with everything it was passed on. */
export const cardSchema = z.strictObject({
  id: idSchema,
  name: words('a name', 120),
  passedAt: momentSchema,
  clothId: idSchema,
  cloth: clothSchema,
  operation: operationSchema,
  machineId: idSchema,
  machine: machineSchema,
  setup: setupSchema,
  measures: lineMeasuresSchema,
  lineId: idSchema,
  notes: z.string().max(2000, 'expected at most 2000 letters').default(''),
});
export type Card = z.infer<typeof cardSchema>;

/** What a tested card must say to be learned from; a whole card says it too. */
export const testedCardSchema = cardSchema.partial().required({ cloth: true, operation: true, setup: true });
export type TestedCard = z.infer<typeof testedCardSchema>;
