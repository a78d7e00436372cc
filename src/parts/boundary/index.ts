export { PartBoundary, RecordBoundary, StationBoundary } from './boundaries';
export { preloadPlates, RecordTrouble, Stopped } from './plates';
export { followServer, holdNavigation, isNotLoaded, serverAwaited, serverIsBack } from './server';
export { useDamagedRecord } from './useDamagedRecord';
