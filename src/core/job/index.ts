export * from './budget';
