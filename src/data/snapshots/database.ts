import Dexie, { type EntityTable, type Table } from 'dexie';

/** What a snapshot is, without what is in it. */
export interface SnapshotInfo {
  /** Counts up: later ones have higher numbers, whatever the clock says. */
  number: number;
  /** Taken once a day of use, or before the whole workroom was changed. */
  kind: 'day' | 'before';
  /** When, ISO text in UTC. */
  at: string;
  /** The day of the person's own calendar, such as 2026-11-28. */
  day: string;
  /** What was about to be done. */
  text: string;
  counts: Record<string, number>;
}

/** What is in it: raw rows by table, or the same packed. */
export interface SnapshotContent {
  number: number;
  rows?: RawRows;
  packed?: Uint8Array;
}

/** Rows of every table as they are stored, readable or not. */
export type RawRows = Record<string, Record<string, unknown>[]>;

/** Backups lie in a database of their own: whatever happens to the workroom's, they can still be read. */
export class BackupDatabase extends Dexie {
  snapshots!: EntityTable<SnapshotInfo, 'number'>;
  contents!: EntityTable<SnapshotContent, 'number'>;
  settings!: Table<{ key: string; value: unknown }, string>;

  constructor(name = 'bobbet-backups') {
    super(name, { cache: 'disabled' });
    this.version(1).stores({ snapshots: '++number, kind', contents: 'number', settings: 'key' });
  }
}

/** The backups of this browser. */
export const backupDatabase = new BackupDatabase();
