export * from './answer';
export * from './fitWithin';
export * from './measurePhoto';
export * from './photoSeam';
export type { Quad } from './picture/homography';
export type { Pixels } from './picture/pixels';
