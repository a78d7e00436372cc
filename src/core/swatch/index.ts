export * from './criteria';
export * from './swatch';
export * from './measuredSigns';
