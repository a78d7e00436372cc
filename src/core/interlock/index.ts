export * from './checkInterlocks';
export * from './clash';
export * from './interlocks';
export * from './needleReach';
