import * as z from 'zod';
import { idSchema } from '../result';

/**
 * A moment of a hybrid logical clock: when, which of several at that moment, and on which device.
 *
 * Sorted as text, later ones come later, whatever the clocks of two devices say.
 */
export const stampSchema = z
  .string()
  .regex(/^\d{4}-\d\d-\d\dT\d\d:\d\d:\d\d\.\d{3}Z-[0-9a-z]{4}-[0-9a-z]{1,16}$/, 'expected a stamp of the change log');

/** When one record was written first, and when each of its fields was changed after that. */
export const stampedSchema = z.strictObject({
  list: z.string().max(40),
  id: idSchema,
  at: stampSchema,
  /** By field; an entry of a list by `field/id`. */
  fields: z.record(z.string().max(200), stampSchema).default({}),
});
export type Stamped = z.output<typeof stampedSchema>;

/** A record that was deleted, so that another device can hear of it. */
export const deletedSchema = z.strictObject({
  list: z.string().max(40),
  id: idSchema,
  at: stampSchema,
  /** The stamps it had, and a sum of what was in it: brought back as it was, it has them again. */
  was: z
    .strictObject({
      at: stampSchema,
      fields: z.record(z.string().max(200), stampSchema),
      sum: z.string().max(40),
    })
    .optional(),
});
export type Deleted = z.output<typeof deletedSchema>;

/** Stamps given out at one moment before the clock is pushed on. */
const AT_ONE_MOMENT = 36 ** 4;

/**
 * The next moment of a hybrid logical clock.
 *
 * Method: the published hybrid logical clock in its usual form: never before the last one seen, counting on where the
 * computer's clock stands still or runs behind.
 *
 * @param last - the newest stamp seen, of this device or another; null for none
 * @param nowMs - what the computer's clock says, ms since 1970
 * @param device - this device, one to sixteen letters and digits
 * @returns a stamp that sorts behind the last one
 * @example
 * nextStamp(null, 0, 'a') // => '1970-01-01T00:00:00.000Z-0000-a'
 * nextStamp('1970-01-01T00:00:00.005Z-0000-b', 0, 'a') // => '1970-01-01T00:00:00.005Z-0001-a'
 */
export function nextStamp(last: string | null, nowMs: number, device: string): string {
  const seen = last === null ? -Infinity : Date.parse(last.slice(0, 24));
  if (nowMs > seen) return stampOf(nowMs, 0, device);
  const count = parseInt(last!.slice(25, 29), 36) + 1;
  return count < AT_ONE_MOMENT ? stampOf(seen, count, device) : stampOf(seen + 1, 0, device);
}

const stampOf = (ms: number, count: number, device: string) =>
  `${new Date(ms).toISOString()}-${count.toString(36).padStart(4, '0')}-${device}`;
