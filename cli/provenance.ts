import * as z from 'zod';
import { CALCULATIONS, OF_SYSTEM } from '../src/core/calculator';
import { type Provenance, provenanceSchema } from '../src/core/result';

/** Where the numbers of an answer come from, by path; a path covers everything below it. */
export type Told = Readonly<Record<string, Provenance>>;

/** What is chosen as sewists choose it, what our models expect, and what was measured. */
const SETTING: Told = {
  setup: 'common-practice',
  machineReads: 'common-practice',
  plan: 'common-practice',
  'give.required': 'common-practice',
  'give.estimate': 'model',
  'give.measured': 'measured',
  risks: 'model',
  alternatives: 'common-practice',
  missing: 'model',
  confidence: 'model',
};

/** Every command by name. Exact arithmetic on what was given counts by what it rests on: a definition, practice, or a model of cloth. */
export const TOLD: Readonly<Record<string, Told>> = {
  match: SETTING,
  check: { risks: 'model', needleThread: 'model' },
  diagnose: { causes: 'model', pairs: 'model', next: 'model', then: 'model' },
  sew: { '': 'model' },
  schedule: { '': 'model' },
  photo: { '': 'measured', puckerGrade: 'model', confidence: 'model' },
  // Says it itself, from the table of operations.
  steps: {},
  ...Object.fromEntries(CALCULATIONS.map(({ id, rests }) => [`calc ${id}`, { '': rests }])),
  'calc thread': OF_SYSTEM,
  'calc thread-needle': { threadMm: 'model', eyeMm: 'memory', fill: 'model', bestNm: 'model' },
  'calc seam-strength': {
    threadN: 'memory',
    perInchN: 'handbook',
    perInchLbf: 'handbook',
    use: 'model',
    fabric: 'model',
  },
};

/** What is not a computed number: words, and what was asked for. */
const NOT_TOLD = ['provenance', 'knowledge'];

const at = (value: unknown, path: string): unknown =>
  path.split('.').reduce<unknown>((inner, key) => (inner as Record<string, unknown> | undefined)?.[key], value);

const hasNumber = (value: unknown): boolean =>
  typeof value === 'number' ||
  (typeof value === 'object' && value !== null && Object.values(value).some((inner) => hasNumber(inner)));

/**
 * An answer with where its numbers come from: one entry for each number or group of numbers that is in it.
 *
 * Where a seam is blocked, its limit and what passed it have an entry too: our models of the machine and the fabric say where it is.
 *
 * @param told - of this command; the empty path stands for every field of its own
 * @param answer - what the command worked out; what it tells itself stays
 */
export function withProvenance<A extends object>(
  told: Told,
  answer: A & { provenance?: Record<string, string> },
): A & { provenance: Record<string, string> } {
  const { '': rest, ...named } = told;
  const own = Object.keys(answer).filter((key) => !NOT_TOLD.includes(key));
  const all: Record<string, string> = {
    blocked: 'model',
    ...(rest && Object.fromEntries(own.map((key) => [key, rest]))),
    ...named,
    ...answer.provenance,
  };
  const provenance = Object.fromEntries(
    Object.entries(all).filter(([path]) => answer.provenance?.[path] !== undefined || hasNumber(at(answer, path))),
  );
  return { ...answer, provenance };
}

/**
 * An answer's schema with `provenance` in it; each of several kinds of answer gets it.
 *
 * @param output - an object, or a union of objects
 */
export function withProvenanceShape(output: z.ZodType): z.ZodType {
  if (output instanceof z.ZodUnion) return z.union(output.options.map((one) => withProvenanceShape(one as z.ZodType)));
  if (output instanceof z.ZodObject) return output.extend({ provenance: z.record(z.string(), provenanceSchema) });
  throw new Error('withProvenanceShape: expected an object, or a union of objects');
}
