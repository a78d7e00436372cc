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
 * The mean round each pixel, of the pixels that count, in several layers.
 *
 * Two box blurs one after the other, near a Gaussian of reach · √(2/3); divided by the blurred mask, so that what is
 * masked out does not leak in (normalised convolution, Knutsson and Westin 1993). Worked out on a third of the pixels
 * each way, since a wide mean holds nothing fine.
 *
 * @param layers - one value a pixel
 * @param mask - 1 where a pixel counts, 0 where not
 * @param reach - of each box, pixels, 3 or more
 * @returns the means; 0 where nothing counts within reach
 */
export function maskedMeans(
  layers: readonly Float32Array[],
  mask: Float32Array,
  width: number,
  height: number,
  reach: number,
): Float32Array[] {
  const [w, h] = [Math.ceil(width / COARSE), Math.ceil(height / COARSE)];
  const small = (values: Float32Array | null): Float32Array => {
    const sums = new Float32Array(w * h);
    for (let j = 0; j < height; j += 1) {
      const row = Math.floor(j / COARSE) * w;
      for (let i = 0; i < width; i += 1) {
        const at = j * width + i;
        if (mask[at] > 0) sums[row + Math.floor(i / COARSE)] += values ? values[at] : 1;
      }
    }
    return sums;
  };
  const near = Math.max(1, Math.round(reach / COARSE));
  const blurred = (values: Float32Array) => boxSums(boxSums(values, w, h, near, near), w, h, near, near);
  const weights = blurred(small(null));
  return layers.map((layer) => {
    const sums = blurred(small(layer));
    for (let i = 0; i < sums.length; i += 1) sums[i] = weights[i] > 1e-3 ? sums[i] / weights[i] : 0;
    return enlarged(sums, w, h, width, height);
  });
}

/** How many pixels are taken together for a wide mean, each way. */
const COARSE = 3;

/** Between the middles of coarse pixels, bilinear. */
function enlarged(values: Float32Array, w: number, h: number, width: number, height: number): Float32Array {
  const large = new Float32Array(width * height);
  for (let j = 0; j < height; j += 1) {
    const y = Math.min(h - 1, Math.max(0, (j + 0.5) / COARSE - 0.5));
    const b = Math.min(Math.max(0, h - 2), y | 0);
    const v = h > 1 ? y - b : 0;
    const below = h > 1 ? w : 0;
    for (let i = 0; i < width; i += 1) {
      const x = Math.min(w - 1, Math.max(0, (i + 0.5) / COARSE - 0.5));
      const a = Math.min(Math.max(0, w - 2), x | 0);
      const u = w > 1 ? x - a : 0;
      const at = b * w + a;
      const right = w > 1 ? 1 : 0;
      const above = values[at] * (1 - u) + values[at + right] * u;
      large[j * width + i] = above * (1 - v) + (values[at + below] * (1 - u) + values[at + below + right] * u) * v;
    }
  }
  return large;
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
