import Flatten from '@flatten-js/core';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { offsetOutline, outlineLengthMm, placeAlong, type Point, walkParts } from '../geometry';
import { type Outline, OUTLINE_SHAPES, outlineSeam } from '.';

// Exact geometry from a general geometry library (@flatten-js/core): distances to circles and polygons.
const { point, Polygon, Circle, segment } = Flatten;
const circleOf = (radius: number) => new Circle(point(0, radius), radius);
const at = ({ x, y }: Point) => point(x, y);
const polygonOf = (points: readonly Point[]) => new Polygon(points.map(({ x, y }) => [x, y] as [number, number]));
/** To the line itself, also from inside: a polygon of the library is 0 away from what lies in it. */
function toLine(p: Point, { points, closed }: Pick<Outline, 'points' | 'closed'>): number {
  const stretches = points.slice(1).map((b, i) => [points[i], b] as const);
  const all = closed ? [...stretches, [points.at(-1)!, points[0]] as const] : stretches;
  return Math.min(
    ...all
      .filter(([a, b]) => Math.hypot(a.x - b.x, a.y - b.y) > 1e-9)
      .map(([a, b]) => at(p).distanceTo(segment(at(a), at(b)))[0]),
  );
}
const made = (id: string, sizes: Record<string, number> = {}): Outline => {
  const shape = OUTLINE_SHAPES.find((one) => one.id === id)!;
  return shape.make({ ...Object.fromEntries(shape.sizes.map(({ key, usual }) => [key, usual])), ...sizes });
};
const mm = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('library: the raw edge lies one allowance from the seam line', () => {
  it('of a circle: a circle so much larger or smaller', () => {
    fc.assert(
      fc.property(mm(20, 300), mm(3, 15), (radius, allowance) => {
        const { points } = { points: walkParts([{ radiusMm: radius, turnDeg: 360 }]) };
        const circle = circleOf(radius);
        for (const off of [allowance, -allowance])
          for (const p of offsetOutline(points, true, off)) {
            const away = at(p).distanceTo(circle.center)[0] - radius;
            // Chords of 3° lie within r(1 − cos 1.5°) of their circle, and their mitres as far outside.
            expect(Math.abs(away + off)).toBeLessThan((radius + allowance) * (1 - Math.cos(Math.PI / 60)) + 1e-6);
          }
      }),
      { numRuns: 30 },
    );
  });

  it('of polygons: as far from the nearest side, mitred corners no nearer', () => {
    for (const sides of [3, 4, 5, 6, 8, 12]) {
      const points = Array.from({ length: sides }, (_, i) => ({
        x: 100 * Math.cos((2 * Math.PI * i) / sides),
        y: 100 * Math.sin((2 * Math.PI * i) / sides),
      }));
      const polygon = polygonOf(points);
      const outside = offsetOutline(points, true, -10);
      expect(outside).toHaveLength(sides);
      for (const p of outside) expect(at(p).distanceTo(polygon)[0]).toBeGreaterThanOrEqual(10 - 1e-9);
      outside.forEach((a, i) => {
        const b = outside[(i + 1) % sides];
        const middle = { x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
        expect(at(middle).distanceTo(polygon)[0]).toBeCloseTo(10, 9);
      });
      // The area between them, from the library: sides × 10 and the mitred corners.
      const corners = sides * 100 * Math.tan(Math.PI / sides);
      const between = Math.abs(polygonOf(outside).area()) - Math.abs(polygon.area());
      expect(between).toBeCloseTo(10 * outlineLengthMm(points, true) + corners, 6);
    }
  });

  it('of every shape: nowhere nearer than the allowance', () => {
    for (const { id } of OUTLINE_SHAPES) {
      const outline = made(id);
      const out = outline.allowanceOn === 'right' ? 8 : -8;
      const raw = offsetOutline(outline.points, outline.closed, out);
      expect(raw.length, id).toBeGreaterThan(1);
      for (const p of raw) expect(toLine(p, outline), id).toBeGreaterThan(8 - 1e-4);
    }
  });
});

describe('library: every mark lies on the line', () => {
  it.each(OUTLINE_SHAPES.map(({ id, name }) => [name, id] as const))('%s', (_, id) => {
    const outline = made(id);
    const answer = outlineSeam({ ...outline, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 5 });
    const marks = [...answer.cuts, ...answer.pivots].map(({ alongMm }) => alongMm);
    expect(marks.length).toBeGreaterThan(0);
    for (const alongMm of marks)
      expect(toLine(placeAlong(outline.points, outline.closed, alongMm).at, outline)).toBeLessThan(1e-9);
    expect(answer.stretches[0].fromMm).toBe(0);
    expect(answer.stretches.at(-1)!.toMm).toBeCloseTo(answer.lengthMm, 9);
  });
});

// Clips: exact circle geometry, an edge a inside a line of radius r opens a slit at spacing s by 2as/r when it is turned.
describe('practice: cuts are spaced as the curve asks', () => {
  it('a neckline of 90 mm radius opens no slit by more than 4 mm', () => {
    const outline = made('neckline', { width: 180, depth: 90 });
    const { cuts } = outlineSeam({ ...outline, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 10 });
    const gaps = cuts.slice(1).map(({ alongMm }, i) => alongMm - cuts[i].alongMm);
    expect(cuts.every(({ kind }) => kind === 'clip')).toBe(true);
    for (const gap of gaps) expect((2 * 10 * gap) / 90).toBeLessThan(4.4);
    // The trade's own number for a gentle curve, about every 25 mm (common practice).
    const gentle = made('neckline', { width: 250, depth: 125 });
    const clips = outlineSeam({ ...gentle, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 10 }).cuts;
    const mean = (clips.at(-1)!.alongMm - clips[0].alongMm) / (clips.length - 1);
    expect(mean).toBeGreaterThan(22);
    expect(mean).toBeLessThan(28);
  });

  it('no slit opens by more than 4 mm, or they already lie as near as they may', () => {
    fc.assert(
      fc.property(mm(40, 250), mm(4, 15), (radius, allowance) => {
        const outline = made('neckline', { width: 2 * radius, depth: radius });
        const { cuts } = outlineSeam({ ...outline, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: allowance });
        const chord = 2 * radius * Math.sin(Math.PI / 120);
        cuts.slice(1).forEach(({ alongMm }, i) => {
          const gap = alongMm - cuts[i].alongMm;
          // A cut falls on a point of the line: never more than one chord after where it is due.
          expect(gap).toBeLessThanOrEqual(Math.max(5, (4 * radius) / (2 * allowance)) + chord + 1e-6);
          expect(gap).toBeLessThanOrEqual(30 + chord);
        });
      }),
      { numRuns: 40 },
    );
  });

  it('notches go into convex curves, slits into concave ones, whichever way they are walked', () => {
    const kinds = (outline: Outline) =>
      new Set(outlineSeam({ ...outline, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 6 }).cuts.map((c) => c.kind));
    const cushion = made('round');
    expect(kinds(cushion)).toEqual(new Set(['notch']));
    const back = { ...cushion, points: [...cushion.points].reverse(), allowanceOn: 'right' as const };
    expect(kinds(back)).toEqual(new Set(['notch']));
    expect(kinds({ ...cushion, allowanceOn: 'right' })).toEqual(new Set(['clip']));
    expect(kinds(made('neckline'))).toEqual(new Set(['clip']));
    expect(kinds(made('armhole'))).toEqual(new Set(['clip']));
    expect(kinds(made('pocket'))).toEqual(new Set(['notch']));
  });

  it('a straight between two curves neither bunches cuts nor is cut itself', () => {
    const box = made('box', { width: 400, height: 300, radius: 60 });
    const { cuts, stretches } = outlineSeam({ ...box, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 6 });
    const gaps = cuts.slice(1).map(({ alongMm }, i) => alongMm - cuts[i].alongMm);
    expect(Math.min(...gaps)).toBeGreaterThan(15);
    // Corner arcs, from the first straight on: 280 straight, 94.2 round, 180, 94.2, …
    for (const { alongMm } of cuts) {
      const into = alongMm % (280 + 180 + (2 * Math.PI * 60) / 2);
      const onStraight = into < 279 || (into > 280 + 95.5 && into < 280 + 94.2 + 179);
      expect(onStraight, `${alongMm}`).toBe(false);
    }
    expect(stretches).toHaveLength(1);
  });
});

describe('library: the stitch follows the line', () => {
  it('a tight corner is sewn short a little before and after it, not the whole side', () => {
    const pocket = made('pocket', { width: 140, height: 160, radius: 8 });
    const { stretches } = outlineSeam({ ...pocket, lengthMm: 3, toleranceMm: 0.1, allowanceMm: 5, stepMm: 0.5 });
    expect(stretches.map((s) => s.lengthMm)).toEqual([3, 1, 3, 1, 3]);
    for (const s of stretches) expect(s.toMm - s.fromMm).toBeGreaterThanOrEqual(15 - 1e-6);
    expect(stretches[1].toMm - stretches[1].fromMm).toBeLessThan(20);
  });

  // Sagitta of a chord: e = r − √(r² − L²/4), exact.
  it('no stitch leaves its curve by more than a tenth of a millimetre', () => {
    fc.assert(
      fc.property(mm(4, 60), (radius) => {
        const outline = made('box', { width: 300, height: 300, radius });
        const { stretches } = outlineSeam({ ...outline, lengthMm: 3.5, toleranceMm: 0.1, allowanceMm: 3, stepMm: 0.5 });
        stretches.slice(1).forEach((s, i) => expect(s.fromMm).toBe(stretches[i].toMm));
        const side = 300 - 2 * radius;
        const arc = (Math.PI * radius) / 2;
        for (const along of [side + 0.1 * arc, side + arc / 2, 2 * side + 1.9 * arc]) {
          const { lengthMm } = stretches.find((s) => along <= s.toMm)!;
          const error = radius - Math.sqrt(radius ** 2 - lengthMm ** 2 / 4);
          if (lengthMm > 1) expect(error).toBeLessThanOrEqual(0.1 + 1e-3);
        }
      }),
      { numRuns: 30 },
    );
  });
});
