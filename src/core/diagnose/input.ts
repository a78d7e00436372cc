import * as z from 'zod';
import { askedIds } from '../card';
import { type Cloth, clothSchema } from '../cloth';
import { kitSchema, type Machine, machineSchema } from '../kit';
import { above0, oneOf, wholeWithin, within, words } from '../result';
import { operationSchema, setupSchema } from '../setup';
import { SIGNS } from '../stitch';
import { CAUSES } from './causes';
import { REMEDIES } from './remedies';
import { QUESTION_IDS } from './questions';

const findingSchema = z.strictObject({
  sign: oneOf(SIGNS),
  severity: wholeWithin(0, 3, 'a severity'),
  where: z.string().max(200, 'expected at most 200 letters').optional(),
});

const more = {
  ...askedIds,
  operation: operationSchema,
  setup: setupSchema,
  /** Severity 0: looked for and not there. */
  findings: z.array(findingSchema).max(100, 'expected at most 100 findings'),
  history: z
    .array(
      z.strictObject({
        change: oneOf(REMEDIES),
        result: oneOf(['better', 'same', 'worse']),
        /** How each sign went. */
        signs: z.partialRecord(oneOf(SIGNS), oneOf(['gone', 'better', 'same', 'worse', 'new'])).optional(),
      }),
    )
    .max(200, 'expected at most 200 changes')
    .default([]),
  needleHours: within(0, 1000, 'hours').optional(),
  threadQuality: oneOf(['good', 'unknown', 'cheap']).optional(),
  /** Stitch length as counted on the line, mm: it may be another than the dial says. */
  trueLengthMm: above0('a length in mm', 24).optional(),
  kit: kitSchema.optional(),
  /** What was asked and answered before; an answer may be "not-sure". */
  answers: z
    .array(z.strictObject({ question: oneOf(QUESTION_IDS), answer: words('an answer', 40) }))
    .max(50, 'expected at most 50 answers')
    .optional(),
};

/** A line that did not come out right: what was sewn how, what was seen, what was tried. */
export const diagnoseInputSchema = z.strictObject({ cloth: clothSchema, machine: machineSchema.optional(), ...more });

/** The same with what only an owner knows of cloth and machine. */
export type DiagnoseInput = Omit<z.output<typeof diagnoseInputSchema>, 'cloth' | 'machine'> & {
  cloth: Cloth;
  machine?: Machine;
};

const stepSchema = z.strictObject({
  change: oneOf([...REMEDIES, ...QUESTION_IDS]),
  kind: oneOf(['check', 'technique', 'setting', 'question']),
  setup: setupSchema.optional(),
  text: z.string(),
  minutes: z.number(),
  because: z.string(),
  /** For a question: what can be answered. */
  answers: z.array(z.strictObject({ id: z.string(), text: z.string() })).optional(),
});
export type NextStep = z.infer<typeof stepSchema>;

/** What is behind it, and what to do about it. */
export const diagnoseOutputSchema = z.strictObject({
  causes: z.array(z.strictObject({ cause: oneOf(CAUSES), probability: z.number().min(0).max(1) })),
  /** Two causes at once, where they explain what was seen better than any one of them. */
  pairs: z
    .array(z.strictObject({ causes: z.tuple([oneOf(CAUSES), oneOf(CAUSES)]), probability: z.number().min(0).max(1) }))
    .optional(),
  next: stepSchema,
  then: z.array(stepSchema).max(3),
  stop: z.string().optional(),
});
export type DiagnoseOutput = z.infer<typeof diagnoseOutputSchema>;
