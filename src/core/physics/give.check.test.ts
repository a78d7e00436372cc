import { describe, expect, it } from 'vitest';
import { type GiveInput, seamGive } from '.';

const give = (stitch: GiveInput['stitch'], lengthMm: number, widthMm: number, thicknessMm = 0, threadExtension = 0) =>
  seamGive({ stitch, lengthMm, widthMm, thicknessMm, threadExtension });

describe('own: give agrees with plane geometry worked by hand', () => {
  it.each([
    [1.5, 5, 233, 248],
    [2.5, 2, 0, 28],
    [2, 2.5, 25, 60],
    [3, 0.5, 0, 1.4],
  ])('zigzag %f × %f without thickness or stretchy thread gives %f to %f %%', (lengthMm, widthMm, low, high) => {
    const found = give('zigzag', lengthMm, widthMm);
    // √(L²+W²)/L − 1 when the swing is pulled straight, W/L − 1 when it narrows as the cloth keeps its area.
    expect(found.high).toBeCloseTo((Math.hypot(lengthMm, widthMm) / lengthMm - 1) * 100, 8);
    expect(Math.abs(found.low - low)).toBeLessThan(0.5);
    expect(Math.abs(found.high - high)).toBeLessThan(0.5);
  });

  it('a straight stitch without them gives nothing', () => {
    expect(give('straight', 2.5, 0)).toEqual({ low: 0, high: 0 });
  });

  it('1.2 mm of cloth and 10% thread: straight 15–39, zigzag 2.5 × 2 33–70, 1.5 × 5 281–331 (our model, by hand)', () => {
    const rounded = (g: { low: number; high: number }) => [Math.round(g.low), Math.round(g.high)];
    expect(rounded(give('straight', 2.5, 0, 1.2, 0.1))).toEqual([15, 39]);
    expect(rounded(give('zigzag', 2.5, 2, 1.2, 0.1))).toEqual([33, 70]);
    expect(rounded(give('zigzag', 1.5, 5, 1.2, 0.1))).toEqual([281, 331]);
  });
});
