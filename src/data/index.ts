export { openDemo, openOnFirstVisit } from './firstVisit';
export { readKit, writeKit } from './kit';
export { type PreferenceValue, readPreference, writePreference } from './preferences';
export { cards, cloths, lines, machines, onMachines, swatches } from './repositories';
export { StoreError, type Unreadable } from './repository';
export * from './useLive';
export { exportText, importWorkroom, previewImport, startOwn } from './workroomFile';
