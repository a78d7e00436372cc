export * from './criteria';
export * from './swatch';
