import { describe, expect, it } from 'vitest';
import { PAPERS } from '../geometry';
import { N_PER_LBF } from '../units';
import { boundEdge, type Hold, seamStrength, SOLD_MM } from '.';

describe('published: paper', () => {
  it('A4 is 210 × 297 mm (ISO 216), Letter 8½ × 11 in, 215.9 × 279.4 mm (ANSI Y14.1)', () => {
    expect(PAPERS.find(({ id }) => id === 'a4')).toMatchObject({ widthMm: 210, heightMm: 297 });
    expect(PAPERS.find(({ id }) => id === 'letter')).toMatchObject({ widthMm: 215.9, heightMm: 279.4 });
    expect(PAPERS.find(({ id }) => id === 'letter')!.widthMm / 25.4).toBeCloseTo(8.5, 9);
  });
});

describe('handbook: strength of a seam', () => {
  // Thread makers' bulletins: stitches per inch × strength of the thread × 1.5 for a lockstitch, × 1.7 for a chain stitch.
  it.each<[Hold, number, number, number]>([
    ['lockstitch', 10, 2.2, 33],
    ['lockstitch', 12, 2.2, 39.6],
    ['lockstitch', 8, 3, 36],
    ['chainstitch', 10, 2.2, 37.4],
  ])('a %s of %f stitches an inch in thread of %f lbf bears %f lbf an inch', (hold, spi, lbf, bears) => {
    const thread = { fibre: 'polyester' as const, tex: 27 };
    const { perInchLbf, perInchN } = seamStrength({ lengthMm: 25.4 / spi, thread, threadN: lbf * N_PER_LBF, hold });
    expect(perInchLbf).toBeCloseTo(bears, 6);
    expect(perInchN).toBeCloseTo(bears * 4.4482216, 3);
  });
});

describe('practice: what is sold and how it is cut', () => {
  it.each([7, 9, 12, 22])('zips are sold %i in long', (inches) =>
    expect(SOLD_MM.inch.some((mm) => Math.abs(mm - inches * 25.4) < 1e-9)).toBe(true),
  );
  it.each([180, 300])('zips are sold %i mm long', (mm) => expect(SOLD_MM.metric).toContain(mm));

  // Four finished widths single, six doubled, and the turns; cloth as thin as lawn.
  it.each([
    ['single', 4, 6],
    ['single', 4, 12],
    ['double', 6, 6],
    ['double', 6, 9.525],
  ] as const)(
    '%s binding is cut %i finished widths wide (%s mm), and a few mm for the turns',
    (way, widths, finished) => {
      const found = boundEdge(finished, 0.15, 0.6, way);
      if (!('cutMm' in found)) throw new Error('expected a width to cut');
      expect(found.cutMm).toBeGreaterThan(widths * finished);
      expect(found.cutMm - widths * finished).toBeLessThan(7);
    },
  );

  it('a 2½ in strip sewn at ⅜ in binds an edge ⅜ in wide, doubled', () => {
    const found = boundEdge(0.375 * 25.4, 0.15, 0.6, 'double');
    expect('cutMm' in found && Math.abs(found.cutMm / 25.4 - 2.5)).toBeLessThan(1 / 16);
  });
});
