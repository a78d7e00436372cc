/** A picture: four bytes a pixel (red, green, blue, cover), rows from the top. */
export interface Pixels {
  width: number;
  height: number;
  data: Uint8ClampedArray | Uint8Array;
}

/** Red, green and blue, each a plane of 0 … 255. */
export interface Colours {
  width: number;
  height: number;
  red: Float32Array;
  green: Float32Array;
  blue: Float32Array;
}

/** The three planes in a row. */
export const planesOf = ({ red, green, blue }: Colours): [Float32Array, Float32Array, Float32Array] => [
  red,
  green,
  blue,
];

/**
 * A picture reduced by a whole factor: each pixel the mean of a square of pixels.
 *
 * Box mean: what is finer than the new pixel is averaged away and cannot beat with it.
 *
 * @param pixels - the picture
 * @param factor - whole, 1 or more
 * @returns the colours; the pixels left over at the right and below are dropped
 * @throws when the factor is not a whole number from 1
 */
export function reduced({ width, height, data }: Pixels, factor: number): Colours {
  if (!Number.isInteger(factor) || factor < 1) throw new Error(`reduced: expected a whole factor, got ${factor}`);
  const [w, h] = [Math.max(1, Math.floor(width / factor)), Math.max(1, Math.floor(height / factor))];
  const [red, green, blue] = [new Float32Array(w * h), new Float32Array(w * h), new Float32Array(w * h)];
  const square = factor * factor;
  for (let j = 0; j < h; j += 1)
    for (let i = 0; i < w; i += 1) {
      let [r, g, b] = [0, 0, 0];
      for (let y = 0; y < factor; y += 1) {
        let at = ((j * factor + y) * width + i * factor) * 4;
        for (let x = 0; x < factor; x += 1, at += 4) {
          r += data[at];
          g += data[at + 1];
          b += data[at + 2];
        }
      }
      const to = j * w + i;
      red[to] = r / square;
      green[to] = g / square;
      blue[to] = b / square;
    }
  return { width: w, height: h, red, green, blue };
}

/** The whole factor that brings a picture to at most so many pixels. */
export function factorFor({ width, height }: Pixels, mostPixels: number): number {
  return Math.max(1, Math.ceil(Math.sqrt((width * height) / mostPixels)));
}
