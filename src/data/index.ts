export { dayOf, type RawRows, type SnapshotInfo } from './snapshots';
export { clockBehind, followClock, momentNow, trustClock } from './clock';
export { changePhoto, type PhotoOwner } from './changePhoto';
export { type Dependants, dependantsOfCloth, dependantsOfFoot, dependantsOfMachine, isFree } from './dependants';
export { readDraft, recoverDrafts, writeDraft } from './drafts';
export { changeKit } from './kit';
export { type PreferenceValue, readPreference, writePreference } from './preferences';
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
export { edit, type Entry, followHistory, type History, historyNow, redo, undo, type Undone, undoEntry } from './edits';
export { startUp, type StartProblem } from './startup';
export { amountId } from './amountId';
export { countSewing } from './sewing';
export { deleteNeedle } from './deleteNeedle';
export { followTrouble, reportTrouble, setTrouble, troubleNow } from './trouble';
export * from './ownWords';
export * from './useLive';
export { followDamage, sayDamage, type Damage, damageNow } from './damage/state';
export type { StoredSetAside } from './setAside';
