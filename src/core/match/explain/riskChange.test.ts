import { describe, expect, it } from 'vitest';
import { seamContext } from '../../physics';
import { plainSetup } from '../../setup/plainSetup.testing';
import { riskChanges } from './riskChange';

const seam = seamContext({ structure: 'woven', family: 'poplin', traits: [], massGsm: 130 }, { kind: 'join' });
const usual = plainSetup({ needle: { point: 'universal', nm: 75 } });

describe('how risks change from one setting to another', () => {
  it('names what rises most first, by as much as it falls the other way round', () => {
    const thick = { ...usual, needle: { point: 'universal' as const, nm: 110 } };
    const [up] = riskChanges(seam, usual, thick);
    expect(up.sign).toBe('pucker-away');
    expect(up.more).toBeGreaterThan(0.3);
    const down = riskChanges(seam, thick, usual).find(({ sign }) => sign === 'pucker-away');
    expect(down?.more ?? -up.level).toBeCloseTo(-up.more);
  });

  it('says that nothing rises from a setting to itself', () => {
    for (const { more } of riskChanges(seam, usual, usual)) expect(more).toBe(0);
  });
});
