import Dexie, { type EntityTable } from 'dexie';
import type { Card } from '@/core/card';
import {
  type CareRecord,
  clothOfVersion2,
  type ClothRecord,
  type Deleted,
  type KitRecord,
  kitOfVersion2,
  LISTS,
  type MachineRecord,
  migrateLists,
  type NeedleRecord,
  type OnMachine,
  type PhotoRecord,
  type SetAside,
  type Stamped,
  type ThreadRecord,
} from '@/core/file';
import type { Job } from '@/core/job';
import type { View } from '@/core/ledger';
import type { Run } from '@/core/procedure';
import type { TestLine, Swatch } from '@/core/swatch';

/** A named value that belongs to this browser, not to the workroom. */
export interface Preference {
  key: string;
  value: unknown;
}

/** What is being typed and not kept yet, and when its last letter was, ms since 1970. */
export interface StoredDraft {
  key: string;
  at: number;
  texts: Record<string, string>;
}

/** The tables of one workroom. Stored values are checked by their repositories on the way in and out. */
export class WorkroomDatabase extends Dexie {
  cloths!: EntityTable<ClothRecord, 'id'>;
  machines!: EntityTable<MachineRecord, 'id'>;
  kit!: EntityTable<KitRecord & { id: string }, 'id'>;
  needles!: EntityTable<NeedleRecord, 'id'>;
  threads!: EntityTable<ThreadRecord, 'id'>;
  care!: EntityTable<CareRecord, 'id'>;
  photos!: EntityTable<PhotoRecord, 'id'>;
  onMachine!: EntityTable<OnMachine, 'machineId'>;
  swatches!: EntityTable<Swatch, 'id'>;
  lines!: EntityTable<TestLine, 'id'>;
  cards!: EntityTable<Card, 'id'>;
  runs!: EntityTable<Run, 'id'>;
  jobs!: EntityTable<Job, 'id'>;
  views!: EntityTable<View, 'id'>;
  setAside!: EntityTable<SetAside & { key: string }, 'key'>;
  stamps!: EntityTable<Stamped & { key: string }, 'key'>;
  deleted!: EntityTable<Deleted & { key: string }, 'key'>;
  preferences!: EntityTable<Preference, 'key'>;
  drafts!: EntityTable<StoredDraft, 'key'>;

  constructor(name = 'bobbet') {
    // Without the cache of queries: through it, in the stack of what was broken off, every repeated query holds the one
    // before, and all it had read, for as long as the page is open. What is followed is kept once, by `sharedLive`.
    super(name, { cache: 'disabled' });
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
    this.version(2)
      .stores({
        needles: 'id, addedAt',
        threads: 'id, addedAt',
        care: 'id, machineId, at',
        photos: 'id',
        swatches: 'id, clothId, machineId, startedAt',
        cards: 'id, clothId, machineId, passedAt',
      })
      .upgrade(async (transaction) => {
        const cloths = await transaction.table('cloths').toArray();
        await transaction.table('cloths').bulkPut(cloths.map(clothOfVersion2));
        const stored: unknown = await transaction.table('kit').get('kit');
        const ticked = (stored as { kit?: unknown } | undefined)?.kit;
        const { kit, needles, threads } = kitOfVersion2(ticked, new Date().toISOString());
        await transaction.table('needles').bulkPut(needles);
        await transaction.table('threads').bulkPut(threads);
        await transaction.table('kit').put({ ...(kit as object), id: 'kit' });
      });
    this.version(3).stores({ runs: 'id, startedAt' });
    this.version(4).stores({ jobs: 'id, addedAt', runs: 'id, startedAt, jobId', views: 'id' });
    this.version(5).stores({ drafts: 'key' });
    this.version(6).stores({ setAside: 'key' });
    // The file of version 3: by the same migrations as a file.
    this.version(7)
      .stores({ stamps: 'key', deleted: 'key' })
      .upgrade(async (transaction) => {
        const read = LISTS.map(async (list) => [list, await transaction.table(list).toArray()] as const);
        const stored = Object.fromEntries(await Promise.all(read));
        const brought = migrateLists(stored, 2);
        // Photos and the like are as they were: they need not be written again.
        const changed = LISTS.filter((list) => brought[list] !== stored[list]);
        for (const list of changed) await transaction.table(list).bulkPut(brought[list] as unknown[]);
      });
  }
}

/** The database of this browser. */
export const database = new WorkroomDatabase();
