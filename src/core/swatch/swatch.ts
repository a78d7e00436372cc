import * as z from 'zod';
import { lineMeasuresSchema, provesSchema } from '../card';
import { MEASURABLE } from '../cloth';
import { idSchema, momentSchema, oneOf, wholeWithin, words } from '../result';
import { operationSchema, READINGS, setupSchema } from '../setup';
import { SIGNS } from '../stitch';

/** Where on a line a sign is, for what is not all along it. */
export const PLACES = [
  'all along',
  'at the start',
  'in one place',
  'at the end',
  'on the front only',
  'on the back only',
] as const;

/** A sign seen on a line. Severity 1 slight, 2 plain, 3 bad. */
export const findingSchema = z.strictObject({
  sign: oneOf(SIGNS),
  severity: wholeWithin(1, 3, 'a severity'),
  where: oneOf(PLACES).optional(),
});
export type Finding = z.infer<typeof findingSchema>;

/** A sign as it is kept with its line: with an id, which is the sign's own name where it is on the line once. */
export const keptFindingSchema = findingSchema.extend({ id: idSchema });
export type KeptFinding = z.infer<typeof keptFindingSchema>;

/** A finding with the id it is kept under. */
export const keptFinding = (finding: Finding): KeptFinding => ({ id: finding.sign, ...finding });

/** A test piece: one cloth, one seam, one machine, lines sewn on it. */
export const swatchSchema = z.strictObject({
  id: idSchema,
  clothId: idSchema,
  machineId: idSchema,
  operation: operationSchema,
  /** Which cloth the second one of the operation is; null where there is none, or nobody knows. */
  secondId: idSchema.nullable().default(null),
  /** The operation and the row it is to prove; null for the stitch alone. */
  proves: provesSchema.nullable().default(null),
  /** What the tables alone recommended for it when it was started; left out where nobody kept it. */
  answered: setupSchema.optional(),
  startedAt: momentSchema,
  name: words('a name', 120),
  /** Where the scrap is kept, in the person's own words. */
  where: z.string().trim().max(120, 'expected at most 120 letters').default(''),
  /** What could be measured instead of sewn, and how many planned lines that spares. */
  spares: z
    .array(z.strictObject({ measure: oneOf(MEASURABLE), lines: wholeWithin(1, 99, 'a number of lines') }))
    .max(20, 'expected at most 20 measures')
    .default([]),
});
export type Swatch = z.infer<typeof swatchSchema>;

/** State of a test: planned, being sewn, passed, failed or skipped. */
export const LINE_STATES = ['planned', 'sewing', 'passed', 'failed', 'abandoned'] as const;

/** One trial on a scrap: what was set, what was measured, what was seen. */
export const lineSchema = z.strictObject({
  id: idSchema,
  swatchId: idSchema,
  number: wholeWithin(1, 999, 'a line number'),
  setup: setupSchema,
  direction: oneOf(['across', 'along', 'bias']).default('across'),
  measures: lineMeasuresSchema,
  findings: z.array(keptFindingSchema).default([]),
  /** True once the person looked and saw nothing wrong. */
  looked: z.boolean().default(false),
  status: oneOf(LINE_STATES),
  sewnAt: momentSchema,
  notes: z.string().max(2000, 'expected at most 2000 letters').default(''),
  /** The one thing changed from the line before, as diagnosis names it. */
  change: words('a change', 60).optional(),
  /** What a planned line is for, and the one reading it varies from the others; none when it repeats the setting. */
  plan: z.strictObject({ why: words('a reason', 300), varies: oneOf(READINGS).optional() }).optional(),
  /** What was asked about it and answered, as diagnosis names both. */
  answers: z
    .array(z.strictObject({ question: words('a question', 60), answer: words('an answer', 40) }))
    .max(50, 'expected at most 50 answers')
    .optional(),
  /** Which simulated machine sewed it: never a real result. */
  simulated: z.strictObject({ seed: wholeWithin(0, 2 ** 31, 'a whole number') }).optional(),
  /** The card that this line is to prove again. */
  provesCardId: idSchema.optional(),
  /** Nothing is to be learned from it: something was odd about it. */
  leftOut: z.boolean({ error: 'expected true or false' }).default(false),
  /** The version of the tables its setting came from; empty where that is not known. */
  knowledge: z.string().max(60, 'expected at most 60 letters').default(''),
});
export type TestLine = z.infer<typeof lineSchema>;

/** What is judged of a line; its signs may be kept ones or not. */
export type Judged<K extends keyof TestLine> = Pick<TestLine, Exclude<K, 'findings'>> & {
  findings: readonly Finding[];
};
