import * as z from 'zod';
import { MEASURABLE } from '../cloth';
import { riskSchema } from '../physics';
import { blockedSchema } from '../result';
import { reasonSchema } from './explain/reason';
import { rejectedSchema } from './explain/rejected';
import { setupSchema } from '../setup';
import { planSchema } from './plan/plan';

/** How far the chosen seam must and will give, in percent. */
export const giveAnswerSchema = z.strictObject({
  required: z.number(),
  assumed: z.boolean(),
  estimate: z.tuple([z.number(), z.number()]),
  measured: z.number().optional(),
});

/** The whole answer to a match question. */
export const matchOutputSchema = z.strictObject({
  setup: setupSchema.nullable(),
  machineReads: z
    .strictObject({
      stitch: z.string().optional(),
      length: z.string(),
      width: z.string(),
      tension: z.string(),
      pressure: z.string(),
      needlePosition: z.string(),
    })
    .nullable(),
  plan: planSchema,
  give: giveAnswerSchema,
  risks: z.array(riskSchema),
  reasons: z.array(reasonSchema),
  alternatives: z.array(z.strictObject({ setup: setupSchema, why: z.string(), loses: z.string() })),
  missing: z.array(z.strictObject({ what: z.string(), gains: z.string() })),
  rejected: z.array(rejectedSchema),
  blocked: z.array(blockedSchema),
  cautions: z.array(z.string()),
  measureNext: z.array(z.strictObject({ measure: z.enum(MEASURABLE), why: z.string(), changes: z.array(z.string()) })),
  confidence: z.number().min(0).max(1),
  confidenceDrivers: z.array(z.string()),
});
export type MatchOutput = z.infer<typeof matchOutputSchema>;

/** The part of the answer that is ready at once; the rest takes further searches. */
export type MatchAnswer = Omit<MatchOutput, 'missing' | 'measureNext'>;
/** What would sharpen the answer or improve the kit. */
export type MatchSharpening = Pick<MatchOutput, 'missing' | 'measureNext'>;
