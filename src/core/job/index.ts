export * from './budget';
export * from './order';
