export {
  type Dependants,
  dependantsOfCloth,
  dependantsOfFoot,
  dependantsOfMachine,
  isFree,
  removeWithScraps,
} from './dependants';
export { CSV_NOUNS, type CsvNoun, type CsvPreview, csvText, importCsv, previewCsv } from './csv';
export { readDraft, writeDraft } from './drafts';
export { openDemo, openOnFirstVisit } from './firstVisit';
export { changeKit } from './kit';
export { type PreferenceValue, readPreference, writePreference } from './preferences';
export { cards, care, cloths, lines, machines, needles, onMachines, photos, swatches, threads } from './repositories';
export { countSewing } from './sewing';
export { followTrouble, reportTrouble, setTrouble, type StoreTrouble, troubleNow } from './trouble';
export * from './useLive';
export { exportText, importWorkroom, previewImport, startOwn } from './workroomFile';
