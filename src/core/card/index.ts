export * from './proof';
export * from './card';
export * from './measures';
export * from './nearest';
export * from './learned';
export * from './stale';
