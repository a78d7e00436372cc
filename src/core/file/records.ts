import * as z from 'zod';
import { OFFSETS } from '../card';
import { keptReadingSchema, knownClothSchema } from '../cloth';
import { bladeSchema, careKindSchema, FEET, ownMachineSchema, PINS, PLATES } from '../kit';
import { amountOf, amountSchema, idSchema, momentSchema, oneOf, within, words } from '../result';
import { READINGS, setupSchema } from '../setup';

const notes = z.string().max(2000, 'expected at most 2000 letters').default('');
/** Where a thing is kept, in the person's own words. */
const where = z.string().trim().max(120, 'expected at most 120 letters').default('');
const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'expected a colour such as #a1b2c3');
const hours = (max: number) => within(0, max, 'hours');

/** A cloth in the drawer: what computations take, and what only people need. */
export const clothRecordSchema = z.strictObject({
  id: idSchema,
  /** Name, structure, family and what was typed in; what the gauges read is in the readings. */
  cloth: knownClothSchema.safeExtend({ name: words('a name') }),
  colour,
  readings: z.array(keptReadingSchema).max(400, 'expected at most 400 readings').default([]),
  photoId: idSchema.optional(),
  where,
  notes,
  /** Out of the way, but kept: cards and scraps may still point at it. */
  archivedAt: momentSchema.optional(),
  addedAt: momentSchema,
});
export type ClothRecord = z.infer<typeof clothRecordSchema>;

const everySchema = z.strictObject({
  everyHours: within(0.5, 5000, 'hours').nullable(),
  everyMonths: within(1, 240, 'months').nullable(),
});

/** A machine in the workroom. */
export const machineRecordSchema = z.strictObject({
  id: idSchema,
  machine: ownMachineSchema.safeExtend({ name: words('a name') }),
  /** Hours the needle ran, counted from sewing. */
  sewn: amountSchema(100000, 'hours').default([]),
  /** Where its owner cares for it more or less often than usual. */
  careEvery: z.partialRecord(careKindSchema, everySchema).optional(),
  /** Moments before which its cards no longer teach, by what they teach. */
  forgotten: z.partialRecord(oneOf(OFFSETS), momentSchema).optional(),
  archivedAt: momentSchema.optional(),
  addedAt: momentSchema,
});
export type MachineRecord = z.infer<typeof machineRecordSchema>;

/** Hours a machine has sewn. */
export const sewnHours = ({ sewn }: Pick<MachineRecord, 'sewn'>): number => amountOf(sewn);

/** What is threaded and dialled on a machine right now. */
export const onMachineSchema = z.strictObject({
  machineId: idSchema,
  setup: setupSchema,
  /** Readings nobody has looked at yet. */
  unsure: z.array(oneOf(READINGS)).default([]),
  /** The cloth it is set for; null when that is not known. */
  clothId: idSchema.nullable().default(null),
  /** What that cloth was called, where older notes say only its name and more than one cloth answers to it, or none. */
  clothNamed: words('a name').optional(),
  since: momentSchema,
  /** Hours of a needle that is not in the stock; one of the stock keeps its own. */
  needleSewn: amountSchema(1000, 'hours').default([]),
  /** Which needle of the stock it is; null for one that is not in the stock. */
  needleId: idSchema.nullable().default(null),
});
export type OnMachine = z.infer<typeof onMachineSchema>;

/**
 * What a machine is set for, as that cloth is called now.
 *
 * @param on - what is on the machine
 * @param cloths - the drawer
 * @returns the name an older note says where it does not tell which cloth; null where nothing is known
 */
export const setForName = (
  on: Pick<OnMachine, 'clothId' | 'clothNamed'> | null | undefined,
  cloths: readonly { id: string; cloth: { name: string } }[],
): string | null => cloths.find(({ id }) => id === on?.clothId)?.cloth.name ?? on?.clothNamed ?? null;

/** Something done to keep a machine well. */
export const careRecordSchema = z.strictObject({
  id: idSchema,
  machineId: idSchema,
  kind: careKindSchema,
  /** Which foot is new, where one is. */
  foot: oneOf(FEET).optional(),
  at: momentSchema,
  atHours: hours(100000),
  notes,
});
export type CareRecord = z.infer<typeof careRecordSchema>;

/** A small picture of a real thing, as a data address. */
export const photoRecordSchema = z.strictObject({
  id: idSchema,
  data: z
    .string()
    .regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'expected a picture as a data address')
    .max(3_000_000, 'expected a picture of at most 2 MB'),
  widthPx: within(1, 4000, 'a width in pixels'),
  heightPx: within(1, 4000, 'a height in pixels'),
  takenAt: momentSchema,
});
export type PhotoRecord = z.infer<typeof photoRecordSchema>;

/** What Match may choose from: everything on sale, or what is owned. Feet and plates are null for everything on sale. */
export const kitRecordSchema = z.strictObject({
  feet: z.array(oneOf(FEET)).nullable().default(null),
  /** Feet that are owned but archived: not suggested, not deleted. */
  away: z.array(oneOf(FEET)).default([]),
  plates: z.array(oneOf(PLATES)).nullable().default(null),
  /** Where a foot or a plate is kept. */
  kept: z.partialRecord(oneOf([...FEET, ...PLATES.map((plate) => `plate-${plate}` as const)]), where).default({}),
  needles: oneOf(['any', 'owned']).default('any'),
  threads: oneOf(['any', 'owned']).default('any'),
  overlocker: z.boolean({ error: 'expected true or false' }).default(false),
  /** What is owned to hold layers with; null while nobody has said. */
  pins: z.array(oneOf(PINS)).nullable().default(null),
  /** What is owned to cut with, and since when its edge is fresh. */
  blades: z
    .array(
      z.strictObject({
        id: idSchema,
        kind: bladeSchema,
        freshAt: momentSchema.optional(),
        /** Metres its owner keeps it for; left out, as usual for its kind. */
        keepsM: within(1, 5000, 'metres').optional(),
        /** What it has cut, in metres of ordinary fabric. */
        cut: amountSchema(5000, 'metres').default([]),
        notes,
      }),
    )
    .max(40, 'expected at most 40 blades')
    .default([]),
});
export type KitRecord = z.infer<typeof kitRecordSchema>;
export { colour as colourSchema, where as whereSchema, notes as notesSchema };
