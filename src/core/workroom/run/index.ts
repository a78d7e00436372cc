export * from './advanceRun';
export * from './beginRun';
export * from './cutWith';
export * from './runAgain';
export * from './runOfSeam';
export * from './nextSeam';
