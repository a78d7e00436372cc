import * as z from 'zod';
import { oneOf } from '../result';
import { FEET, FOOT, PLATES } from './feet';
import { ALL_NEEDLES, needleSchema } from './needles';
import { ALL_THREADS, ownedThreadSchema } from './threads';
import { PINS } from './tools';

/** What is owned. A part left out of the input means that everything may be chosen; an empty list, that none is owned. */
export const kitSchema = z.strictObject({
  needles: z.array(needleSchema).default([...ALL_NEEDLES]),
  threads: z.array(ownedThreadSchema).default([...ALL_THREADS]),
  feet: z.array(oneOf(FEET)).default(FEET.filter((foot) => !FOOT[foot].builtIn)),
  plates: z.array(oneOf(PLATES)).default([...PLATES]),
  overlocker: z.boolean().default(false),
  /** Pins, clips and weights; left out, every kind may be chosen. */
  pins: z.array(oneOf(PINS)).optional(),
});
export type Kit = z.infer<typeof kitSchema>;

/** Everything that is commonly sold (a feed built into the machine is not sold, so it is not here). */
export const FULL_KIT: Kit = kitSchema.parse({});
