import { describe, expect, it } from 'vitest';
import { needleThreadFit, threadDiameterMm, threadNeedle } from '.';

describe('memory: which needle takes which thread', () => {
  it('Tex 27 polyester is 0.204 mm thick (formula of a round, 60% packed thread; densities from handbooks)', () => {
    expect(threadDiameterMm({ fibre: 'polyester', tex: 27 })).toBeCloseTo(0.204, 3);
  });

  it('it fills 0.64 of the eye of Nm 80 and 0.68 of Nm 75 (eye about 40% of the blade: from memory)', () => {
    const fill = (nm: number) => needleThreadFit({ fibre: 'polyester', tex: 27 }, { point: 'universal', nm }).fill;
    expect(fill(80)).toBeCloseTo(0.64, 2);
    expect(fill(75)).toBeCloseTo(0.68, 2);
  });

  // Thread and needle pairs of handbook tables, from memory. Fine thread in the finest needle sits tight by the model.
  it.each([
    [16, 60],
    [24, 70],
    [24, 75],
    [27, 75],
    [27, 80],
    [30, 90],
    [35, 90],
    [40, 100],
    [50, 100],
    [60, 110],
    [80, 120],
  ])('Tex %i sews in Nm %i', (tex, nm) => {
    expect(['good', 'tight']).toContain(
      needleThreadFit({ fibre: 'polyester', tex }, { point: 'universal', nm }).verdict,
    );
  });

  it('heavy topstitch thread shreds in a fine needle and passes a topstitch eye (common practice)', () => {
    const thread = { fibre: 'polyester', tex: 60 } as const;
    expect(needleThreadFit(thread, { point: 'universal', nm: 80 }).verdict).toBe('shreds');
    expect(needleThreadFit(thread, { point: 'topstitch', nm: 90 }).verdict).toBe('good');
  });

  // Equal area: an eye half as long again takes a thread thicker by √1.5 (model).
  it.each([
    [80, 'shreds', 0.89],
    [90, 'tight', 0.8],
    [100, 'good', 0.72],
  ])('Tex 80 in a topstitch needle %i: %s', (nm, verdict, fill) => {
    const fit = needleThreadFit({ fibre: 'polyester', tex: 80 }, { point: 'topstitch', nm });
    expect(fit.verdict).toBe(verdict);
    expect(fit.fill).toBeCloseTo(fill, 2);
    expect(fit.eyeMm).toBeCloseTo(0.004 * nm, 9);
  });

  it('a topstitch needle is asked only in the sizes that are sold', () =>
    expect(threadNeedle({ tex: 60, fibre: 'polyester', nm: 100, point: 'topstitch' }).bestNm).toEqual([90, 100, 110]));
});
