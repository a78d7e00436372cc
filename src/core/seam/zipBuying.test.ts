import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { SOLD_MM, zipToBuy, type ZipToBuy, zipToBuyInputSchema } from './zipBuying';
import { ZIP_KINDS } from './zipInput';
import { zipPlan } from './zip';

const ask = (input: object): ZipToBuy => {
  const found = zipToBuy(zipToBuyInputSchema.parse(input));
  if ('blocked' in found) throw new Error(found.blocked[0].text);
  return found;
};

describe('which zip to buy', () => {
  it('is as long as the opening is, from its top stop', () =>
    expect(ask({ kind: 'centred', openingMm: 200, topMm: 20 })).toMatchObject({ buyMm: 180, then: 'as-it-is' }));

  it('is the next longer one where none fits, and is shortened', () => {
    expect(ask({ kind: 'lapped', openingMm: 205, topMm: 20 })).toMatchObject({
      buyMm: 200,
      tooLongMm: 15,
      then: 'shorten',
    });
    expect(ask({ kind: 'centred', openingMm: 202, topMm: 20 })).toMatchObject({ buyMm: 180, then: 'as-it-is' });
    expect(ask({ kind: 'centred', openingMm: 202.5, topMm: 20 })).toMatchObject({ buyMm: 200, then: 'shorten' });
  });

  it('is longer than the opening where it is concealed: the slider cannot be sewn past', () => {
    expect(ask({ kind: 'concealed', openingMm: 220, topMm: 20 })).toMatchObject({
      leastMm: 225,
      buyMm: 250,
      then: 'sew-to-notch',
    });
    expect(ask({ kind: 'concealed', openingMm: 195, topMm: 20 }).buyMm).toBe(200);
    expect(ask({ kind: 'concealed', openingMm: 195.5, topMm: 20 }).buyMm).toBe(220);
  });

  it('comes in the lengths of the country', () => {
    expect(ask({ kind: 'centred', openingMm: 200, topMm: 20, sold: 'inch' }).buyMm).toBe(203.2);
    expect(ask({ kind: 'concealed', openingMm: 220, topMm: 20, sold: 'inch' }).buyMm).toBe(228.6);
  });

  it('is bought by the metre where none is so long', () =>
    expect(ask({ kind: 'exposed', openingMm: 1200, topMm: 0 })).toMatchObject({ buyMm: null, then: 'by-the-metre' }));

  it('says where no room is left for teeth', () => {
    const found = zipToBuy({ kind: 'centred', openingMm: 59, topMm: 20, sold: 'metric' });
    expect(found).toMatchObject({ blocked: [{ code: 'seam.zip-short', limit: 40, actual: 39 }] });
    expect('blocked' in zipToBuy({ kind: 'centred', openingMm: 60, topMm: 20, sold: 'metric' })).toBe(false);
  });

  it('is never too short to be sewn to the notch', () => {
    const sold = fc.constantFrom('metric' as const, 'inch' as const);
    fc.assert(
      fc.property(fc.constantFrom(...ZIP_KINDS), fc.integer({ min: 80, max: 700 }), sold, (kind, openingMm, by) => {
        const { buyMm, leastMm } = ask({ kind, openingMm, topMm: 20, sold: by });
        expect(SOLD_MM[by]).toContain(buyMm);
        expect(buyMm!).toBeGreaterThanOrEqual(leastMm - 2);
        if (kind !== 'concealed') return;
        const plan = zipPlan({
          ...{ kind, zipMm: buyMm!, topMm: 20, openingMm, allowanceMm: 15 },
          ...{ coilToTapeEdgeMm: 10, coilWidthMm: 4, topstitchMm: 7, lengthMm: 2.5 },
        });
        expect(plan).toMatchObject({ positions: { grooveEnd: { alongMm: openingMm } } });
      }),
    );
  });
});
