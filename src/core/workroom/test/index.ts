export * from './cardFromLine';
export * from './nextTestLine';
export * from './settledLine';
export * from './startSwatch';
export * from './stitchLines';
