export { PartBoundary, RecordBoundary, StationBoundary } from './boundaries';
export { preloadPlates, RecordTrouble, Stopped } from './plates';
export { followServer, holdNavigation, serverAwaited, serverIsBack } from './server';
export { useWrongRecord } from './useWrongRecord';
