export * from './cardText';
export * from './charts';
export * from './compare';
export * from './entries';
export * from './entry';
export * from './known';
export * from './views';
export * from './labelSheet';
