import type { Table } from 'dexie';
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
import { lineSchema, swatchSchema } from '@/core/swatch';
import { database } from './database';
import { repository } from './repository';

const table = <T>(name: string) => (() => database.table(name)) as () => Table<T, string>;

/** One repository for each noun of the workroom. */
export const cloths = repository('cloth', table('cloths'), clothRecordSchema, (r) => r.id);
export const machines = repository('machine', table('machines'), machineRecordSchema, (r) => r.id);
export const onMachines = repository('on the machine', table('onMachine'), onMachineSchema, (r) => r.machineId);
export const needles = repository('needle', table('needles'), needleRecordSchema, (r) => r.id);
export const threads = repository('thread', table('threads'), threadRecordSchema, (r) => r.id);
export const care = repository('care', table('care'), careRecordSchema, (r) => r.id);
export const photos = repository('photo', table('photos'), photoRecordSchema, (r) => r.id);
export const swatches = repository('scrap', table('swatches'), swatchSchema, (r) => r.id);
export const lines = repository('line', table('lines'), lineSchema, (r) => r.id);
export const cards = repository('card', table('cards'), cardSchema, (r) => r.id);
export const runs = repository('run', table('runs'), runSchema, (r) => r.id);
export const views = repository('view', table('views'), viewSchema, (r) => r.id);
export const jobs = repository('job', table('jobs'), jobSchema, (r) => r.id);
