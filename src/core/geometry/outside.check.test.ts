// Source of the expected values: clipper-lib, a general library of polygon offsets, and svg-path-properties, one of SVG paths. Neither knows
// anything of sewing.
import ClipperLib from 'clipper-lib';
import fc from 'fast-check';
import { svgPathProperties } from 'svg-path-properties';
import { describe, expect, it } from 'vitest';
import { offsetOutline, outlineAreaMm2, outlineLengthMm, type Point, readSvgOutline } from '.';

/** Clipper counts in whole numbers: thousandths of a millimetre here. */
const FINE = 1000;

/** The area inside an outline that was moved outwards (above 0) or inwards, mm², corners mitred. */
function areaByClipper(points: readonly Point[], offMm: number): number {
  const path = points.map(({ x, y }) => ({ X: Math.round(x * FINE), Y: Math.round(y * FINE) }));
  if (!ClipperLib.Clipper.Orientation(path)) path.reverse();
  const offset = new ClipperLib.ClipperOffset(4, 0.25);
  offset.AddPath(path, ClipperLib.JoinType.jtMiter, ClipperLib.EndType.etClosedPolygon);
  const moved: { X: number; Y: number }[][] = [];
  offset.Execute(moved, offMm * FINE);
  return moved.reduce((sum, one) => sum + ClipperLib.Clipper.Area(one), 0) / FINE ** 2;
}

/** The same here: to the right of a walker is outwards or inwards by the way the outline turns. */
function areaHere(points: readonly Point[], offMm: number): number {
  const [left, right] = [-offMm, offMm].map((off) => outlineAreaMm2(offsetOutline(points, true, off)));
  return offMm > 0 ? Math.max(left, right) : Math.min(left, right);
}

/** A rectangle with a round bay of a radius let into its top edge. */
function withBay(radiusMm: number): Point[] {
  const bay = Array.from({ length: 61 }, (_, i) => {
    const angle = Math.PI - (i * Math.PI) / 60;
    return { x: 100 + radiusMm * Math.cos(angle), y: radiusMm * Math.sin(angle) };
  });
  return [{ x: 0, y: 0 }, ...bay, { x: 200, y: 0 }, { x: 200, y: 150 }, { x: 0, y: 150 }];
}

describe('library: offsets of closed outlines agree with clipper-lib', () => {
  it.each([
    [
      'a square',
      [
        [0, 0],
        [80, 0],
        [80, 80],
        [0, 80],
      ],
      10,
    ],
    [
      'a square, inwards',
      [
        [0, 0],
        [80, 0],
        [80, 80],
        [0, 80],
      ],
      -10,
    ],
    [
      'a triangle',
      [
        [0, 0],
        [120, 0],
        [60, 90],
      ],
      15,
    ],
    [
      'an L',
      [
        [0, 0],
        [100, 0],
        [100, 40],
        [40, 40],
        [40, 100],
        [0, 100],
      ],
      12,
    ],
    [
      'an L, inwards',
      [
        [0, 0],
        [100, 0],
        [100, 40],
        [40, 40],
        [40, 100],
        [0, 100],
      ],
      -12,
    ],
  ] as const)('%s', (_, corners, offMm) => {
    const points = corners.map(([x, y]) => ({ x, y }));
    expect(areaHere(points, offMm) / areaByClipper(points, offMm)).toBeCloseTo(1, 4);
  });

  it.each([
    [60, 10],
    [40, 25],
    [20, 15],
    [20, 25],
    [12, 25],
  ])(
    'a bay of radius %i mm, %i mm outwards: the loops of a tight inside are left out where they cross',
    (radius, off) => {
      const points = withBay(radius);
      expect(areaHere(points, off) / areaByClipper(points, off)).toBeCloseTo(1, 3);
    },
  );

  it('any outline without a bay', () => {
    const convex = fc
      .uniqueArray(fc.integer({ min: 0, max: 359 }), { minLength: 4, maxLength: 9 })
      .map((angles) => angles.sort((a, b) => a - b))
      .filter((angles) => angles.every((a, i) => (angles[(i + 1) % angles.length] - a + 360) % 360 < 150));
    fc.assert(
      fc.property(convex, fc.integer({ min: 2, max: 20 }), (angles, off) => {
        const points = angles.map((a) => ({
          x: 100 * Math.cos((a * Math.PI) / 180),
          y: 100 * Math.sin((a * Math.PI) / 180),
        }));
        // Corners sharper than both cut off are cut off in ways of their own.
        if (angles.some((a, i) => (angles[(i + 1) % angles.length] - a + 360) % 360 < 8)) return;
        expect(areaHere(points, off) / areaByClipper(points, off)).toBeCloseTo(1, 3);
      }),
      { numRuns: 60 },
    );
  });
});

describe('library: lengths of SVG paths agree with svg-path-properties', () => {
  it.each([
    'M0 0 L120 50',
    'M0 0 H80 V60 H10',
    'M0 0 Q50 80 100 0',
    'M0 0 C20 60 80 60 100 0',
    'M0 0 C20 60 80 60 100 0 S180 -60 200 0',
    'M0 0 Q50 80 100 0 T200 0',
    'M0 0 A60 60 0 0 1 120 0',
    'M0 0 A80 40 30 1 0 100 50',
    'm10 10 l30 40 c10 10 30 -10 40 0',
  ])('%s', (path) => {
    const { points, closed } = readSvgOutline(path)!;
    const length = new svgPathProperties(path).getTotalLength();
    expect(outlineLengthMm(points, closed) / length).toBeCloseTo(1, 3);
  });
});
