import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  distanceToOutline,
  markStraights,
  offsetOutline,
  outlineLengthMm,
  placeAlong,
  type Point,
  tileSheets,
  walkParts,
  withoutRepeats,
} from '.';

const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const near = (a: Point, b: Point) => Math.hypot(a.x - b.x, a.y - b.y);

describe('a line walked in parts', () => {
  it('four sides and four corners come back to where they began, and so does a circle', () => {
    fc.assert(
      fc.property(mm(1, 500), mm(1, 500), (wide, high) => {
        const corner = { radiusMm: 0, turnDeg: 90 };
        const sides = [wide, high, wide, high].flatMap((straightMm) => [{ straightMm }, corner]);
        expect(near(walkParts(sides).at(-1)!, { x: 0, y: 0 })).toBeLessThan(1e-9);
        expect(near(walkParts([{ radiusMm: wide, turnDeg: -360 }]).at(-1)!, { x: 0, y: 0 })).toBeLessThan(1e-6);
      }),
    );
  });
  it('an arc lies on its circle, to the right for a turn above 0, to the left below', () => {
    for (const way of [1, -1])
      for (const p of walkParts([{ radiusMm: 40, turnDeg: 120 * way }]))
        expect(near(p, { x: 0, y: 40 * way })).toBeCloseTo(40, 9);
  });
  it('nothing is one point, and a turn on the spot does not move', () => {
    expect(walkParts([])).toEqual([{ x: 0, y: 0 }]);
    expect(walkParts([{ radiusMm: 0, turnDeg: 90 }])).toHaveLength(1);
  });
});

describe('a place along a line', () => {
  const line = walkParts([{ straightMm: 60 }, { radiusMm: 30, turnDeg: 90 }, { straightMm: 40 }]);
  it('lies on it, so far from its start, its right at a right angle', () => {
    fc.assert(
      fc.property(mm(0, 1), (share) => {
        const along = share * outlineLengthMm(line, false);
        const { at, normal } = placeAlong(line, false, along);
        expect(distanceToOutline(at, line, false)).toBeLessThan(1e-9);
        expect(Math.hypot(normal.x, normal.y)).toBeCloseTo(1, 9);
        // A little to its right is nearer to nothing else than the line: so far off and no farther.
        const beside = { x: at.x + normal.x, y: at.y + normal.y };
        expect(distanceToOutline(beside, line, false)).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });
  it('before its start is the start, beyond its end the end; a closed one goes on round', () => {
    expect(placeAlong(line, false, -5).at).toEqual(line[0]);
    expect(near(placeAlong(line, false, 1e6).at, line.at(-1)!)).toBeLessThan(1e-9);
    const square = [
      { x: 0, y: 0 },
      { x: 10, y: 0 },
      { x: 10, y: 10 },
      { x: 0, y: 10 },
    ];
    expect(placeAlong(square, true, 35).at).toEqual({ x: 0, y: 5 });
  });
  it('of one point is a mistake of the caller', () =>
    expect(() => placeAlong([{ x: 1, y: 1 }], false, 0)).toThrow(/two points/));
});

describe('a line beside another', () => {
  it('of a straight is the same straight, to the right above 0 and to the left below', () => {
    const line = [
      { x: 0, y: 0 },
      { x: 50, y: 0 },
    ];
    expect(offsetOutline(line, false, 6).map((p) => p.y)).toEqual([6, 6]);
    expect(offsetOutline(line, false, -6).map((p) => p.y)).toEqual([-6, -6]);
    expect(offsetOutline(line, false, 0)).toEqual(line);
    expect(offsetOutline([{ x: 0, y: 0 }], false, 6)).toEqual([]);
  });
  it('inside a curve tighter than the distance has no loops', () => {
    const line = walkParts([{ straightMm: 60 }, { radiusMm: 5, turnDeg: 90 }, { straightMm: 60 }]);
    for (const p of offsetOutline(line, false, 12))
      expect(distanceToOutline(p, line, false)).toBeGreaterThan(12 - 1e-4);
  });
  it('round a corner sharper than the mitre is cut off', () => {
    const tip = walkParts([{ straightMm: 50 }, { radiusMm: 0, turnDeg: 170 }, { straightMm: 50 }]);
    for (const p of offsetOutline(tip, false, -8)) expect(distanceToOutline(p, tip, false)).toBeLessThan(8 * 4 + 1e-9);
    expect(offsetOutline(tip, false, -8, 1.1)).toHaveLength(4);
  });
});

describe('straights told from curves', () => {
  it('keep every point, the line and its length', () => {
    const parts = fc.array(
      fc.oneof(fc.record({ straightMm: mm(20, 200) }), fc.record({ radiusMm: mm(5, 80), turnDeg: mm(10, 120) })),
      { minLength: 1, maxLength: 6 },
    );
    fc.assert(
      fc.property(parts, (given) => {
        const line = walkParts(given);
        const marked = markStraights(line, false);
        expect(outlineLengthMm(marked, false)).toBeCloseTo(outlineLengthMm(line, false), 6);
        for (const p of withoutRepeats(line, false)) expect(marked).toContainEqual(p);
        for (const p of marked) expect(distanceToOutline(p, line, false)).toBeLessThan(1e-9);
      }),
    );
  });
  it('a curve of even chords is left as it is', () => {
    const arc = walkParts([{ radiusMm: 50, turnDeg: 90 }]);
    expect(markStraights(arc, false)).toHaveLength(arc.length);
  });
});

describe('sheets', () => {
  it('cover the drawing, are as few as can be, and share what they overlap', () => {
    fc.assert(
      fc.property(mm(1, 3000), mm(1, 3000), mm(0, 40), (widthMm, heightMm, overlap) => {
        const room = { widthMm: 190, heightMm: 257 };
        const tiles = tileSheets({ xMm: -5, yMm: 3, widthMm, heightMm }, room, overlap);
        const [first, last] = [tiles[0], tiles.at(-1)!];
        expect([first.xMm, first.yMm]).toEqual([-5, 3]);
        expect(last.xMm + room.widthMm).toBeGreaterThanOrEqual(widthMm - 5 - 1e-6);
        expect(last.yMm + room.heightMm).toBeGreaterThanOrEqual(heightMm + 3 - 1e-6);
        const fewer = (size: number, fits: number, count: number) =>
          count === 1 || fits + (count - 2) * (fits - overlap) < size;
        expect(fewer(widthMm, room.widthMm, last.column + 1)).toBe(true);
        expect(fewer(heightMm, room.heightMm, last.row + 1)).toBe(true);
      }),
    );
  });
  it('an overlap as large as the sheet is a mistake of the caller', () =>
    expect(() => tileSheets({ xMm: 0, yMm: 0, widthMm: 9, heightMm: 9 }, { widthMm: 10, heightMm: 10 }, 10)).toThrow(
      /overlap/,
    ));
});
