export * from './advanceRun';
export * from './beginRun';
export * from './runAgain';
export * from './runOfSeam';
