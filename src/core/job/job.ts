import * as z from 'zod';
import { idSchema, momentSchema, oneOf, wholeWithin, within, words } from '../result';
import { costsSchema } from './order';
import { ringIn } from './ring';
import { STAGES } from './stages';

const notes = z.string().max(2000, 'expected at most 2000 letters').default('');
/** A thread colour as it is written on the spool; empty takes the colour of the job. */
const colourName = z.string().trim().max(60, 'expected at most 60 letters').default('');

/** A piece of the thing: a name and a size, nothing drawn. Sizes in mm. */
export const jobPieceSchema = z.strictObject({
  id: idSchema,
  name: words('a name', 80),
  clothId: idSchema.nullable().default(null),
  widthMm: within(0, 20_000, 'a width in mm').optional(),
  lengthMm: within(0, 20_000, 'a length in mm').optional(),
  count: wholeWithin(1, 99, 'a number of pieces').default(1),
  /** Sizes that are a template's and not yet the person's own. */
  examples: z
    .array(oneOf(['widthMm', 'lengthMm']))
    .max(2, 'expected at most 2 sizes')
    .optional(),
});
export type JobPiece = z.infer<typeof jobPieceSchema>;

/** One operation in a job. */
export const jobSeamSchema = z.strictObject({
  id: words('a key', 60),
  name: words('a name', 120),
  procedureId: words('an operation', 60),
  /** The cloth it is sewn on, and the other one where two meet; null while none was chosen. */
  clothId: idSchema.nullable().default(null),
  secondClothId: idSchema.nullable().default(null),
  /** The cloth of the band, where one is sewn on. */
  bandClothId: idSchema.nullable().default(null),
  /** Which pieces it touches. */
  pieces: z.array(idSchema).max(40, 'expected at most 40 pieces').default([]),
  /** How many alike are sewn one after the other. */
  count: wholeWithin(1, 99, 'a number of seams').default(1),
  /** Answers to the questions of its operation; what is not here takes its usual value. */
  answers: z.record(z.string(), z.number()).default({}),
  /** Answers that are a template's and not yet the person's own, by question. */
  examples: z.array(words('a question', 60)).max(40, 'expected at most 40 questions').optional(),
  stage: oneOf(STAGES),
  needleColour: colourName,
  bobbinColour: colourName,
  /** What has to be sewn before it: by rule, or as the person says. */
  after: z
    .array(z.strictObject({ seamId: idSchema, why: z.string().max(200, 'expected at most 200 letters').default('') }))
    .max(80, 'expected at most 80 seams')
    .default([]),
  /** Ticked off by hand; what was sewn step by step counts by its run. */
  doneAt: momentSchema.optional(),
  notes,
});
export type JobSeam = z.infer<typeof jobSeamSchema>;

/** Something to have at hand that is neither cloth nor thread. */
export const notionSchema = z.strictObject({
  id: idSchema,
  name: words('a name', 80),
  unit: oneOf(['mm', 'count']),
  needed: within(0, 1_000_000, 'an amount'),
  owned: within(0, 1_000_000, 'an amount').default(0),
});
export type Notion = z.infer<typeof notionSchema>;

/** A thing being made: its pieces, its seams and the order they are sewn in. */
export const jobSchema = z
  .strictObject({
    id: idSchema,
    name: words('a name', 120),
    machineId: idSchema.nullable().default(null),
    /** The thread's colour where a seam says nothing else. */
    colour: colourName,
    pieces: z.array(jobPieceSchema).max(200, 'expected at most 200 pieces').default([]),
    seams: z.array(jobSeamSchema).max(200, 'expected at most 200 seams').default([]),
    /** What each change costs this person, minutes. */
    costs: costsSchema.default(costsSchema.parse({})),
    /** The order of work by key, seams and scraps; what is not in it comes in the usual order after. */
    order: z.array(idSchema).max(600, 'expected at most 600 entries').default([]),
    notions: z.array(notionSchema).max(100, 'expected at most 100 things').default([]),
    addedAt: momentSchema,
    doneAt: momentSchema.optional(),
    notes,
  })
  .superRefine(({ pieces, seams }, context) => {
    for (const { path, message } of brokenLinks(pieces, seams)) context.addIssue({ code: 'custom', path, message });
    const ring = ringIn(seams);
    if (!ring) return;
    context.addIssue({ code: 'custom', path: ['seams', ring.seam, 'after', ring.after], message: ring.message });
  });
export type Job = z.infer<typeof jobSchema>;

/** What a seam of a job is called; a key that is not in it is its own name. */
export const seamName = ({ seams }: Pick<Job, 'seams'>, id: string): string =>
  seams.find((seam) => seam.id === id)?.name ?? id;

function brokenLinks(pieces: readonly JobPiece[], seams: readonly JobSeam[]) {
  const known = { pieces: new Set(pieces.map(({ id }) => id)), seams: new Set(seams.map(({ id }) => id)) };
  const twice = (list: readonly { id: string }[], noun: string) =>
    list.flatMap(({ id }, i) =>
      list.findIndex((other) => other.id === id) === i
        ? []
        : [{ path: [noun, i, 'id'], message: `expected each key once, got "${id}" again` }],
    );
  const missing = (noun: keyof typeof known, id: string, path: (string | number)[]) =>
    known[noun].has(id) ? [] : [{ path, message: `expected one of the project’s ${noun}, got "${id}"` }];
  return [
    ...twice(pieces, 'pieces'),
    ...twice(seams, 'seams'),
    ...seams.flatMap((seam, i) => [
      ...seam.pieces.flatMap((id, k) => missing('pieces', id, ['seams', i, 'pieces', k])),
      ...seam.after.flatMap(({ seamId }, k) => missing('seams', seamId, ['seams', i, 'after', k, 'seamId'])),
    ]),
  ];
}
