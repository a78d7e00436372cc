import Dexie, { type EntityTable } from 'dexie';
import type { Card } from '@/core/card';
import type { ClothRecord, KitRecord, MachineRecord, OnMachine } from '@/core/file';
import type { Line, Swatch } from '@/core/swatch';

/** A named value that belongs to this browser, not to the workroom. */
export interface Preference {
  key: string;
  value: unknown;
}

/** The tables of one workroom. Stored values are checked by their repositories on the way in and out. */
export class WorkroomDatabase extends Dexie {
  cloths!: EntityTable<ClothRecord, 'id'>;
  machines!: EntityTable<MachineRecord, 'id'>;
  kit!: EntityTable<KitRecord & { id: string }, 'id'>;
  onMachine!: EntityTable<OnMachine, 'machineId'>;
  swatches!: EntityTable<Swatch, 'id'>;
  lines!: EntityTable<Line, 'id'>;
  cards!: EntityTable<Card, 'id'>;
  preferences!: EntityTable<Preference, 'key'>;

  constructor(name = 'bobbet') {
    super(name);
    // Every change of shape adds a version below; none is ever edited.
    this.version(1).stores({
      cloths: 'id, addedAt',
      machines: 'id, addedAt',
      kit: 'id',
      onMachine: 'machineId',
      swatches: 'id, clothId, startedAt',
      lines: 'id, swatchId, sewnAt',
      cards: 'id, clothId, passedAt',
      preferences: 'key',
    });
  }
}

/** The database of this browser. */
export const database = new WorkroomDatabase();
