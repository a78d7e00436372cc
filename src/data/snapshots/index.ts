export { backupDatabase, type RawRows, type SnapshotInfo } from './database';
export { dayOf } from './day';
export { readRows, restoreRows } from './rows';
export { keepSnapshot, listSnapshots, readSnapshot, store } from './snapshots';
