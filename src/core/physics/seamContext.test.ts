import { describe, expect, it } from 'vitest';
import { clothSchema } from '../cloth';
import { seamContext } from './seamContext';

const denim = clothSchema.parse({ structure: 'woven', family: 'denim', massGsm: 340 });
const at = (layers: number) => seamContext(denim, { kind: 'hem', layers });

describe('a crossing', () => {
  it('begins at six layers, and only where so many were asked for', () => {
    expect(at(5).crossing).toBe(false);
    expect(at(6).crossing).toBe(true);
    expect(seamContext(denim, { kind: 'hem' }).crossing).toBe(false);
  });

  it('keeps seven tenths of its thickness once it is hammered and graded, and is never thinner than five layers', () => {
    expect(at(5).underFootMm).toBeCloseTo(at(5).thicknessMm);
    expect(at(6).underFootMm).toBeCloseTo(at(5).thicknessMm);
    expect(at(12).underFootMm).toBeCloseTo(0.7 * at(12).thicknessMm);
  });

  it('never gets thinner under the foot by one layer more', () => {
    for (let layers = 1; layers < 12; layers += 1)
      expect(at(layers + 1).underFootMm).toBeGreaterThanOrEqual(at(layers).underFootMm - 1e-9);
  });
});

describe('two different fabrics', () => {
  const both = seamContext(denim, { kind: 'join', second: clothSchema.parse({ structure: 'knit', family: 'rib' }) });

  it('are one seam: as thick as both, and as giving as the firmer one', () => {
    const [one, other] = both.each;
    expect(both.each).toHaveLength(2);
    expect(one.thicknessMm).toBe(both.thicknessMm);
    expect(other.required).toEqual(both.required);
    expect(other.compliance).toBe(both.compliance);
    expect([one.profile.family, other.profile.family]).toEqual(['denim', 'rib']);
  });
});
