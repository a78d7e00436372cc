import { describe, expect, it } from 'vitest';
import { outlineOf, OUTLINE_SHAPES } from '@/core/seam';
import { givenOf, PROCEDURES, type Scene, stepsOf, workOut } from '@/core/procedure';
import { commonScale, DRAWING, fitScene, isLow } from './fitScene';

const CLOTH = { structure: 'woven', family: 'denim', massGsm: 340, traits: [] } as const;
const all = PROCEDURES.flatMap((procedure) => {
  const { given } = givenOf({ ...CLOTH, traits: [] }, procedure, null, null);
  const worked = workOut(procedure, {}, given);
  if (!worked.ok) throw new Error(`${procedure.id}: expected numbers`);
  const views = [...new Set(stepsOf(procedure, worked.numbers).map(({ view }) => view))];
  return views.map((view) => [`${procedure.name}, ${view}`, procedure.views[view](worked.numbers, given)] as const);
});

describe('a drawing is as large as it can be and wholly on its sheet', () => {
  it.each(all)('%s', (_, scene) => {
    const fit = fitScene(scene);
    const points = [...scene.cloths, ...scene.lines].flatMap((part) => part.points).map(fit.to);
    for (const [x, y] of points) {
      expect(x).toBeGreaterThanOrEqual(0);
      expect(x).toBeLessThanOrEqual(DRAWING.width);
      expect(y).toBeGreaterThanOrEqual(0);
      expect(y).toBeLessThanOrEqual(fit.height);
    }
    expect(fit.height).toBeLessThanOrEqual(DRAWING.tallest + 1e-6);
    // It touches one limit: across with the room for its lengths, or from top to bottom.
    const wide = Math.max(...points.map(([x]) => x)) - Math.min(...points.map(([x]) => x));
    expect(wide > 90 || fit.height > DRAWING.tallest - 1).toBe(true);
  });

  it('is to scale the same way in both directions, whatever its shape', () => {
    for (const { id } of OUTLINE_SHAPES) {
      const outline = outlineOf({ from: 'shape', shape: id, sizes: {}, side: 'usual' });
      if ('blocked' in outline) throw new Error(outline.blocked[0].text);
      const points = outline.points.map(({ x, y }) => [x, y] as const);
      const { to, scale } = fitScene({
        label: '',
        view: 'above',
        cloths: [{ points, side: 'right' }],
        lines: [],
        dims: [],
      });
      const [[x0, y0], [x1, y1]] = [to([0, 0]), to([10, 10])];
      expect(x1 - x0).toBeCloseTo(10 * scale, 9);
      expect(y1 - y0).toBeCloseTo(10 * scale, 9);
    }
  });

  it('leaves room on the side where something is written', () => {
    const square = {
      points: [
        [0, 0],
        [100, 0],
        [100, 100],
        [0, 100],
      ] as const,
      side: 'right' as const,
    };
    const scene = { label: '', view: 'above' as const, cloths: [square], lines: [], dims: [] };
    const bare = fitScene(scene);
    const named = fitScene({ ...scene, dims: [{ from: [104, 0], to: [104, 60], mm: 60, name: 'zip' }] });
    const left = fitScene({ ...scene, dims: [{ from: [-4, 0], to: [-4, 60], mm: 60, name: 'zip' }] });
    const room = (fit: ReturnType<typeof fitScene>) => [fit.to([0, 0])[0], DRAWING.width - fit.to([100, 0])[0]];
    for (const [with_, side] of [
      [named, 1],
      [left, 0],
    ] as const)
      expect(room(with_)[side]).toBeGreaterThan(room(with_)[1 - side] + 80);
    expect(named.scale).toBeLessThanOrEqual(bare.scale);
  });

  it('knows when another one has room below it', () => {
    const long = {
      points: [
        [0, 0],
        [110, 0],
        [110, 40],
        [0, 40],
      ] as const,
      side: 'right' as const,
    };
    const tall = {
      ...long,
      points: [
        [0, 0],
        [40, 0],
        [40, 110],
        [0, 110],
      ] as const,
    };
    const of = (cloth: typeof long | typeof tall) => ({
      label: '',
      view: 'above' as const,
      cloths: [cloth],
      lines: [],
      dims: [],
    });
    expect(isLow(of(long))).toBe(true);
    expect(isLow(of(tall))).toBe(false);
  });
});

describe('two views side by side', () => {
  const square = (mm: number): Scene => ({
    view: 'above',
    label: 'a square',
    lines: [],
    dims: [],
    cloths: [
      {
        points: [
          [0, 0],
          [mm, 0],
          [mm, mm],
          [0, mm],
        ],
        side: 'right',
      },
    ],
  });

  it('are drawn to one scale, the smaller of theirs', () => {
    const scale = commonScale(square(100), square(60))!;
    expect(scale).toBeLessThanOrEqual(fitScene(square(100)).scale);
    expect(fitScene(square(60), scale).scale).toBe(scale);
    const heights = [square(100), square(60)].map((scene) => fitScene(scene, scale).height);
    expect(heights[0] + heights[1]).toBeLessThanOrEqual(560 + 1e-6);
  });

  it('keep their own where one would shrink to nothing', () => {
    expect(commonScale(square(100), square(41))).not.toBeNull();
    expect(commonScale(square(100), square(39))).toBeNull();
  });
});

describe('a piece far taller than wide', () => {
  const strip = (tall: number): Scene => ({
    view: 'above',
    label: 'a strip',
    lines: [],
    dims: [],
    cloths: [
      {
        points: [
          [0, 0],
          [40, 0],
          [40, tall],
          [0, tall],
        ],
        side: 'right',
      },
    ],
  });
  const step = (fit: ReturnType<typeof fitScene>, y: number) => fit.to([0, y + 1])[1] - fit.to([0, y])[1];

  it('is broken in the middle: its ends are to scale, its width can be read, and it fits', () => {
    const fit = fitScene(strip(600));
    expect(fit.brokenAt).not.toBeNull();
    expect(step(fit, 0)).toBeCloseTo(fit.scale, 6);
    expect(step(fit, 599)).toBeCloseTo(fit.scale, 6);
    expect(step(fit, 300)).toBeLessThan(fit.scale / 2);
    expect(fit.height).toBeLessThanOrEqual(DRAWING.tallest + 1e-6);
    // Still in its order, from top to bottom.
    const ys = Array.from({ length: 61 }, (_, i) => fit.to([0, 10 * i])[1]);
    expect(ys).toEqual([...ys].sort((a, b) => a - b));
  });

  it('is whole as long as it can be read', () => {
    expect(fitScene(strip(60)).brokenAt).toBeNull();
  });
});
