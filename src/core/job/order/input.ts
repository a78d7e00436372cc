import * as z from 'zod';
import { needleSchema, threadSchema } from '../../kit';
import { idSchema, within } from '../../result';
import { costsSchema } from './costs';

const named = z.string().min(1, 'expected a name').max(120, 'expected at most 120 letters');

/** What a seam wants on the machine. What is left out does not matter to it and stays as it is. */
export const needsSchema = z.strictObject({
  needle: z.union([needleSchema, named]).optional(),
  thread: z.union([threadSchema, named]).optional(),
  bobbin: z.union([threadSchema, named]).optional(),
  foot: named.optional(),
  plate: named.optional(),
  stitch: named.optional(),
  lengthMm: z.number().optional(),
  widthMm: z.number().optional(),
  tensionSteps: z.number().optional(),
  pressure: z.number().optional(),
});
export type Needs = z.infer<typeof needsSchema>;

/**
 * One seam to be put in order. `needs`: what its first row wants; `rows`: what each row after that wants, in the order they
 * are sewn. `press`: it has to be pressed before anything that comes `after` it is sewn.
 */
export const taskSchema = z.strictObject({
  id: idSchema,
  needs: needsSchema.default({}),
  rows: z.array(needsSchema).max(20, 'expected at most 20 rows').default([]),
  after: z.array(idSchema).max(400, 'expected at most 400 seams').default([]),
  press: z.boolean().default(false),
  minutes: within(0, 6000, 'minutes').default(5),
});
export type Task = z.infer<typeof taskSchema>;

/** Seams in the usual order of construction, what is on the machine now, and what changes cost. */
export const scheduleInputSchema = z
  .strictObject({
    tasks: z.array(taskSchema).max(400, 'expected at most 400 seams'),
    now: needsSchema.default({}),
    costs: costsSchema.default(costsSchema.parse({})),
  })
  .superRefine(({ tasks }, context) => {
    const known = new Set<string>();
    tasks.forEach(({ id }, i) => {
      if (known.has(id))
        context.addIssue({
          code: 'custom',
          path: ['tasks', i, 'id'],
          message: `expected an id of its own, got "${id}" again`,
        });
      known.add(id);
    });
    tasks.forEach(({ after }, i) =>
      after.forEach((id, k) => {
        if (!known.has(id))
          context.addIssue({
            code: 'custom',
            path: ['tasks', i, 'after', k],
            message: `expected the id of a task, got "${id}"`,
          });
      }),
    );
  });
export type ScheduleInput = z.infer<typeof scheduleInputSchema>;
