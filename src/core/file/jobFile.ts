import * as z from 'zod';
import { duplicateJob, type Job, jobSchema, mapCloths } from '../job';
import { type FieldError, idSchema, momentSchema, words } from '../result';
import { readFile } from './readFile';

/** Name and version written into every exported job. */
export const JOB_FORMAT = 'bobbet-job';
export const JOB_VERSION = 1;

const namedSchema = z.strictObject({ id: idSchema, name: words('a name', 120) });

/** One job in a file, with the names of the cloths and the machine it points at. */
export const jobFileSchema = z.strictObject({
  format: z.literal(JOB_FORMAT, { error: `expected "${JOB_FORMAT}"` }),
  version: z.literal(JOB_VERSION, { error: `expected ${JOB_VERSION}` }),
  exportedAt: momentSchema,
  cloths: z.array(namedSchema),
  machine: namedSchema.nullable(),
  job: jobSchema,
});
export type JobFile = z.infer<typeof jobFileSchema>;

/** A job file that was read, or the first thing wrong with it. */
export type ReadJob = { ok: true; file: JobFile } | { ok: false; error: FieldError };

/**
 * Reads a job file.
 *
 * @param text - the file's text
 * @returns the job with its names, or the path of the first wrong field and what was expected there
 * @example
 * readJob('[').ok // => false
 */
export function readJob(text: string): ReadJob {
  const read = readFile(text, { format: JOB_FORMAT, version: JOB_VERSION, schema: jobFileSchema });
  return read.ok ? { ok: true, file: read.value } : read;
}

/** A thing of the workroom by key and name. */
export interface Named {
  id: string;
  name: string;
}

/** A job made at home here, and the names that nothing here answers to. */
export interface Settled {
  job: Job;
  missing: string[];
}

/**
 * A job of a file with keys of its own, its cloths and machine found again: by key, else by name.
 *
 * @param file - the file
 * @param here - cloths and machines of this workroom
 * @param made - new keys and the moment
 * @returns the job; what it needs and is not here is left open and named
 */
export function settleJob(
  { job, cloths, machine }: JobFile,
  here: { cloths: readonly Named[]; machines: readonly Named[] },
  made: { id: string; newId: () => string; at: string },
): Settled {
  const find = (all: readonly Named[], wanted: Named | null | undefined) =>
    wanted &&
    (all.find((one) => one.id === wanted.id) ??
      all.find((one) => one.name.toLowerCase() === wanted.name.toLowerCase()));
  const clothId = (id: string | null) =>
    id && (find(here.cloths, cloths.find((c) => c.id === id) ?? { id, name: '' })?.id ?? null);
  const copy = duplicateJob(job, made);
  const missing = [
    ...cloths.filter((cloth) => !find(here.cloths, cloth)),
    ...(machine && !find(here.machines, machine) ? [machine] : []),
  ];
  return {
    job: { ...mapCloths(copy, clothId), name: job.name, machineId: find(here.machines, machine)?.id ?? null },
    missing: missing.map(({ name }) => name),
  };
}
