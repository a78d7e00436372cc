/** Sums of a row of values over a sliding window, divided by those of its weights. */
function slide(from: Float32Array, to: Float32Array, start: number, step: number, length: number, reach: number): void {
  let sum = 0;
  for (let i = 0; i < Math.min(length, reach); i += 1) sum += from[start + i * step];
  for (let i = 0; i < length; i += 1) {
    if (i + reach < length) sum += from[start + (i + reach) * step];
    if (i - reach - 1 >= 0) sum -= from[start + (i - reach - 1) * step];
    to[start + i * step] = sum;
  }
}

/** Sums over squares of (2 · reach + 1) pixels. */
function boxSums(values: Float32Array, width: number, height: number, reach: number): Float32Array {
  const [rows, both] = [new Float32Array(values.length), new Float32Array(values.length)];
  for (let j = 0; j < height; j += 1) slide(values, rows, j * width, 1, width, reach);
  for (let i = 0; i < width; i += 1) slide(rows, both, i, width, height, reach);
  return both;
}

/**
 * The mean round each pixel, of the pixels that count.
 *
 * Two box blurs one after the other, near a Gaussian of reach · √(2/3); divided by the blurred mask, so that what is
 * masked out does not leak in (normalised convolution, Knutsson and Westin 1993).
 *
 * @param values - one a pixel
 * @param mask - 1 where a pixel counts, 0 where not
 * @param reach - of each box, pixels, whole, 0 or more
 * @returns the means; 0 where nothing counts within reach
 */
export function maskedMean(
  values: Float32Array,
  mask: Float32Array,
  width: number,
  height: number,
  reach: number,
): Float32Array {
  const held = values.map((value, i) => value * mask[i]);
  const sums = boxSums(boxSums(held, width, height, reach), width, height, reach);
  const weights = boxSums(boxSums(mask, width, height, reach), width, height, reach);
  return sums.map((sum, i) => (weights[i] > 1e-3 ? sum / weights[i] : 0));
}

/** The mean over squares of (2 · reach + 1) pixels; nearer the edge over what is there. */
export function boxMean(values: Float32Array, width: number, height: number, reach: number): Float32Array {
  const sums = boxSums(values, width, height, reach);
  for (let j = 0; j < height; j += 1) {
    const tall = Math.min(height - 1, j + reach) - Math.max(0, j - reach) + 1;
    for (let i = 0; i < width; i += 1) {
      const wide = Math.min(width - 1, i + reach) - Math.max(0, i - reach) + 1;
      sums[j * width + i] /= tall * wide;
    }
  }
  return sums;
}
