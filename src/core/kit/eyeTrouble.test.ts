import { describe, expect, it } from 'vitest';
import { ALL_NEEDLES, ALL_THREADS, eyeTrouble, needleThreadFit } from '.';

const polyester = (tex: number) => ({ fibre: 'polyester' as const, tex });
const universal = (nm: number) => ({ point: 'universal' as const, nm });

describe('a thread in an eye that is too small for it', () => {
  it('shreds from 85% on, and above the whole eye does not go through at all', () => {
    expect(eyeTrouble(polyester(48), universal(80))).toBeNull();
    expect(eyeTrouble(polyester(49), universal(80))?.kind).toBe('shreds');
    expect(eyeTrouble(polyester(66), universal(80))?.kind).toBe('shreds');
    expect(eyeTrouble(polyester(67), universal(80))?.kind).toBe('too-thick');
  });

  it('names the next needle of the same point, or a topstitch needle where that point has none', () => {
    expect(eyeTrouble(polyester(80), universal(80))?.needle).toEqual(universal(110));
    expect(eyeTrouble(polyester(80), { point: 'stretch', nm: 75 })?.needle?.point).toBe('topstitch');
    expect(eyeTrouble(polyester(300), universal(80))?.needle).toBeNull();
  });

  it('both ways out hold, for every thread and needle sold', () => {
    for (const thread of ALL_THREADS)
      for (const needle of ALL_NEEDLES) {
        const trouble = eyeTrouble(thread, needle);
        if (!trouble) continue;
        expect(needleThreadFit({ ...thread, tex: trouble.mostTex }, needle).verdict).not.toBe('shreds');
        expect(needleThreadFit({ ...thread, tex: trouble.mostTex + 1 }, needle).verdict).toBe('shreds');
        if (trouble.needle) expect(eyeTrouble(thread, trouble.needle)).toBeNull();
      }
  });
});
