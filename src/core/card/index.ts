export * from './card';
export * from './measures';
export * from './nearest';
