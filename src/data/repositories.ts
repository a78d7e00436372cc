import { cardSchema } from '@/core/card';
import {
  careRecordSchema,
  clothRecordSchema,
  machineRecordSchema,
  needleRecordSchema,
  onMachineSchema,
  photoRecordSchema,
  threadRecordSchema,
} from '@/core/file';
import { jobSchema } from '@/core/job';
import { viewSchema } from '@/core/ledger';
import { runSchema } from '@/core/seam';
import { type Line, lineSchema, swatchSchema } from '@/core/swatch';
import { repository } from './repository';

/** One repository for each noun of the workroom. */
export const cloths = repository('cloth', 'cloths', clothRecordSchema, (r) => r.id);
export const machines = repository('machine', 'machines', machineRecordSchema, (r) => r.id);
export const onMachines = repository('on the machine', 'onMachine', onMachineSchema, (r) => r.machineId);
export const needles = repository('needle', 'needles', needleRecordSchema, (r) => r.id);
export const threads = repository('thread', 'threads', threadRecordSchema, (r) => r.id);
export const care = repository('care', 'care', careRecordSchema, (r) => r.id);
export const photos = repository('photo', 'photos', photoRecordSchema, (r) => r.id);
export const swatches = repository('scrap', 'swatches', swatchSchema, (r) => r.id);
export const lines = repository('line', 'lines', lineSchema, (r) => r.id);
/** The lines of one swatch in their order; no other line is read. */
export const linesOf = async (swatchId: string): Promise<Line[]> =>
  (await lines.where('swatchId', swatchId)).sort((a, b) => a.number - b.number);
export const cards = repository('card', 'cards', cardSchema, (r) => r.id);
export const runs = repository('run', 'runs', runSchema, (r) => r.id);
export const views = repository('view', 'views', viewSchema, (r) => r.id);
export const jobs = repository('job', 'jobs', jobSchema, (r) => r.id);
