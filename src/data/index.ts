export { openDemo, openOnFirstVisit } from './firstVisit';
export { changeKit, writeKit } from './kit';
export { type PreferenceValue, readPreference, writePreference } from './preferences';
export { cards, cloths, lines, machines, onMachines, swatches } from './repositories';
export * from './useLive';
export { exportText, importWorkroom, previewImport, startOwn } from './workroomFile';
