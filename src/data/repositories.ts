import type { Table } from 'dexie';
import { type Card, cardSchema } from '@/core/card';
import {
  type ClothRecord,
  clothRecordSchema,
  type MachineRecord,
  machineRecordSchema,
  type OnMachine,
  onMachineSchema,
} from '@/core/file';
import { type Line, lineSchema, type Swatch, swatchSchema } from '@/core/swatch';
import { database } from './database';
import { repository } from './repository';

const table = <T>(name: string) => (() => database.table(name)) as () => Table<T, string>;

/** One repository for each noun of the workroom. */
export const cloths = repository<ClothRecord>('cloth', table('cloths'), clothRecordSchema, (r) => r.id);
export const machines = repository<MachineRecord>('machine', table('machines'), machineRecordSchema, (r) => r.id);
export const onMachines = repository<OnMachine>(
  'on the machine',
  table('onMachine'),
  onMachineSchema,
  (r) => r.machineId,
);
export const swatches = repository<Swatch>('scrap', table('swatches'), swatchSchema, (r) => r.id);
export const lines = repository<Line>('line', table('lines'), lineSchema, (r) => r.id);
export const cards = repository<Card>('card', table('cards'), cardSchema, (r) => r.id);
