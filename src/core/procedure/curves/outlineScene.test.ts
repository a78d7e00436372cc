import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { distanceToOutline, outlineLengthMm, placeAlong, readSvgOutline, transformedPath } from '../../geometry';
import { outlineSeam } from '../../seam';
import { OUTLINE_SHAPES, usualShape } from '../../seam';
import { FROM_STITCHES_MM, outlineScene } from './outlineScene';
import type { ScenePoint, Scene } from '../engine/scene';
import { stitchAlong } from '../engine/stitchAlong';

const TRIM = 6;
const drawn = (id: string, more: { gap?: number; allowance?: number } = {}) => {
  const outline = usualShape(id);
  const answer = outlineSeam({ ...outline, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: TRIM, stepMm: 0.5 });
  const scene = outlineScene({ outline, answer, allowance: 10, trim: TRIM, label: id, side: 'wrong', ...more });
  return { outline, answer, scene };
};
const linesOf = (scene: Scene, id: string) => scene.lines.filter((line) => line.id === id).map(({ points }) => points);
const long = (points: readonly ScenePoint[]) =>
  points.slice(1).reduce((sum, [x, y], i) => sum + Math.hypot(x - points[i][0], y - points[i][1]), 0);

describe('a drawn line', () => {
  it.each(OUTLINE_SHAPES.map(({ id, name }) => [name, id] as const))('%s: no cut reaches the stitching', (_, id) => {
    const { outline, answer, scene } = drawn(id);
    const cuts = linesOf(scene, 'cuts');
    expect(cuts).toHaveLength(answer.cuts.length);
    for (const [x, y] of cuts.flat())
      expect(distanceToOutline({ x, y }, outline.points, outline.closed)).toBeGreaterThan(FROM_STITCHES_MM - 0.1);
    // Into an inner corner the slit runs between both seams: what counts is how near to their meeting point it ends.
    const corners = linesOf(scene, 'corners');
    expect(corners).toHaveLength(answer.pivots.length);
    answer.pivots.forEach(({ alongMm }, i) => {
      const { at } = placeAlong(outline.points, outline.closed, alongMm);
      for (const [x, y] of corners[i]) expect(Math.hypot(x - at.x, y - at.y)).toBeGreaterThan(FROM_STITCHES_MM - 1e-6);
    });
  });

  it('slits are one line, wedges two that meet at the stitching', () => {
    for (const points of linesOf(drawn('neckline').scene, 'cuts')) expect(points).toHaveLength(2);
    for (const points of linesOf(drawn('round').scene, 'cuts')) expect(points).toHaveLength(3);
  });

  it('is sewn all round but for its gap', () => {
    const { outline, scene } = drawn('box', { gap: 100 });
    const [seam] = linesOf(scene, 'seam');
    expect(long(seam)).toBeCloseTo(outlineLengthMm(outline.points, true) - 100, 0);
    expect(scene.texts).toContainEqual(expect.objectContaining({ text: 'gap', mm: 100 }));
    expect(linesOf(drawn('box').scene, 'seam')[0].at(-1)).toEqual(linesOf(drawn('box').scene, 'seam')[0][0]);
  });

  it('tells how wide and high it is, and where the stitch changes', () => {
    expect(drawn('neckline').scene.dims.map(({ mm }) => Math.round(mm))).toEqual([180, 90]);
    const pocket = OUTLINE_SHAPES.find(({ id }) => id === 'pocket')!.make({ width: 140, height: 160, radius: 7 });
    const answer = outlineSeam({ ...pocket, lengthMm: 3, toleranceMm: 0.1, allowanceMm: 5, stepMm: 0.5 });
    const scene = outlineScene({ outline: pocket, answer, allowance: 10, trim: 5, label: '', side: 'wrong' });
    expect(scene.texts!.map(({ text }) => text)).toEqual(['3 mm', '1 mm', '3 mm', '1 mm', '3 mm']);
  });

  it('an allowance that is not trimmed has no trim line', () => {
    const { outline, answer } = drawn('box');
    const scene = outlineScene({ outline, answer, allowance: TRIM, trim: TRIM, label: '', side: 'wrong' });
    expect(linesOf(scene, 'trim')).toEqual([]);
  });
});

describe('a line drawn by its stitch', () => {
  it('swings half its width to each side, as often as it is long', () => {
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 40 }), fc.double({ min: 1, max: 7, noNaN: true }), (count, widthMm) => {
        const line: ScenePoint[] = [
          [0, 0],
          [2 * count, 0],
        ];
        const holes = stitchAlong(line, { stitch: 'zigzag', lengthMm: 2, widthMm });
        expect(holes).toHaveLength(count + 1);
        for (const [, y] of holes) expect(Math.abs(y)).toBeCloseTo(widthMm / 2, 9);
      }),
    );
  });
  it('a straight stitch, no width, or a line too long to tell its holes apart stays a line', () => {
    const line: ScenePoint[] = [
      [0, 0],
      [5000, 0],
    ];
    expect(stitchAlong(line, { stitch: 'straight', lengthMm: 2, widthMm: 0 })).toBe(line);
    expect(stitchAlong(line, { stitch: 'zigzag', lengthMm: 2, widthMm: 0 })).toBe(line);
    expect(stitchAlong(line, { stitch: 'zigzag', lengthMm: 2, widthMm: 3 })).toBe(line);
  });
});

// As SVG 1.1 orders transforms: the one written last is applied first.
describe('a path with transforms around it', () => {
  it.each([
    ['', 10],
    ['scale(3)', 30],
    ['translate(5 5) scale(2)', 20],
    ['rotate(90)', 10],
    ['matrix(0.5 0 0 0.5 0 0) scale(2)', 10],
  ])('%j makes a line of 10 as long as %d', (transform, mm) => {
    const read = readSvgOutline(transformedPath('M0 0 H10', transform))!;
    expect(outlineLengthMm(read.points, read.closed)).toBeCloseTo(mm, 6);
  });
});
