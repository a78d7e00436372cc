import type { Pixels } from './pixels';

/** How light a picture is. */
export interface Exposure {
  /** Light that all but one in twenty pixels stay below, 0 … 255. */
  bright: number;
  /** Spread of the light, of 255. */
  spread: number;
  /** Share of pixels at the very top of all three colours. */
  burnt: number;
}

/** How light a picture is, of some of its pixels. */
export function exposureOf({ width, height, data }: Pixels): Exposure {
  const histogram = new Float64Array(256);
  const stride = Math.max(1, Math.floor((width * height) / 60_000)) | 1;
  let [count, sum, square, burnt] = [0, 0, 0, 0];
  for (let i = 0; i < width * height; i += stride) {
    const [r, g, b] = [data[i * 4], data[i * 4 + 1], data[i * 4 + 2]];
    const light = 0.3 * r + 0.59 * g + 0.11 * b;
    histogram[Math.min(255, Math.round(light))] += 1;
    if (Math.min(r, g, b) >= 252) burnt += 1;
    count += 1;
    sum += light;
    square += light * light;
  }
  let [bright, left] = [255, 0.05 * count];
  while (bright > 0 && left - histogram[bright] > 0) {
    left -= histogram[bright];
    bright -= 1;
  }
  return { bright, spread: Math.sqrt(Math.max(0, square / count - (sum / count) ** 2)), burnt: burnt / count };
}
