export * from './migrate';
export * from './records';
export * from './tin';
export * from './workroom';
export * from './csv';
export * from './jobFile';
