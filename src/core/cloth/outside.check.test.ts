import { describe, expect, it } from 'vitest';
import {
  clothToBuy,
  FAMILY,
  gsmOf,
  heatOf,
  IRON_STEPS,
  measuredStretch,
  readingSchema,
  rigidityFrom,
  shrinkFinding,
  type ClothReading,
} from '.';

const YARD = 914.4;
const INCH = 25.4;
const read = (reading: object): ClothReading => readingSchema.parse({ at: '2026-01-01T00:00:00Z', ...reading });

describe('published: what a standard states of measuring', () => {
  it('the dots of a care label are 110, 150 and 200 °C (ISO 3758:2012)', () =>
    expect(IRON_STEPS).toEqual([110, 150, 200]));

  // Change of size, negative where it shrank (AATCC 135, ISO 5077); what is said here is its negative, a shrinkage.
  it.each([
    [250, 238, 4.8],
    [500, 485, 3],
    [500, 510, -2],
  ])('%s mm that became %s mm shrank %s per cent', (beforeMm, alongMm, percent) => {
    const found = shrinkFinding([read({ gauge: 'shrink', wash: 1, beforeMm, acrossMm: beforeMm, alongMm })])!;
    expect(found.alongPercent).toBeCloseTo(percent, 9);
  });

  // Flexural rigidity is mass times the cube of the bending length (BS 3356).
  it.each([
    [340, 30, 918],
    [100, 20, 80],
    [150, 25, 234.4],
  ])('%d g/m² with a bending length of %d mm: %d mg·cm', (massGsm, c, rigidity) => {
    const found = rigidityFrom({ massGsm, overhangMm: 2 * c });
    expect(found.bendingLengthMm).toBeCloseTo(c, 9);
    expect(found.rigidityMgCm).toBeCloseTo(rigidity, 0);
  });

  it('918 mg·cm are 90.0 µN·m: weight, not mass, times the length', () =>
    expect(rigidityFrom({ massGsm: 340, overhangMm: 60 }).rigidityMgCm * 0.09807).toBeCloseTo(90, 1));

  it.each([
    [113, 88.5, 3.27, 327],
    [100, 100, 1.6, 160],
    [50, 200, 4.9, 490],
  ])('a piece of %d × %d mm that weighs %d g has %d g/m² (ISO 3801)', (widthMm, lengthMm, grams, gsm) =>
    expect(gsmOf({ piece: { widthMm, lengthMm }, grams })).toBeCloseTo(gsm, 0),
  );
});

describe('handbook: the stretch gauge of pattern envelopes', () => {
  // Four inches of cloth, pulled as far as it goes without force.
  it.each([
    [4.75, 18],
    [5, 25],
    [6, 50],
    [8, 100],
  ])('4 in that reach %s in stretch %s per cent', (inches, percent) => {
    const marks = { rest: 4 * INCH, stretched: inches * INCH };
    const { stretch } = measuredStretch([read({ gauge: 'stretch', direction: 'across', marks })], 'across');
    expect(Math.abs(stretch!.mean - percent)).toBeLessThanOrEqual(1);
  });
});

describe('handbook: cloth of another width', () => {
  // Yards of 45 in beside yards of 60 in, as extension services print them, to an eighth of a yard.
  it.each([
    [1.375, 1],
    [1.625, 1.25],
    [1.75, 1.375],
    [2.125, 1.625],
    [2.25, 1.75],
    [2.5, 1.875],
    [2.75, 2],
    [2.875, 2.25],
    [3.125, 2.375],
    [3.375, 2.625],
    [3.625, 2.75],
    [3.875, 2.875],
  ])('%s yd of 45 in are %s yd of 60 in, and the other way about, within an eighth', (narrow, wide) => {
    const buy = (yards: number, at: number, on: number) => {
      const answer = clothToBuy({ neededMm: yards * YARD, atWidthMm: at * INCH, widthMm: on * INCH, selvedgeMm: 0 });
      return 'buyMm' in answer ? answer.buyMm / YARD : NaN;
    };
    expect(Math.abs(buy(narrow, 45, 60) - wide)).toBeLessThanOrEqual(0.1251);
    expect(Math.abs(buy(wide, 60, 45) - narrow)).toBeLessThanOrEqual(0.1251);
  });
});

describe('handbook: weights of cloth', () => {
  // Textbooks of textiles: light to 3 oz/yd² (102 g/m²), medium 5 to 7 (170–237), heavy above.
  it.each(['chiffon', 'lawn', 'silk'] as const)('%s is light', (family) =>
    expect(FAMILY[family].massGsm[1]).toBeLessThanOrEqual(102),
  );
  it.each(['denim', 'canvas'] as const)('%s is heavy', (family) =>
    expect(FAMILY[family].massGsm[1]).toBeGreaterThan(237),
  );
});

describe('handbook: heat', () => {
  // Melting points from fibre tables, °C: what may touch the iron lies far below each.
  it.each([
    ['polypropylene', 160],
    ['nylon', 215],
    ['polyester', 255],
  ])('the sole plate for %s stays well below its melting point of %d °C', (fibre, melts) => {
    const { ceilingC } = heatOf({ structure: 'woven', family: 'poplin', traits: [], fibres: { [fibre]: 100 } });
    expect(ceilingC).toBeLessThanOrEqual(melts - 45);
  });
});
