import {
  decodeText,
  JOB_FORMAT,
  JOB_VERSION,
  type JobFile,
  readSeams,
  type ReadRecords,
  type SeamNames,
  writeSeams,
} from '@/core/file';
import { clothsOf, type Job, type JobSeam } from '@/core/job';
import { parseTable, tableText } from './csv';
import { cloths, machines } from './repositories';

/** A job as the text of a file, with the names of what it points at. */
export async function jobText(job: Job, now: Date): Promise<string> {
  const used = new Set(clothsOf(job).map(({ clothId }) => clothId));
  const own = (await cloths.all()).filter((c) => used.has(c.id));
  const machine = job.machineId ? await machines.get(job.machineId) : undefined;
  const file: JobFile = {
    format: JOB_FORMAT,
    version: JOB_VERSION,
    exportedAt: now.toISOString(),
    cloths: own.map((c) => ({ id: c.id, name: c.cloth.name })),
    machine: machine ? { id: machine.id, name: machine.machine.name } : null,
    job,
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}

const namesOf = async (job: Job): Promise<SeamNames> => ({
  job,
  cloths: (await cloths.all()).map((c) => ({ id: c.id, name: c.cloth.name })),
});

export { SEAM_COLUMNS } from '@/core/file';

/** The seams of a job as a table for a spreadsheet. */
export async function seamsText(job: Job): Promise<string> {
  return tableText(writeSeams(await namesOf(job)));
}

/** Reads a table of seams for a job, without changing anything. */
export async function previewSeams(job: Job, bytes: Uint8Array, newId: () => string): Promise<ReadRecords<JobSeam>> {
  return readSeams(parseTable(decodeText(bytes)), await namesOf(job), newId);
}
