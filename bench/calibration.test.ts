import { describe, expect, it } from 'vitest';
import { HIDDEN_FAULTS } from '../src/core/standin';
import { BASE_RATES, binned, CAUSE_OF, sayings } from './calibration';
import { HURRIED } from './trial';

describe('how likely a cause is said to be', () => {
  it('is known for every fault of the simulated machine, and nothing else is drawn', () => {
    for (const fault of HIDDEN_FAULTS) expect(BASE_RATES[CAUSE_OF[fault]], fault).toBeGreaterThan(0);
    expect(BASE_RATES['soft-hem']).toBe(0);
  });

  it('is put together in bins that hold 200 sayings at least', () => {
    const said = Array.from({ length: 1000 }, (_, i) => ({ probability: i / 1000, isSo: i % 2 === 0 }));
    const bins = binned(said);
    expect(bins.reduce((sum, { count }) => sum + count, 0)).toBe(1000);
    expect(Math.min(...bins.map(({ count }) => count))).toBeGreaterThanOrEqual(200);
    expect(bins.every(({ so }) => Math.abs(so - 0.5) < 0.01)).toBe(true);
  });

  // docs/trial.md has the bins of 4,000 lines: all are within 10 points.
  it('is about as often so, where faults are drawn as often as it is told', () => {
    const bins = binned(sayings(900, BASE_RATES, HURRIED));
    expect(bins.length).toBeGreaterThanOrEqual(6);
    const all = bins.reduce((sum, { count }) => sum + count, 0);
    const off = bins.reduce((sum, { count, said, so }) => sum + (count / all) * Math.abs(said - so), 0);
    expect(off).toBeLessThan(0.02);
    for (const { said, so } of bins) expect(Math.abs(said - so), `said ${said}`).toBeLessThan(0.15);
  });
});
