export { backupDatabase, type RawRows, type SnapshotInfo } from './database';
export { dayOf } from './day';
export { countRows, readRows, restoreRows } from './rows';
export { keepSnapshot, listSnapshots, readSnapshot, store, type Unpack } from './snapshots';
