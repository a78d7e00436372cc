import { describe, expect, it } from 'vitest';
import { clothSchema } from '../../cloth';
import { FEET, PLAIN_MACHINE } from '../../kit';
import { match } from '..';

const velvet = clothSchema.parse({ structure: 'woven', family: 'velvet' });
const ask = (feet?: (typeof FEET)[number][]) =>
  match({ cloth: velvet, operation: { kind: 'join' }, machine: { ...PLAIN_MACHINE, ...(feet && { feet }) } });

describe('a foot that does not fit the machine', () => {
  it('is neither chosen nor named as worth having, and what is not said fits', () => {
    expect(ask().setup!.foot).toBe('walking');
    const without = ask(['standard', 'zip']);
    expect(['standard', 'zip']).toContain(without.setup!.foot);
    expect(JSON.stringify([without.alternatives, without.missing])).not.toMatch(/walking foot/i);
  });
});
