import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { bobbinPlans, type BudgetSeam, needleThread, seamBudget } from '.';

const seam = (id: string, seamMm: number, colour = 'ecru'): BudgetSeam => ({
  id,
  setup: { stitch: 'straight', lengthMm: 2.5, widthMm: 0 },
  needleColour: colour,
  bobbinColour: 'ecru',
  thicknessMm: 1,
  seamMm,
  rows: 1,
  speedSpm: 400,
  handlingMin: 1,
});

describe('thread and bobbins', () => {
  it('a metre of plain seam takes 1.4 m of each thread, and the tails', () => {
    expect(seamBudget(seam('a', 1000))).toMatchObject({ needleMm: 1600, bobbinMm: 1600, needleMin: 1, minutes: 2 });
  });

  it('a bobbin of 4 m runs out in the third metre, at nine tenths of what it holds', () => {
    const [plan] = bobbinPlans([seam('a', 1000), seam('b', 1000), seam('c', 1000)], 4000);
    expect(plan).toMatchObject({ colour: 'ecru', bobbins: 2 });
    expect(plan.runsOut).toEqual([{ seamId: 'c', afterMm: expect.closeTo(250, 6) }]);
  });

  it('a seam longer than a bobbin names every place', () => {
    const [plan] = bobbinPlans([seam('long', 10000)], 4000);
    expect(plan.runsOut).toHaveLength(plan.bobbins - 1);
  });

  it('needle colours are counted apart', () => {
    expect(needleThread([seam('a', 1000, 'red'), seam('b', 1000, 'blue'), seam('c', 1000, 'red')])).toEqual({
      red: 3200,
      blue: 1600,
    });
  });

  it('there is always one run-out less than bobbins, whatever is sewn', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 10, max: 9000 }), { minLength: 1, maxLength: 12 }), (lengths) => {
        const [plan] = bobbinPlans(
          lengths.map((mm, i) => seam(String(i), mm)),
          5000,
        );
        expect(plan.runsOut).toHaveLength(plan.bobbins - 1);
      }),
    );
  });

  it('a bobbin that holds nothing is a slip of the caller', () => {
    expect(() => bobbinPlans([], 0)).toThrow(/bobbinPlans: expected/);
  });
});
