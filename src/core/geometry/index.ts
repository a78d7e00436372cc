export * from './chord';
export * from './outline';
