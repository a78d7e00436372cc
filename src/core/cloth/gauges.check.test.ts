import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import {
  clothToBuy,
  gsmOf,
  IRON_STEPS,
  measuredStretch,
  measuredThickness,
  pieceAreaMm2,
  readingSchema,
  type ClothReading,
  rigidityFrom,
  shrinkFinding,
  usualShrinkage,
} from '.';

const AT = '2026-01-01T00:00:00Z';
const read = (reading: object): ClothReading => readingSchema.parse({ at: AT, ...reading });

describe('published: each gauge gives the quantity its standard defines', () => {
  it('fabric stretch and fabric growth, over the rest length (ASTM D2594)', () => {
    const marks = { rest: 125, stretched: 200, relaxed: 130 };
    const { stretch, growth } = measuredStretch([read({ gauge: 'stretch', direction: 'across', marks })], 'across');
    expect(stretch!.mean).toBeCloseTo(((200 - 125) / 125) * 100, 10);
    expect(growth!.mean).toBeCloseTo(((130 - 125) / 125) * 100, 10);
  });

  it('elastic recovery is what of the stretch comes back (ASTM D3107 quantity)', () => {
    const marks = { rest: 250, stretched: 300, relaxed: 255 };
    const { recovery } = measuredStretch([read({ gauge: 'stretch', direction: 'along', marks })], 'along');
    expect(recovery!.mean).toBeCloseTo(((300 - 255) / (300 - 250)) * 100, 10);
  });

  it('mass per unit area is mass over area, whatever the shape (ASTM D3776, ISO 3801; definition)', () => {
    const gsm = gsmOf({ piece: { widthMm: 113, lengthMm: 88.5 }, grams: 3.27 });
    const square = unit(113, 'mm').toNumber('m') * unit(88.5, 'mm').toNumber('m');
    expect(gsm).toBeCloseTo(unit(3.27, 'g').toNumber('g') / square, 8);
  });

  it('a round disc of 100 cm², as cut for weighing, traced with many corners, has its area (geometry)', () => {
    const radius = 56.419;
    const outline = Array.from({ length: 360 }, (_, i) => ({
      x: radius * Math.cos((i * Math.PI) / 180),
      y: radius * Math.sin((i * Math.PI) / 180),
    }));
    expect(pieceAreaMm2({ outline }) / 1e4).toBeCloseTo(1, 3);
  });

  it('thickness of one layer is the stack over its layers (common practice)', () => {
    const readings = [10, 4].map((layers) => read({ gauge: 'thickness', layers, stackMm: layers * 0.45 }));
    expect(measuredThickness(readings)).toMatchObject({ n: 2 });
    expect(measuredThickness(readings)!.mean).toBeCloseTo(0.45, 10);
  });

  it('dimensional change is (before − after) / before, length and width apart (AATCC 135, ISO 5077)', () => {
    const found = shrinkFinding([read({ gauge: 'shrink', wash: 1, beforeMm: 250, acrossMm: 243, alongMm: 238 })])!;
    expect(found.acrossPercent).toBeCloseTo(2.8, 10);
    expect(found.alongPercent).toBeCloseTo(4.8, 10);
  });

  it.each([
    [340, 60, 30, 918],
    [100, 40, 20, 80],
  ])('%d g/m² hanging over %d mm: c = %d mm, G = mass × c³ = %d mg·cm (ASTM D1388)', (massGsm, overhangMm, c, G) => {
    const found = rigidityFrom({ massGsm, overhangMm });
    expect(found.bendingLengthMm).toBe(c);
    expect(found.rigidityMgCm).toBeCloseTo(G, 8);
  });

  // Peirce's formula, from memory: c = overhang × (cos(θ/2) / (8 tan θ))^(1/3); at 41.5° the standard calls it half.
  it('at a slope of 41.5° the bending length is half the overhang, within 2%', () => {
    const angle = (41.5 * Math.PI) / 180;
    const share = Math.cbrt(Math.cos(angle / 2) / (8 * Math.tan(angle)));
    const { bendingLengthMm } = rigidityFrom({ massGsm: 200, overhangMm: 100 });
    expect(Math.abs(bendingLengthMm / (100 * share) - 1)).toBeLessThan(0.02);
  });

  it('one, two and three dots are 110, 150 and 200 °C (ISO 3758:2012)', () =>
    expect(IRON_STEPS).toEqual([110, 150, 200]));
});

describe('practice: buying', () => {
  it('2 m at 5% shrink is 2.105 m (definition)', () =>
    expect(clothToBuy({ neededMm: 2000, atWidthMm: 1500, widthMm: 1500, selvedgeMm: 0, shrinkAlong: 5 })).toMatchObject(
      {
        buyMm: expect.closeTo(2105.263, 3) as number,
      },
    ));

  // Conversion of widths by area, as printed on yardage charts: 45 in ↔ 60 in (common practice).
  it('3 yd of 45 in is 2 1/4 yd of 60 in', () => {
    const inch = (n: number) => unit(n, 'inch').toNumber('mm');
    const answer = clothToBuy({
      neededMm: unit(3, 'yard').toNumber('mm'),
      atWidthMm: inch(45),
      widthMm: inch(60),
      selvedgeMm: 0,
    });
    expect('buyMm' in answer && unit(answer.buyMm, 'mm').toNumber('yard')).toBeCloseTo(2.25, 10);
  });
});

// What dressmakers allow for before anything was washed, along the grain more than across; a knit more than a woven fabric.
describe('practice: shrinkage to allow for, percent across and along', () => {
  it.each<[string, [number, number], [number, number]]>([
    ['cotton', [3, 5], [5, 8]],
    ['linen', [4, 6], [5, 8]],
    ['viscose', [4, 8], [6, 10]],
    ['wool', [3, 5], [5, 8]],
    ['silk', [2, 4], [3, 5]],
    ['polyester', [0, 1], [1, 2]],
  ])('%s: woven %j, knitted %j', (fibre, woven, knit) => {
    const allowed = (structure: 'woven' | 'knit') => {
      const family = structure === 'knit' ? 'jersey' : 'poplin';
      const { acrossPercent, alongPercent } = usualShrinkage({
        structure,
        family,
        traits: [],
        fibres: { [fibre]: 100 },
      });
      return [acrossPercent, alongPercent];
    };
    expect(allowed('woven')).toEqual(woven);
    expect(allowed('knit')).toEqual(knit);
  });
});
