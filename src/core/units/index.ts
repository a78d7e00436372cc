export * from './arealMass';
export * from './format';
export * from './length';
export * from './needleSize';
export * from './quantity';
export * from './referenceSizes';
export * from './stitchLength';
export * from './threadNumber';
