export * from './measuredCloth';
export * from './records';
export * from './workroom';
