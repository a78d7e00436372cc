import * as z from 'zod';
import { provenanceSchema } from './provenance';

/** Why one parameter is what it is. */
export const reasonSchema = z.strictObject({
  parameter: z.string(),
  rule: z.string(),
  text: z.string(),
  provenance: provenanceSchema,
});
export type Reason = z.infer<typeof reasonSchema>;
