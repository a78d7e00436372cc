import { describe, expect, it } from 'vitest';
import { Matrix, SingularValueDecomposition } from 'ml-matrix';
import fc from 'fast-check';
import { homographyFrom, inverse, type Quad, scaleAt, taken } from './homography';

/** The homography as the null vector of the whole system, by singular values: another way to the same four places. */
function byNullVector(from: Quad, to: Quad): number[] {
  const rows = from.flatMap(({ x, y }, i) => [
    [-x, -y, -1, 0, 0, 0, x * to[i].x, y * to[i].x, to[i].x],
    [0, 0, 0, -x, -y, -1, x * to[i].y, y * to[i].y, to[i].y],
  ]);
  const v = new SingularValueDecomposition(new Matrix([...rows, new Array<number>(9).fill(0)]), {
    autoTranspose: true,
  }).rightSingularVectors.getColumn(8);
  return v.map((value) => value / v[8]);
}

const card: Quad = [
  { x: 0, y: 0 },
  { x: 85.6, y: 0 },
  { x: 85.6, y: 53.98 },
  { x: 0, y: 53.98 },
];
const shaken = fc
  .array(fc.record({ x: fc.integer({ min: -60, max: 60 }), y: fc.integer({ min: -60, max: 60 }) }), {
    minLength: 4,
    maxLength: 4,
  })
  .map(
    (off) => card.map(({ x, y }, i) => ({ x: 200 + 8 * x + off[i].x, y: 150 + 8 * y + off[i].y })) as unknown as Quad,
  );

describe('library: ml-matrix 6.15, a plane in perspective', () => {
  it('is the null vector of its equations', () => {
    fc.assert(
      fc.property(shaken, (to) => {
        const own = homographyFrom(card, to);
        const other = byNullVector(card, to);
        expect(own).not.toBeNull();
        own?.forEach((value, i) => expect(Math.abs(value - other[i])).toBeLessThan(1e-6 * (1 + Math.abs(other[i]))));
      }),
      { numRuns: 60, seed: 7 },
    );
  });
});

describe('mathematics: a plane in perspective', () => {
  it('takes the four places where they belong, and comes back', () => {
    fc.assert(
      fc.property(shaken, fc.integer({ min: 0, max: 85 }), fc.integer({ min: 0, max: 53 }), (to, x, y) => {
        const h = homographyFrom(card, to) as number[];
        card.forEach((corner, i) => {
          const at = taken(h, corner.x, corner.y);
          expect(Math.hypot(at.x - to[i].x, at.y - to[i].y)).toBeLessThan(1e-6);
        });
        const there = taken(h, x, y);
        const back = taken(inverse(h), there.x, there.y);
        expect(Math.hypot(back.x - x, back.y - y)).toBeLessThan(1e-6);
      }),
      { numRuns: 60, seed: 8 },
    );
  });
  it('three places in a line have none', () => {
    const flat: Quad = [card[0], { x: 40, y: 0 }, card[1], { x: 20, y: 0 }];
    expect(homographyFrom(flat, card)).toBeNull();
  });
  it('has the scale of a plain enlargement', () => {
    expect(scaleAt([8, 0, 5, 0, 8, 9, 0, 0, 1], 30, 40)).toBeCloseTo(8, 6);
  });
});
