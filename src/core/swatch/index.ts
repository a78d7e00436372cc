export * from './accepted';
export * from './criteria';
export * from './measuredSigns';
export * from './swatch';
