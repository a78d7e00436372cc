export { changePhoto, type PhotoOwner, removeCard } from './changePhoto';
export {
  type Dependants,
  dependantsOfCloth,
  dependantsOfFoot,
  dependantsOfMachine,
  isFree,
  removeWithScraps,
} from './dependants';
export { readDraft, recoverDrafts, writeDraft } from './drafts';
export { openDemo, openOnFirstVisit } from './firstVisit';
export { changeKit } from './kit';
export { type PreferenceValue, readPreference, writePreference } from './preferences';
export { removeNeedle } from './removeNeedle';
export {
  cards,
  care,
  cloths,
  lines,
  machines,
  needles,
  onMachines,
  jobs,
  runs,
  swatches,
  threads,
  views,
} from './repositories';
export { countSewing } from './sewing';
export { followTrouble, reportTrouble, setTrouble, troubleNow } from './trouble';
export * from './useLive';
export { exportText, importWorkroom, previewImport, startOwn } from './workroomFile';
