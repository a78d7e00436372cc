export * from './accepted';
export * from './compare';
export * from './criteria';
export * from './layout';
export * from './measuredSigns';
export * from './plan';
export * from './signsToLookFor';
export * from './swatch';
