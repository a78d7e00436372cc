export { Boundary } from './Boundary';
export { TroublePlate } from './Plate';
export { followServer, holdNavigation, serverAwaited, serverIsBack } from './server';
export { RecordBoundary, RecordTrouble, useWrongRecord } from './RecordTrouble';
export { PartBoundary, StationBoundary } from './Station';
export { Stopped } from './Stopped';
