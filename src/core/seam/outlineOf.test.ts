import { describe, expect, it } from 'vitest';
import { outlineLengthMm } from '../geometry';
import { type Outline, OUTLINE_SHAPES, outlineOf, type OutlineSpec, outlineSpecSchema } from '.';
import { outlineSeam } from './outline';

const line = (spec: OutlineSpec): Outline => {
  const found = outlineOf(spec);
  if ('blocked' in found) throw new Error(found.blocked[0].text);
  return found;
};
const refusal = (spec: OutlineSpec) => {
  const found = outlineOf(spec);
  return 'blocked' in found ? found.blocked[0].code : null;
};
const svg = (d: string, mmPerUnit = 1): OutlineSpec => ({ from: 'svg', name: '', d, mmPerUnit, side: 'usual' });

describe('a line is given in three ways', () => {
  it('picked: what is left out takes its usual size, what is out of bounds the nearest that is not', () => {
    const round = line({ from: 'shape', shape: 'round', sizes: { across: 200 }, side: 'usual' });
    expect(outlineLengthMm(round.points, true)).toBeCloseTo(Math.PI * 200, 0);
    expect(line({ from: 'shape', shape: 'round', sizes: {}, side: 'usual' }).points.length).toBeGreaterThan(100);
    const huge = line({ from: 'shape', shape: 'round', sizes: { across: 1e9 }, side: 'usual' });
    expect(outlineLengthMm(huge.points, true)).toBeCloseTo(Math.PI * 1200, 0);
  });

  it('drawn: straights, arcs and corners; ends that meet are one', () => {
    const side = [{ straightMm: 100 }, { radiusMm: 0, turnDeg: 90 }] as const;
    const square = line({ from: 'drawn', parts: [...side, ...side, ...side, ...side], closed: false, side: 'usual' });
    expect(square.closed).toBe(true);
    expect(outlineLengthMm(square.points, true)).toBeCloseTo(400, 6);
    const open = line({ from: 'drawn', parts: [...side, ...side], closed: false, side: 'usual' });
    expect(open.closed).toBe(false);
  });

  it('loaded: in the file’s own units, whichever way it is drawn the allowance lies outside', () => {
    expect(outlineLengthMm(line(svg('M0 0 H100 V50', 2)).points, false)).toBeCloseTo(300, 9);
    for (const d of ['M0 0 H100 V100 H0 Z', 'M0 0 V100 H100 V0 Z']) {
      const square = line(svg(d));
      const { pivots } = outlineSeam({ ...square, lengthMm: 2.5, toleranceMm: 0.1, allowanceMm: 10 });
      expect(pivots.map((p) => p.side)).toEqual(['outer', 'outer', 'outer', 'outer']);
    }
  });

  it('its allowance can lie on the other side', () => {
    for (const { id } of OUTLINE_SHAPES) {
      const spec = { from: 'shape', shape: id, sizes: {}, side: 'usual' } as const;
      expect(line(spec).allowanceOn).not.toBe(line({ ...spec, side: 'other' }).allowanceOn);
    }
  });
});

describe('what is no line is refused with a way out', () => {
  it.each<[string, OutlineSpec, string]>([
    ['nothing drawn', { from: 'drawn', parts: [], closed: false, side: 'usual' }, 'seam.outline-nothing'],
    ['no file loaded yet', svg(''), 'seam.outline-nothing'],
    ['a path that is no path', svg('round the neck'), 'seam.outline-unread'],
    ['a file in other units', svg('M0 0 H100', 1000), 'seam.outline-long'],
    ['a shape nobody knows', { from: 'shape', shape: 'cloud', sizes: {}, side: 'usual' }, 'seam.outline-shape'],
  ])('%s', (_, spec, code) => expect(refusal(spec)).toBe(code));

  it('a size that is no number, or a piece too long, does not pass the border', () => {
    const bad = [
      { from: 'svg', d: 'M0 0', mmPerUnit: 0, side: 'usual', name: '' },
      { from: 'drawn', parts: [{ straightMm: -1 }], closed: false, side: 'usual' },
      { from: 'shape', shape: 'box', sizes: { width: 'wide' }, side: 'usual' },
      { from: 'elsewhere' },
    ];
    for (const spec of bad) expect(outlineSpecSchema.safeParse(spec).success).toBe(false);
  });
});
