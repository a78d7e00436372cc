import { decodeText, readSeams, type ReadRecords, type SeamNames, writeSeams } from '@/core/file';
import type { Job, JobSeam } from '@/core/job';
import { parseTable, tableText } from './csv';
import { cloths } from './repositories';

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
