import type { TestLine } from '@/core/swatch';
import { repository } from './repository';

/** One repository for each noun of the workroom. */
export const cloths = repository('cloths');
export const machines = repository('machines');
export const onMachines = repository('onMachine');
export const needles = repository('needles');
export const threads = repository('threads');
export const care = repository('care');
export const photos = repository('photos');
export const swatches = repository('swatches');
export const lines = repository('lines');
/** The lines of one swatch in their order; no other line is read. */
export const linesOf = async (swatchId: string): Promise<TestLine[]> =>
  (await lines.where('swatchId', swatchId)).sort((a, b) => a.number - b.number);
export const cards = repository('cards');
export const runs = repository('runs');
export const views = repository('views');
export const jobs = repository('jobs');
