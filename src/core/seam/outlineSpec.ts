import * as z from 'zod';
import { above0, oneOf, within, words } from '../result';

const side = oneOf(['usual', 'other']);

/** A piece of a line that is drawn by numbers, mm and degrees; right turns are above 0, a corner has no radius. */
export const outlinePartSchema = z.union([
  z.strictObject({ straightMm: above0('a length in mm', 3000) }),
  z.strictObject({ radiusMm: within(0, 3000, 'a radius in mm'), turnDeg: within(-360, 360, 'an angle in degrees') }),
]);

/** A line of any shape as a person gives it: picked, drawn by numbers, or read from a picture file. */
export const outlineSpecSchema = z.discriminatedUnion('from', [
  z.strictObject({
    from: z.literal('shape'),
    shape: words('a shape', 40),
    sizes: z.record(z.string(), z.number()).default({}),
    side: side.default('usual'),
  }),
  z.strictObject({
    from: z.literal('drawn'),
    parts: z.array(outlinePartSchema).max(60, 'expected at most 60 pieces'),
    closed: z.boolean().default(false),
    side: side.default('usual'),
  }),
  z.strictObject({
    from: z.literal('svg'),
    name: z.string().max(200, 'expected at most 200 letters').default(''),
    /** Its first path, with every transform already in it. */
    d: z.string().max(200_000, 'expected at most 200000 letters'),
    /** How large one unit of the file is on the cloth. */
    mmPerUnit: above0('mm for one unit', 1000),
    side: side.default('usual'),
  }),
]);
export type OutlineSpec = z.infer<typeof outlineSpecSchema>;
