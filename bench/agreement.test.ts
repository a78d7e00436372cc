import { describe, expect, it } from 'vitest';
import { FAMILIES } from '../src/core/cloth';
import { agreement, FAULTLESS, inGoodOrder, TRIED } from './agreement';

/** The bench and the rule ask for 60 machines; every fifth of them is enough to see a family fall out. */
const MACHINES = inGoodOrder(60).filter((_, i) => i % 5 === 0);
/** 58 of 60. */
const SHARE = 58 / 60;

describe('match’s own setting', () => {
  it.each(FAMILIES)('for %s passes in the simulated machine, in a seam, a hem and topstitching', (family) => {
    for (const kind of TRIED) {
      const faultless = agreement(family, kind, [FAULTLESS]);
      if (!faultless) continue;
      expect(faultless.showed, `${kind}, on a faultless machine`).toEqual({});
      const { clean, seeds, showed } = agreement(family, kind, MACHINES)!;
      expect(clean / seeds, `${kind}: ${JSON.stringify(showed)}`).toBeGreaterThanOrEqual(SHARE);
    }
  });

  it('is there for every family, so that this says something', () => {
    for (const family of FAMILIES) expect(agreement(family, 'join', [FAULTLESS]), family).not.toBeNull();
  });
});
