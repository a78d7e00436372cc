export { PartBoundary, RecordBoundary, StationBoundary } from './boundaries';
export { preloadPlates, RecordTrouble, ServerStopped } from './plates';
export { followServer, holdNavigation, isNotLoaded, serverAwaited, serverIsBack } from './server';
export { useDamagedRecord } from './useDamagedRecord';
