import * as z from 'zod';
import { above0, idSchema, momentSchema, oneOf, wholeWithin, within, words } from '../result';
import { FEET } from './feet';
import { threadSchema } from './threads';

/** Stitches counted between two marks at one dial length. */
export const lengthCountSchema = z
  .strictObject({
    dialMm: above0('a length on the dial', 12),
    stitches: wholeWithin(1, 2000, 'a number of stitches'),
    overMm: within(20, 1000, 'a marked length in mm'),
    at: momentSchema,
  })
  .refine((c) => plausible(c.overMm / c.stitches, c.dialMm), {
    path: ['stitches'],
    error: 'expected a count between half and twice what the dial says: count again, between the two marks only',
  });
export type LengthCount = z.infer<typeof lengthCountSchema>;

/** The whole swing measured at one dial width. */
export const widthMeasureSchema = z
  .strictObject({
    dialMm: above0('a width on the dial', 12),
    trueMm: above0('a width in mm', 15),
    at: momentSchema,
  })
  .refine((m) => plausible(m.trueMm, m.dialMm), {
    path: ['trueMm'],
    error: 'expected a width between half and twice what the dial says: measure the full width, side to side',
  });
export type WidthMeasure = z.infer<typeof widthMeasureSchema>;

/** Thread wound off one full bobbin. */
export const bobbinMeasureSchema = z.strictObject({
  metres: within(1, 500, 'a length in m'),
  thread: threadSchema,
  at: momentSchema,
});
export type BobbinMeasure = z.infer<typeof bobbinMeasureSchema>;

/** How far the top of two equal layers ended behind the bottom one (negative: ahead), and what the model had said. */
export const feedMeasureSchema = z
  .strictObject({
    shiftMm: within(-60, 60, 'a difference in mm'),
    overMm: within(100, 2000, 'a length in mm'),
    foot: oneOf(FEET),
    pressure: within(0, 1, 'a pressure'),
    /** The cloth, by id where it is known which, and by the name it had then. */
    clothId: idSchema.nullable().default(null),
    clothName: words('a fabric'),
    /** Measured against the model for that cloth, foot and pressure; null where the model expects no shift. */
    factor: within(-50, 50, 'a factor').nullable(),
    at: momentSchema,
  })
  .refine((f) => Math.abs(f.shiftMm) <= f.overMm / 5, {
    path: ['shiftMm'],
    error: 'expected at most a fifth of the row: the layers cannot have been the same length',
  });
export type FeedMeasure = z.infer<typeof feedMeasureSchema>;

const many = <T extends z.ZodType>(schema: T) => z.array(schema).max(200, 'expected at most 200 measures').default([]);

const kept = { id: idSchema };

/** Everything that was measured on one machine, each measure with an id of its own. */
export const calibrationSchema = z.strictObject({
  length: many(lengthCountSchema.safeExtend(kept)),
  width: many(widthMeasureSchema.safeExtend(kept)),
  bobbin: many(bobbinMeasureSchema.safeExtend(kept)),
  feed: many(feedMeasureSchema.safeExtend(kept)),
});
export type Calibration = z.infer<typeof calibrationSchema>;

/** A dial that is out by more than this is a slip of the count, or a machine for a technician. */
function plausible(trueMm: number, dialMm: number): boolean {
  return trueMm >= dialMm * 0.5 && trueMm <= dialMm * 2;
}
