import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { crossesItself, outlineAreaMm2, type Point } from '.';

const regular = (corners: number, radius: number): Point[] =>
  Array.from({ length: corners }, (_, i) => ({
    x: radius * Math.cos((2 * Math.PI * i) / corners),
    y: radius * Math.sin((2 * Math.PI * i) / corners),
  }));

describe('the area inside an outline', () => {
  // Exact: a regular polygon of n corners has the area ½·n·r²·sin(2π/n).
  it.each([3, 4, 6, 12, 60])('of %d equal corners is what geometry says', (corners) => {
    const exact = 0.5 * corners * 50 ** 2 * Math.sin((2 * Math.PI) / corners);
    expect(outlineAreaMm2(regular(corners, 50))).toBeCloseTo(exact, 8);
  });

  it('is the same whichever way round it is tapped, and wherever it lies', () => {
    const points = fc.array(fc.record({ x: fc.integer({ min: 0, max: 200 }), y: fc.integer({ min: 0, max: 200 }) }), {
      minLength: 3,
      maxLength: 8,
    });
    fc.assert(
      fc.property(points, fc.integer({ min: -500, max: 500 }), (outline, by) => {
        const area = outlineAreaMm2(outline);
        expect(outlineAreaMm2([...outline].reverse())).toBeCloseTo(area, 6);
        expect(outlineAreaMm2(outline.map(({ x, y }) => ({ x: x + by, y: y - by })))).toBeCloseTo(area, 6);
      }),
    );
  });

  it('of a point, a line or nothing is none', () => {
    expect(outlineAreaMm2([])).toBe(0);
    expect(outlineAreaMm2([{ x: 3, y: 3 }])).toBe(0);
    expect(outlineAreaMm2(regular(2, 30))).toBeCloseTo(0, 10);
  });
});

describe('an outline tapped out of order', () => {
  it('crosses itself', () => {
    const [a, b, c, d] = regular(4, 40);
    expect(crossesItself([a, c, b, d])).toBe(true);
    expect(crossesItself([a, b, c, d])).toBe(false);
  });
  it('that only touches itself at a corner does not', () => expect(crossesItself(regular(3, 10))).toBe(false));
  it('of equal corners never does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 3, max: 40 }), (corners) => {
        expect(crossesItself(regular(corners, 60))).toBe(false);
      }),
    );
  });
});
