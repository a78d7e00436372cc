import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PAPERS } from '../geometry';
import { type LabelSheet, labelPlaces, USUAL_LABEL_SHEET } from './labelSheet';

const anySheet: fc.Arbitrary<LabelSheet> = fc.record({
  paper: fc.constantFrom(...PAPERS.map(({ id }) => id)),
  across: fc.integer({ min: 1, max: 10 }),
  down: fc.integer({ min: 1, max: 30 }),
  sideMm: fc.integer({ min: 0, max: 60 }),
  topMm: fc.integer({ min: 0, max: 60 }),
  gapMm: fc.integer({ min: 0, max: 20 }),
});

describe('labels on a sheet', () => {
  it('fill it from margin to margin, none on another, whatever the packet says', () => {
    fc.assert(
      fc.property(anySheet, (sheet) => {
        const made = labelPlaces(sheet);
        if (!made.ok) return;
        const { places } = made;
        const { widthMm, heightMm } = PAPERS.find(({ id }) => id === sheet.paper)!;
        expect(places).toHaveLength(sheet.across * sheet.down);
        const last = places.at(-1)!;
        expect(last.xMm + last.widthMm).toBeCloseTo(widthMm - sheet.sideMm, 6);
        expect(last.yMm + last.heightMm).toBeCloseTo(heightMm - sheet.topMm, 6);
        for (const [i, place] of places.entries()) {
          const right = places[i + 1];
          if (right && (i + 1) % sheet.across !== 0)
            expect(right.xMm - place.xMm - place.widthMm).toBeCloseTo(sheet.gapMm, 6);
        }
      }),
    );
  });

  it('are refused where nothing could be read on them, naming the field', () => {
    expect(labelPlaces({ ...USUAL_LABEL_SHEET, across: 8 })).toMatchObject({ ok: false, field: 'across' });
    expect(labelPlaces({ ...USUAL_LABEL_SHEET, down: 30 })).toMatchObject({ ok: false, field: 'down' });
    expect(labelPlaces(USUAL_LABEL_SHEET).ok).toBe(true);
  });
});
