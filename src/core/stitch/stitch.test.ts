import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { penetrationsPerCm, stitchFacts, stitchHoles, STITCH, STITCHES, threadUse } from '.';

const size = {
  lengthMm: fc.double({ min: 0.5, max: 5, noNaN: true }),
  widthMm: fc.double({ min: 0, max: 7, noNaN: true }),
};

describe('a stitch is its polyline', () => {
  it('every stitch has one, within its width, and moves on', () => {
    for (const id of STITCHES) {
      expect(STITCH[id].advance).toBeGreaterThan(0);
      for (const [, y] of STITCH[id].path) expect(Math.abs(y)).toBeLessThanOrEqual(0.5);
    }
  });

  it('segments of a repeat add up to its advance and come back to where they began', () => {
    for (const id of STITCHES) {
      const { segments, advance } = stitchFacts(id);
      expect(segments.reduce((sum, s) => sum + s.dx, 0)).toBeCloseTo(advance, 10);
      expect(segments.reduce((sum, s) => sum + s.dy, 0)).toBeCloseTo(0, 10);
    }
  });

  it('says which stitches feed backwards', () => {
    const backwards = STITCHES.filter((id) => stitchFacts(id).feedsBackwards);
    expect(backwards).toEqual(['triple-straight', 'lightning', 'overlock-like']);
  });

  it('holes drawn over a seam are as dense as the facts say', () => {
    for (const id of STITCHES) {
      const holes = stitchHoles(id, 2, 3, 1000).length;
      expect(holes / 100).toBeCloseTo(penetrationsPerCm(id, 2), 0);
    }
  });
});

describe('thread use', () => {
  it('always exceeds twice the seam, and both shares make the whole', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STITCHES), size.lengthMm, size.widthMm, (stitch, lengthMm, widthMm) => {
        const use = threadUse({ stitch, lengthMm, widthMm, thicknessMm: 0.5, seamMm: 300 });
        expect(use.totalMm).toBeGreaterThanOrEqual(600);
        expect(use.needleMm + use.bobbinMm).toBeCloseTo(use.totalMm, 6);
      }),
    );
  });

  it('never falls when the stitch gets wider or the cloth thicker', () => {
    fc.assert(
      fc.property(fc.constantFrom(...STITCHES), size.lengthMm, size.widthMm, (stitch, lengthMm, widthMm) => {
        const at = (w: number, t: number) =>
          threadUse({ stitch, lengthMm, widthMm: w, thicknessMm: t, seamMm: 1 }).ratio;
        expect(at(widthMm + 1, 1)).toBeGreaterThanOrEqual(at(widthMm, 1));
        expect(at(widthMm, 2)).toBeGreaterThan(at(widthMm, 1));
      }),
    );
  });
});
