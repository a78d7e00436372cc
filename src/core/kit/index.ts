export * from './bobbin';
export * from './dials';
export * from './feet';
export * from './kit';
export * from './machine';
export * from './needleThreadFit';
export * from './needles';
export * from './threads';
