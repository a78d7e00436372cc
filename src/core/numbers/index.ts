export * from './clamp';
export * from './spread';
export * from './tolerance';
