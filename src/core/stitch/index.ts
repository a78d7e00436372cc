export * from './geometry';
export * from './stitches';
export * from './threadUse';
export * from './sewingTime';
export * from './signs';
