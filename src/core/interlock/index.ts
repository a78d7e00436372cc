export * from './checkInterlocks';
export * from './interlocks';
export * from './needleReach';
