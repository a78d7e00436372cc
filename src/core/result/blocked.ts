import * as z from 'zod';

/** An expected "cannot": what stands in the way, and by how much where that is a number. */
export const blockedSchema = z.strictObject({
  code: z.string(),
  text: z.string(),
  limit: z.number().optional(),
  actual: z.number().optional(),
  unit: z.string().optional(),
});
export type Blocked = z.infer<typeof blockedSchema>;
