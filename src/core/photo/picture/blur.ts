/** Sums over rectangles of (2 · across + 1) by (2 · down + 1) pixels: running sums along rows, then down columns. */
function boxSums(values: Float32Array, width: number, height: number, across: number, down: number): Float32Array {
  const rows = across === 0 ? values : new Float32Array(values.length);
  for (let j = 0; across > 0 && j < height; j += 1) {
    const start = j * width;
    let sum = 0;
    for (let i = 0; i < Math.min(width, across); i += 1) sum += values[start + i];
    for (let i = 0; i < width; i += 1) {
      if (i + across < width) sum += values[start + i + across];
      if (i > across) sum -= values[start + i - across - 1];
      rows[start + i] = sum;
    }
  }
  if (down === 0) return rows === values ? values.slice() : rows;
  const both = new Float32Array(values.length);
  const sums = new Float64Array(width);
  for (let j = 0; j < Math.min(height, down); j += 1) for (let i = 0; i < width; i += 1) sums[i] += rows[j * width + i];
  // Row by row, all columns together: memory is read in order.
  for (let j = 0; j < height; j += 1) {
    const enters = (j + down) * width;
    const leaves = (j - down - 1) * width;
    if (j + down < height) for (let i = 0; i < width; i += 1) sums[i] += rows[enters + i];
    if (leaves >= 0) for (let i = 0; i < width; i += 1) sums[i] -= rows[leaves + i];
    const at = j * width;
    for (let i = 0; i < width; i += 1) both[at + i] = sums[i];
  }
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
  const sums = boxSums(boxSums(held, width, height, reach, reach), width, height, reach, reach);
  const weights = boxSums(boxSums(mask, width, height, reach, reach), width, height, reach, reach);
  return sums.map((sum, i) => (weights[i] > 1e-3 ? sum / weights[i] : 0));
}

/** The mean over squares of (2 · reach + 1) pixels; nearer the edge over what is there. */
export function boxMean(values: Float32Array, width: number, height: number, reach: number): Float32Array {
  return boxMeans(values, width, height, reach, reach);
}

/** The mean over rectangles of (2 · across + 1) by (2 · down + 1) pixels; nearer the edge over what is there. */
export function boxMeans(
  values: Float32Array,
  width: number,
  height: number,
  across: number,
  down: number,
): Float32Array {
  if (across === 0 && down === 0) return values;
  const sums = boxSums(values, width, height, across, down);
  const share = new Float32Array(width);
  for (let i = 0; i < width; i += 1) share[i] = 1 / (Math.min(width - 1, i + across) - Math.max(0, i - across) + 1);
  for (let j = 0; j < height; j += 1) {
    const tall = 1 / (Math.min(height - 1, j + down) - Math.max(0, j - down) + 1);
    const row = j * width;
    for (let i = 0; i < width; i += 1) sums[row + i] *= tall * share[i];
  }
  return sums;
}
