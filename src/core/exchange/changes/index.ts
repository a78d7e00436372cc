export { CHANGES_FORMAT, changesText, KIT, readChanges, type ReadChanges } from './changesFile';
export { type Merged, mergeChanges } from './mergeChanges';
export { type Clash, clashSchema } from './mergeRecord';
export { stampChange } from './stampChange';
export { byKey, type Changes, type DeviceState, type Entry, keyOf, withStamps } from './state';
export { changesSince } from './tell';
