export * from './fitWithin';
