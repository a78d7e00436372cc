export * from './card';
export * from './measures';
