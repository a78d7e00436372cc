import { describe, expect, it } from 'vitest';
import { STITCH, threadUse } from '.';

const ratioOf = (stitch: 'straight' | 'zigzag', lengthMm: number, widthMm: number, thicknessMm: number) =>
  threadUse({ stitch, lengthMm, widthMm, thicknessMm, seamMm: 1000 });

// Makers' consumption tables give one number for each stitch type: 2.5 for 301, 7.0 for 304, half of it each thread. They state no length
// and no thickness; what they hold for is said here.
describe('handbook: thread in a seam', () => {
  it.each([
    [2.5, 0.4],
    [2.5, 0.6],
    [2.5, 0.8],
    [3, 0.6],
    [3, 1],
    [3.5, 1],
    [2, 0.5],
  ])('301 at %f mm through %f mm takes 2.5 times the seam, within a seventh', (lengthMm, thicknessMm) => {
    const { ratio, needleMm, bobbinMm } = ratioOf('straight', lengthMm, 0, thicknessMm);
    expect(Math.abs(ratio / 2.5 - 1)).toBeLessThan(1 / 7);
    expect(needleMm).toBeCloseTo(bobbinMm, 9);
  });

  it.each([
    [1.5, 4.5, 0.6],
    [1.5, 4, 1],
    [2, 6, 0.6],
    [1, 3, 0.5],
  ])(
    '304 at %f mm, %f mm wide, through %f mm takes 7 times the seam, within a seventh',
    (lengthMm, widthMm, thicknessMm) => {
      const { ratio, needleMm, bobbinMm } = ratioOf('zigzag', lengthMm, widthMm, thicknessMm);
      expect(Math.abs(ratio / 7 - 1)).toBeLessThan(1 / 7);
      expect(needleMm).toBeCloseTo(bobbinMm, 9);
    },
  );

  it('outside of that the tables do not hold: a heavy seam takes more than 2.5, a narrow zigzag less than 7', () => {
    expect(ratioOf('straight', 2.5, 0, 3).ratio).toBeGreaterThan(4);
    expect(ratioOf('zigzag', 2.5, 2, 0.6).ratio).toBeLessThan(4.5);
  });
});

describe('published: stitch types by their numbers (ISO 4915)', () => {
  it('the plain lockstitch is 301 and the zigzag 304', () => {
    expect(STITCH.straight.source).toContain('301');
    expect(STITCH.zigzag.source).toContain('304');
  });
});
