import * as z from 'zod';
import {
  ALL_NEEDLES,
  ALL_THREADS,
  FEET,
  FOOT,
  type Kit,
  needleHours,
  needleSchema,
  type OwnedThread,
  PLATES,
  sameThread,
  spentReasonSchema,
  threadSchema,
} from '../kit';
import { amountEntry, amountOf, amountSchema, idSchema, momentSchema, MOST_ENTRIES, oneOf, words } from '../result';
import { colourSchema, type KitRecord, notesSchema, type OnMachine, whereSchema } from './records';

/** One needle of the stock, with its life so far. */
export const needleRecordSchema = z.strictObject({
  id: idSchema,
  needle: needleSchema,
  /** The pack it came from, in the person's words; needles bought together share it. */
  pack: z.string().trim().max(80, 'expected at most 80 letters').default(''),
  where: whereSchema,
  /** Hours it has sewn, with the cloth where it is known: its id, and what it was called then. */
  sewn: z
    .array(
      z.strictObject({
        ...amountEntry(1000, 'hours'),
        clothId: idSchema.optional(),
        what: words('a fabric').optional(),
      }),
    )
    .max(MOST_ENTRIES, `expected at most ${MOST_ENTRIES} entries`)
    .default([]),
  spent: spentReasonSchema.nullable().default(null),
  notes: notesSchema,
  addedAt: momentSchema,
});
export type NeedleRecord = z.infer<typeof needleRecordSchema>;

/**
 * Hours of the needle that is in a machine.
 *
 * @param on - what is on the machine
 * @param needles - the needle stock
 * @returns hours as the stock has them; for a needle that is not in the stock, those counted since it was put in
 */
export function hoursInMachine(
  on: Pick<OnMachine, 'needleId' | 'needleSewn'>,
  needles: readonly NeedleRecord[],
): number {
  const needle = needles.find(({ id }) => id === on.needleId);
  return needle ? needleHours(needle) : amountOf(on.needleSewn);
}

/** What a thread is kept for. */
export const PURPOSES = ['all-purpose', 'seams', 'topstitching', 'hand', 'overlocker', 'basting'] as const;

/** One spool. */
export const threadRecordSchema = z.strictObject({
  id: idSchema,
  thread: threadSchema,
  /** The number as it is printed on the spool, in whatever system. */
  printed: z.string().trim().max(40, 'expected at most 40 letters').default(''),
  colourName: z.string().trim().max(60, 'expected at most 60 letters').default(''),
  colour: colourSchema,
  purpose: oneOf(PURPOSES).default('all-purpose'),
  quality: oneOf(['good', 'unknown', 'cheap']).default('unknown'),
  /** Metres on it: what it came with, less what was used; empty while nobody has said. */
  metres: amountSchema(50000, 'metres').default([]),
  where: whereSchema,
  notes: notesSchema,
  addedAt: momentSchema,
});
export type ThreadRecord = z.infer<typeof threadRecordSchema>;

const distinct = <T>(list: readonly T[]): T[] => [
  ...new Map(list.map((item) => [JSON.stringify(item), item])).values(),
];

/** Each kind of thread once; cheap only where every spool of it is. */
function threadsOwned(threads: readonly Pick<ThreadRecord, 'thread' | 'quality'>[]): OwnedThread[] {
  return distinct(threads.map((t) => t.thread)).map((thread) => {
    const spools = threads.filter((t) => sameThread(t.thread, thread));
    return spools.every(({ quality }) => quality === 'cheap') ? { ...thread, cheap: true } : thread;
  });
}

/**
 * The kit that Match chooses from: kinds of needles and threads, feet and plates.
 *
 * Used-up needles and archived feet do not count.
 *
 * @param record - what may be chosen from
 * @param needles - the needle stock
 * @param threads - the spools
 * @returns the kit, or null when everything on sale may be chosen
 */
export function kitOf(
  record: KitRecord,
  needles: readonly Pick<NeedleRecord, 'needle' | 'spent'>[],
  threads: readonly Pick<ThreadRecord, 'thread' | 'quality'>[],
): Kit | null {
  const { needles: from, threads: spools, feet, plates, pins, overlocker } = record;
  const anything = from === 'any' && spools === 'any' && !feet && !plates && !pins && !overlocker;
  if (anything) return null;
  const fit = needles.filter((n) => n.spent === null);
  return {
    needles: record.needles === 'any' ? [...ALL_NEEDLES] : distinct(fit.map((n) => n.needle)),
    threads: record.threads === 'any' ? [...ALL_THREADS] : threadsOwned(threads),
    feet: record.feet?.filter((foot) => !record.away.includes(foot)) ?? FEET.filter((foot) => !FOOT[foot].builtIn),
    plates: record.plates ?? [...PLATES],
    overlocker,
    ...(pins && { pins }),
  };
}
