import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { type BobbinUse, bobbinPlans } from './bobbins';

const use = (id: string, metres: number, more: Partial<BobbinUse> = {}): BobbinUse => ({
  id,
  thread: 'sand',
  bobbinMm: metres * 1000,
  shows: false,
  capacityMm: 50_000,
  ...more,
});

describe('bobbins of a job', () => {
  it('counts on nine tenths of a bobbin, and says where it runs out', () => {
    const [{ bobbins, totalMm }] = bobbinPlans([use('a', 40), use('b', 10)]);
    expect(totalMm).toBe(50_000);
    expect(bobbins).toHaveLength(2);
    expect(bobbins[0].runsOut).toEqual({ seamId: 'b', share: 0.5 });
  });

  it('puts a full bobbin in before topstitching that the old one would not last for', () => {
    const [{ bobbins }] = bobbinPlans([use('seam', 40), use('topstitching', 10, { shows: true })]);
    expect(bobbins.map((b) => b.runsOut)).toEqual([null, null]);
    expect(bobbins[1].from).toBe('topstitching');
    expect(bobbins[0].setAsideMm).toBeCloseTo(5000);
  });

  it('uses a rest that was set aside in the next hidden seam it is enough for', () => {
    const [{ bobbins }] = bobbinPlans([use('a', 40), use('top', 44, { shows: true }), use('tack', 3)]);
    expect(bobbins).toHaveLength(2);
    expect(bobbins[0].usedUpIn).toEqual(['tack']);
  });

  it('changes no bobbin for a seam that the one that is in lasts for', () => {
    const [{ bobbins }] = bobbinPlans([use('a', 40), use('top', 10, { shows: true }), use('tack', 3)]);
    expect(bobbins[0]).toMatchObject({ usedUpIn: [] });
  });

  it('cannot spare topstitching longer than a bobbin its join, and says where it falls', () => {
    const [{ bobbins }] = bobbinPlans([use('long', 100, { shows: true })]);
    expect(bobbins.map((b) => b.runsOut?.share ?? null)).toEqual([0.45, 0.9, null]);
  });

  it('keeps threads apart and leaves out what is sewn by hand', () => {
    const plans = bobbinPlans([use('a', 1), use('b', 2, { thread: 'ochre' }), use('hand', 0)]);
    expect(plans.map((p) => [p.thread, p.totalMm])).toEqual([
      ['sand', 1000],
      ['ochre', 2000],
    ]);
  });

  it('refuses a bobbin that holds nothing', () => {
    expect(() => bobbinPlans([use('a', 1, { capacityMm: 0 })])).toThrow('bobbinPlans: expected a capacity above 0');
  });

  it('never ends a bobbin in topstitching that a full one is enough for, and never winds less than is sewn', () => {
    const seams = fc.array(fc.record({ metres: fc.integer({ min: 1, max: 60 }), shows: fc.boolean() }), {
      minLength: 1,
      maxLength: 20,
    });
    fc.assert(
      fc.property(seams, (list) => {
        const all = list.map(({ metres, shows }, i) => use(`s${i}`, metres, { shows }));
        const [{ bobbins, totalMm }] = bobbinPlans(all);
        const fits = (id: string) => all.find((s) => s.id === id)!.bobbinMm <= 45_000;
        const joined = bobbins.flatMap((b) => (b.runsOut ? [b.runsOut.seamId] : []));
        expect(joined.filter((id) => all.find((s) => s.id === id)!.shows && fits(id))).toEqual([]);
        expect(bobbins.length * 45_000).toBeGreaterThanOrEqual(totalMm - 1e-3);
      }),
    );
  });
});
