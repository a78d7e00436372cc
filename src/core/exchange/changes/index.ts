export { CHANGES_FORMAT, changesText, KIT, readChanges, type ReadChanges } from './changesFile';
export { type Merged, mergeChanges } from './mergeChanges';
export { type Clash, clashSchema } from './mergeRecord';
export { stampChange } from './stampChange';
export { type Changes, type DeviceState, keyOf, type Knows, withStamps } from './state';
export { changesSince } from './tell';
