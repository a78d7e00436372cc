import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { clothToBuy, type ShoppingInput, stretchDemand, stretchDemandSchema } from '.';

const plain: ShoppingInput = { neededMm: 2000, atWidthMm: 1500, widthMm: 1500, selvedgeMm: 0 };
const buy = (more: Partial<ShoppingInput>) => {
  const answer = clothToBuy({ ...plain, ...more });
  return 'buyMm' in answer ? answer.buyMm : null;
};

describe('how much to buy', () => {
  it('is what the pattern says, on the width it says', () => expect(buy({})).toBe(2000));
  it('grows by what the wash takes', () => expect(buy({ shrinkAlong: 5 })).toBeCloseTo(2105.263, 3));
  it('grows by the area that a narrower cloth lacks', () => expect(buy({ widthMm: 1100 })).toBeCloseTo(2727.273, 3));
  it('grows by 15% when all pieces point one way', () => expect(buy({ oneWay: true })).toBeCloseTo(2300, 10));
  it('grows by one repeat for each piece that must match', () =>
    expect(buy({ repeatMm: 80, matchedPieces: 4 })).toBe(2320));
  it('is less by the allowances taken off both ends of every piece', () => {
    expect(buy({ takenOffMm: 16, endToEnd: 3 })).toBe(2000 - 2 * 16 * 3);
    expect(buy({ takenOffMm: 16 })).toBe(2000 - 32);
    expect(buy({ endToEnd: 3 })).toBe(2000);
  });
  it('is refused where nothing would be left', () => {
    expect(buy({ takenOffMm: 50, endToEnd: 20 })).toBeNull();
    expect(buy({ takenOffMm: 49.9, endToEnd: 20 })).toBeCloseTo(4, 9);
  });
  it('shrinks the width too', () => expect(buy({ shrinkAcross: 10 })).toBeCloseTo(2222.222, 3));
  it('is asked for in the steps shops cut', () =>
    expect(clothToBuy({ ...plain, neededMm: 2010 })).toMatchObject({ askForMm: 2100 }));

  it('a piece that does not fit across is refused with both widths', () => {
    const answer = clothToBuy({ ...plain, widthMm: 1100, selvedgeMm: 10, widestPieceMm: 1200 });
    expect(answer).toMatchObject({ blocked: [{ code: 'shopping.cloth-too-narrow', limit: 1080, actual: 1200 }] });
  });

  it('the steps of the sum add up to it', () => {
    fc.assert(
      fc.property(
        fc.record({
          neededMm: fc.integer({ min: 200, max: 9000 }),
          widthMm: fc.integer({ min: 700, max: 1800 }),
          shrinkAlong: fc.integer({ min: 0, max: 15 }),
          oneWay: fc.boolean(),
          repeatMm: fc.constantFrom(0, 60, 320),
          matchedPieces: fc.integer({ min: 0, max: 6 }),
        }),
        (more) => {
          const answer = clothToBuy({ ...plain, selvedgeMm: 10, ...more });
          if (!('buyMm' in answer)) throw new Error('expected an answer');
          const sum = answer.steps.reduce((all, step) => all + step.mm, 0);
          // Steps under half a millimetre are not told.
          expect(Math.abs(sum - answer.buyMm)).toBeLessThan(2.6);
          expect(answer.askForMm).toBeGreaterThanOrEqual(answer.buyMm - 1e-6);
        },
      ),
    );
  });

  it('a napped or narrower cloth never takes less', () => {
    fc.assert(
      fc.property(fc.integer({ min: 600, max: 1500 }), (widthMm) => {
        expect(buy({ widthMm, oneWay: true })!).toBeGreaterThanOrEqual(buy({ widthMm })!);
        expect(buy({ widthMm })!).toBeGreaterThanOrEqual(buy({ widthMm: 1500 })! - 1e-9);
      }),
    );
  });
});

describe('a pattern made for stretch', () => {
  const fit = (reachMm: number, more: object = {}) =>
    stretchDemand({ restMm: 100, reachMm, stretchPercent: 50, ...more });

  it('is met with room to spare up to four fifths of what the cloth can do', () =>
    expect([fit(140).verdict, fit(141).verdict]).toEqual(['plenty', 'enough']));
  it('is not met beyond it, and it says by how much', () =>
    expect(fit(160)).toMatchObject({ verdict: 'too-little', shortMm: 10, demandPercent: 60 }));
  it('is doubtful between the least and the usual of an assumed stretch', () =>
    expect(fit(140, { leastPercent: 30 }).verdict).toBe('doubtful'));
  it('warns of a fabric that recovers poorly', () =>
    expect(fit(130, { recoveryPercent: 60 }).text).toMatch(/will bag/));
  it('refuses a second mark before the first', () =>
    expect(stretchDemandSchema.safeParse({ restMm: 100, reachMm: 90, stretchPercent: 50 }).success).toBe(false));
});
