import * as z from 'zod';
import { SECURES } from '../../physics';

/** How the seam is held, cut, begun, secured and pressed: everything but the dials. */
export const planSchema = z.strictObject({
  seam: z.string(),
  start: z.array(z.string()),
  secure: z.enum(SECURES),
  hold: z.array(
    z.enum(['pins', 'ballpoint-pins', 'silk-pins-in-allowance', 'clips', 'weights', 'baste', 'glue', 'tape']),
  ),
  leader: z.boolean(),
  tissue: z.boolean(),
  cut: z.strictObject({
    layers: z.enum(['single', 'double']),
    tool: z.string(),
    sandwich: z.boolean(),
    oneWay: z.boolean(),
  }),
  mark: z.string(),
  press: z.strictObject({
    maxSolePlateC: z.number(),
    pressCloth: z.boolean(),
    steam: z.enum(['yes', 'little', 'no']),
  }),
  speed: z.enum(['slow', 'steady', 'free']),
  notes: z.array(z.string()),
});
export type SewingPlan = z.infer<typeof planSchema>;
