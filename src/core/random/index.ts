export * from './rng';
