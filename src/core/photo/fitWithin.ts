/**
 * The size of a picture shrunk to fit a square, its proportions kept.
 *
 * @param width - pixels, above 0
 * @param height - pixels, above 0
 * @param most - longest side allowed, pixels, 1 or more
 * @returns whole pixels, never larger than the picture and never below 1
 * @throws when a size is not above 0
 * @example
 * fitWithin(4000, 3000, 1000) // => { width: 1000, height: 750 }
 * fitWithin(300, 200, 1000) // => { width: 300, height: 200 }
 */
export function fitWithin(width: number, height: number, most: number): { width: number; height: number } {
  if (!(width > 0 && height > 0 && most >= 1)) {
    throw new Error(`fitWithin: expected sizes above 0, got ${width} × ${height} into ${most}`);
  }
  const scale = Math.min(1, most / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}
