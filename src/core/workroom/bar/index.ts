export * from './machineBar';
export * from './machineTarget';
export * from './needlesToChange';
export * from './needleToPutIn';
export * from './putReading';
export * from './sewingClock';
export * from './tickReading';
