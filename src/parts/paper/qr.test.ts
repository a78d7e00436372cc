import fc from 'fast-check';
import jsQR from 'jsqr';
import { describe, expect, it } from 'vitest';
import { takeLink } from '@/data/packedText';
import { qrPath, QUIET } from './qr';

/** Fills the outline, four pixels a module. */
function drawn({ size, d }: ReturnType<typeof qrPath>): { pixels: Uint8ClampedArray; width: number } {
  const SCALE = 4;
  const width = (size + 2 * QUIET) * SCALE;
  const pixels = new Uint8ClampedArray(4 * width * width).fill(255);
  for (const [, x, y, run] of d.matchAll(/M(\d+) (\d+)h(\d+)v1h-\d+z/g))
    for (let row = 0; row < SCALE; row += 1)
      for (let column = 0; column < Number(run) * SCALE; column += 1) {
        const at = ((Number(y) + QUIET) * SCALE + row) * width + (Number(x) + QUIET) * SCALE + column;
        pixels.set([0, 0, 0], 4 * at);
      }
  return { pixels, width };
}

describe('library: what is printed as a code is read by jsqr', () => {
  it('any text a link or a label can have', () => {
    fc.assert(
      fc.property(fc.string({ minLength: 1, maxLength: 300 }), (text) => {
        const link = takeLink('https://sewing.example', text);
        const { pixels, width } = drawn(qrPath(link));
        expect(jsQR(pixels, width, width)?.data).toBe(link);
      }),
      { numRuns: 12 },
    );
    const label = drawn(qrPath('BOBBET K7Q4MD'));
    expect(jsQR(label.pixels, label.width, label.width)?.data).toBe('BOBBET K7Q4MD');
  });
});
