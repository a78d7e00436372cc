import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { growthText, lineFacts, lineMeasuresSchema } from '.';

describe('what a sewn line says', () => {
  it('51 stitches in 100 mm are 1.96 mm long, and 102 mm afterwards is 2% growth', () => {
    const facts = lineFacts({ markedMm: 100, stitches: 51, afterMm: 102 });
    expect(facts.lengthMm).toBeCloseTo(1.961, 3);
    expect(facts.growthPercent).toBeCloseTo(2, 10);
  });

  it('a length that changed is said without a sign', () => {
    expect(growthText(2.04)).toBe('grew 2%');
    expect(growthText(-0.5)).toBe('shrank 0.5%');
    expect(growthText(0)).toBe('grew 0%');
  });

  it('a line that held says at least, one that popped says exactly', () => {
    expect(lineFacts({ markedMm: 100, heldToMm: 130 }).give).toEqual({ percent: 30, popped: false });
    expect(lineFacts({ markedMm: 100, poppedAtMm: 121 }).give).toEqual({ percent: 21, popped: true });
  });

  it('nothing measured says nothing', () => expect(lineFacts({ markedMm: 100 })).toEqual({}));

  it('measures that cannot be are refused with their field', () => {
    const field = (input: object) => lineMeasuresSchema.safeParse(input).error?.issues[0].path;
    expect(field({ afterMm: 500 })).toEqual(['afterMm']);
    expect(field({ poppedAtMm: 40 })).toEqual(['poppedAtMm']);
    expect(field({ stitches: 0 })).toEqual(['stitches']);
    expect(field({ stitches: 40.5 })).toEqual(['stitches']);
    expect(field({ markedMm: 0 })).toEqual(['markedMm']);
  });

  it('measures at the very limit are taken, and those beyond it are not', () => {
    const ok = (input: object) => lineMeasuresSchema.safeParse(input).success;
    expect([50, 49.9, 200, 200.1].map((afterMm) => ok({ afterMm }))).toEqual([true, false, true, false]);
    for (const key of ['poppedAtMm', 'heldToMm'])
      expect([90, 89.9, 100].map((mm) => ok({ [key]: mm }))).toEqual([true, false, true]);
    expect(lineMeasuresSchema.safeParse({ heldToMm: 40 }).error?.issues[0].path).toEqual(['heldToMm']);
  });

  it('true length times stitches is always the marked length', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 500 }), fc.integer({ min: 1, max: 300 }), (markedMm, stitches) => {
        expect(lineFacts({ markedMm, stitches }).lengthMm! * stitches).toBeCloseTo(markedMm, 8);
      }),
    );
  });
});
