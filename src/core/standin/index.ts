export * from './input';
export { type Colours, sewnPicture } from './picture';
export * from './quirks';
export type { Colour, Raster } from './raster';
export * from './sew';
