import { MM_PER_INCH, parseLengthMm } from './length';
import { parseQuantity } from './quantity';

/**
 * Stitches per inch for a stitch length. The same formula turns stitches per inch back into a length.
 *
 * @param lengthMm - stitch length in mm, above 0
 * @returns stitches per inch
 * @throws when the length is not above 0
 * @example
 * spiFromLength(2.5) // => 10.16
 * spiFromLength(4) // => 6.35
 */
export function spiFromLength(lengthMm: number): number {
  if (!(lengthMm > 0)) throw new Error(`spiFromLength: expected a length above 0, got ${lengthMm}`);
  return MM_PER_INCH / lengthMm;
}

/**
 * Reads a stitch length: millimetres, or stitches per inch.
 *
 * @param text - for example `2.5`, `2,5 mm`, `10 spi`, `10 per inch`
 * @returns millimetres, or null when it is neither
 * @example
 * parseStitchLengthMm('10 spi') // => 2.54
 * parseStitchLengthMm('2.5') // => 2.5
 */
export function parseStitchLengthMm(text: string): number | null {
  const read = parseQuantity(text);
  if (!read) return null;
  if (/^(?:spi|(?:stitches )?(?:per inch|per in|\/ ?in(?:ch)?|an? inch|to the inch))$/.test(read.unit)) {
    return read.value > 0 ? spiFromLength(read.value) : null;
  }
  return parseLengthMm(text, 'mm');
}
