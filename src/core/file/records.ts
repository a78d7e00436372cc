import * as z from 'zod';
import { clothSchema, stretchMarksSchema } from '../cloth';
import { idSchema, momentSchema } from '../card';
import { kitSchema, machineSchema } from '../kit';
import { oneOf, within, words } from '../result';
import { READINGS, setupSchema } from '../setup';

/** One pull of a folded edge, as it was read. Marks in mm. */
export const stretchReadingSchema = z.strictObject({
  direction: oneOf(['across', 'along']),
  marks: stretchMarksSchema,
  at: momentSchema,
});
export type StretchReading = z.infer<typeof stretchReadingSchema>;

/** A cloth in the drawer: what computations take, and what only people need. */
export const clothRecordSchema = z.strictObject({
  id: idSchema,
  /** Name, structure, family and what was typed in; stretch and recovery come from the readings where there are any. */
  cloth: clothSchema.safeExtend({ name: words('a name') }),
  colour: z.string().regex(/^#[0-9a-f]{6}$/i, 'expected a colour such as #a1b2c3'),
  readings: z.array(stretchReadingSchema).max(200, 'expected at most 200 readings').default([]),
  notes: z.string().max(2000, 'expected at most 2000 letters').default(''),
  addedAt: momentSchema,
});
export type ClothRecord = z.infer<typeof clothRecordSchema>;

/** A machine in the workroom. */
export const machineRecordSchema = z.strictObject({
  id: idSchema,
  machine: machineSchema.safeExtend({ name: words('a name') }),
  addedAt: momentSchema,
});
export type MachineRecord = z.infer<typeof machineRecordSchema>;

/** What is threaded and dialled on a machine right now. */
export const onMachineSchema = z.strictObject({
  machineId: idSchema,
  setup: setupSchema,
  /** Readings nobody has looked at yet. */
  unsure: z.array(oneOf(READINGS)).default([]),
  clothName: words('a name').nullable(),
  since: momentSchema,
  needleHours: within(0, 1000, 'hours').default(0),
});
export type OnMachine = z.infer<typeof onMachineSchema>;

/** The workroom's one kit. Null while the person has not said what is owned: then everything may be chosen. */
export const kitRecordSchema = z.strictObject({ kit: kitSchema.nullable() });
export type KitRecord = z.infer<typeof kitRecordSchema>;
