import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fitWithin } from '.';

describe('a picture made small enough to keep', () => {
  it('keeps its proportions and never grows', () => {
    const side = fc.integer({ min: 1, max: 9000 });
    fc.assert(
      fc.property(side, side, fc.integer({ min: 1, max: 4000 }), (width, height, most) => {
        const small = fitWithin(width, height, most);
        expect(Math.max(small.width, small.height)).toBeLessThanOrEqual(Math.max(1, most));
        expect(small.width).toBeLessThanOrEqual(width);
        expect(small.height).toBeLessThanOrEqual(height);
        expect(small.width).toBeGreaterThanOrEqual(1);
        if (small.width > 20 && small.height > 20) {
          expect(Math.abs(small.width / small.height / (width / height) - 1)).toBeLessThan(0.06);
        }
      }),
    );
  });
  it('of no size is a slip of the caller', () => expect(() => fitWithin(0, 10, 100)).toThrow(/above 0/));
});
