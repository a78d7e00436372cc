export * from './faults';
export * from './input';
export * from './observe';
export { type Colours, sewnPicture } from './picture';
export * from './quirks';
export type { Colour, Raster } from './raster';
export type { SewInput, SewnLine, SewnMeasures } from './line';
export { sewLine } from './sew';
