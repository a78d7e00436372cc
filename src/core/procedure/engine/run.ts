import * as z from 'zod';
import { idSchema, momentSchema, oneOf, wholeWithin, within, words } from '../../result';
import { setupSchema } from '../../setup';
import { outlineSpecSchema } from '../../seam';

/** How an operation went, as its maker judges it. */
export const OUTCOMES = ['good', 'will-do', 'unpick'] as const;

/** One operation being sewn, or sewn: its answers, where it stands, how it went. Cloth and machine by name as well, for it outlives both. */
export const runSchema = z.strictObject({
  id: idSchema,
  procedureId: words('an operation', 60),
  clothId: idSchema,
  clothName: words('a name', 120),
  /** The other cloth, where two meet. */
  secondClothId: idSchema.optional(),
  /** The cloth of the band, where one is sewn on. */
  bandClothId: idSchema.optional(),
  machineId: idSchema,
  machineName: words('a name', 120),
  /** By question; what is not here takes its usual value. */
  answers: z.record(z.string(), z.number()).default({}),
  /** The line it is sewn along, where the operation takes any. */
  outline: outlineSpecSchema.optional(),
  /** What it is sewn with, from when it is begun. */
  setup: setupSchema.optional(),
  /** What its other rows are sewn with, by the id of the row. */
  rows: z.record(z.string(), setupSchema).optional(),
  /** The card that proved the setting, if one did. */
  cardId: idSchema.optional(),
  /** The job and the seam in it that this is, if it is one of a job. */
  jobId: idSchema.optional(),
  seamId: idSchema.optional(),
  status: oneOf(['asking', 'sewing', 'done']),
  /** What was changed when something was wrong, by the name diagnosis has for it, and which sign it was for. */
  tried: z
    .array(z.strictObject({ sign: words('a sign', 40), change: words('a change', 60) }))
    .max(200, 'expected at most 200 changes')
    .default([]),
  /** The step that comes now, from 0. */
  step: wholeWithin(0, 99, 'a step').default(0),
  /** How many of these are sewn one after the other, and which of them it is now, from 1. */
  pieces: wholeWithin(1, 99, 'a number of pieces').default(1),
  piece: wholeWithin(1, 99, 'a piece').default(1),
  /** Steps whose needle time was counted. */
  counted: wholeWithin(0, 99, 'a number of steps').default(0),
  /** The version of the tables it is sewn by; empty where that is not known. */
  knowledge: z.string().max(60, 'expected at most 60 letters').default(''),
  needleMinutes: within(0, 10000, 'minutes').default(0),
  /** Time the run was open, whatever the hands did. */
  atItSeconds: within(0, 10_000_000, 'seconds').default(0),
  startedAt: momentSchema,
  doneAt: momentSchema.optional(),
  outcome: oneOf(OUTCOMES).optional(),
  notes: z.string().max(2000, 'expected at most 2000 letters').default(''),
});
export type Run = z.infer<typeof runSchema>;

/** What a run begins with; everything else is still to be sewn. */
export type RunStart = Pick<
  Run,
  'id' | 'procedureId' | 'clothId' | 'clothName' | 'machineId' | 'machineName' | 'startedAt'
> &
  Partial<Run>;

/**
 * A run of which nothing is sewn yet.
 *
 * @param start - its key, operation, cloth and machine, and what else is known of it
 * @returns the run, its questions still to be answered unless said otherwise
 */
export const newRun = (start: RunStart): Run => ({
  answers: {},
  tried: [],
  status: 'asking',
  step: 0,
  counted: 0,
  needleMinutes: 0,
  atItSeconds: 0,
  pieces: 1,
  piece: 1,
  knowledge: '',
  notes: '',
  ...start,
});
