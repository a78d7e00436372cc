import type { Homography } from '../picture/homography';
import type { Pixels } from '../picture/pixels';
import { placeOn, type Way, wayLengthMm } from './way';

/** The picture along a way, straightened: columns along it, rows across it, as logarithms of the light. */
export interface Strip {
  width: number;
  height: number;
  pxPerMm: number;
  layers: readonly [Float32Array, Float32Array, Float32Array];
}

/** So dark a value that noise of the sensor rules, of 255. */
const DARK = 6;

/**
 * The strip of a picture along a way, at full size.
 *
 * @param pixels - the picture
 * @param mmToPx - from the plane to pixels
 * @param way - the middle of the strip
 * @param halfMm - how far it reaches to both sides
 * @param pxPerMm - pixels of the strip to the mm
 */
export function stripAlong(pixels: Pixels, mmToPx: Homography, way: Way, halfMm: number, pxPerMm: number): Strip {
  const width = Math.max(8, Math.floor(wayLengthMm(way) * pxPerMm));
  const half = Math.max(4, Math.round(halfMm * pxPerMm));
  const height = 2 * half + 1;
  const layers = [
    new Float32Array(width * height),
    new Float32Array(width * height),
    new Float32Array(width * height),
  ] as const;
  for (let i = 0; i < width; i += 1) {
    const s = (i + 0.5) / pxPerMm;
    const middle = placeOn(way, s, 0);
    const aside = placeOn(way, s, 1);
    const dx = aside.x - middle.x;
    const dy = aside.y - middle.y;
    for (let j = 0; j < height; j += 1) {
      const v = (j - half) / pxPerMm;
      const x = middle.x + dx * v;
      const y = middle.y + dy * v;
      const w = mmToPx[6] * x + mmToPx[7] * y + mmToPx[8];
      sample(
        pixels,
        (mmToPx[0] * x + mmToPx[1] * y + mmToPx[2]) / w,
        (mmToPx[3] * x + mmToPx[4] * y + mmToPx[5]) / w,
        layers,
        j * width + i,
      );
    }
  }
  for (const layer of layers) for (let i = 0; i < layer.length; i += 1) layer[i] = Math.log(layer[i] + DARK);
  return { width, height, pxPerMm, layers };
}

/** Bilinear, clamped at the edges; a pixel's middle is at a half. */
function sample({ width, height, data }: Pixels, px: number, py: number, layers: Strip['layers'], to: number): void {
  const x = Math.min(width - 1.001, Math.max(0, px - 0.5));
  const y = Math.min(height - 1.001, Math.max(0, py - 0.5));
  const i = x | 0;
  const j = y | 0;
  const u = x - i;
  const v = y - j;
  const at = (j * width + i) * 4;
  const below = at + width * 4;
  for (let c = 0; c < 3; c += 1) {
    const above = data[at + c] * (1 - u) + data[at + 4 + c] * u;
    layers[c][to] = above * (1 - v) + (data[below + c] * (1 - u) + data[below + 4 + c] * u) * v;
  }
}
