export * from './cycle';
export * from './input';
export * from './schedule';
