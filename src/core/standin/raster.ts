import { clamp } from '../numbers';

/** Red, green and blue, 0 … 255. */
export type Colour = readonly [number, number, number];

/** A picture: four bytes a pixel (red, green, blue, cover), rows from the top. */
export interface Raster {
  width: number;
  height: number;
  data: Uint8ClampedArray<ArrayBuffer>;
}

/** A picture of one colour. */
export function blank(width: number, height: number, [r, g, b]: Colour): Raster {
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < data.length; i += 4) data.set([r, g, b, 255], i);
  return { width, height, data };
}

/** Lays a colour over a pixel by its cover, 0 … 1. */
export function cover({ width, height, data }: Raster, x: number, y: number, [r, g, b]: Colour, share: number): void {
  if (x < 0 || y < 0 || x >= width || y >= height || share <= 0) return;
  const i = (y * width + x) * 4;
  const a = Math.min(1, share);
  data[i] += (r - data[i]) * a;
  data[i + 1] += (g - data[i + 1]) * a;
  data[i + 2] += (b - data[i + 2]) * a;
}

/** A place in pixels. */
type Px = readonly [x: number, y: number];

/** What a thread looks like where it is `off` of its radius from its middle (−1 … 1): round, lit from above. */
export type Across = (off: number) => Colour;

/**
 * Draws a round thread from place to place.
 *
 * @param raster - drawn into
 * @param from - pixels
 * @param to - pixels
 * @param radius - half its thickness, pixels
 * @param across - its colour across
 */
export function stroke(raster: Raster, from: Px, to: Px, radius: number, across: Across): void {
  const [dx, dy] = [to[0] - from[0], to[1] - from[1]];
  const long2 = dx * dx + dy * dy;
  const reach = radius + 1;
  for (let y = Math.floor(Math.min(from[1], to[1]) - reach); y <= Math.max(from[1], to[1]) + reach; y += 1) {
    for (let x = Math.floor(Math.min(from[0], to[0]) - reach); x <= Math.max(from[0], to[0]) + reach; x += 1) {
      const [px, py] = [x + 0.5 - from[0], y + 0.5 - from[1]];
      const t = long2 === 0 ? 0 : clamp((px * dx + py * dy) / long2, 0, 1);
      const [ox, oy] = [px - t * dx, py - t * dy];
      const off = Math.hypot(ox, oy);
      const share = clamp(radius + 0.5 - off, 0, 1);
      if (share > 0) cover(raster, x, y, across((Math.sign(oy || ox) * off) / radius), share);
    }
  }
}

/** A filled round spot. */
export const spot = (raster: Raster, at: Px, radius: number, colour: Colour): void =>
  stroke(raster, at, at, radius, () => colour);

/**
 * One picture above another.
 *
 * @param above - as wide as the other
 * @param below - as wide as the other
 * @throws when the widths differ
 */
export function stacked(above: Raster, below: Raster): Raster {
  if (above.width !== below.width)
    throw new Error(`stacked: expected one width, got ${above.width} and ${below.width}`);
  const data = new Uint8ClampedArray(above.data.length + below.data.length);
  data.set(above.data);
  data.set(below.data, above.data.length);
  return { width: above.width, height: above.height + below.height, data };
}
