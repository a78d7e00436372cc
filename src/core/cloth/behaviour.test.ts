import { describe, expect, it } from 'vitest';
import { FINE_BELOW_GSM, isCoatWeight, isFineSlippery } from './behaviour';

describe('what a cloth does, whatever it is called', () => {
  it('is handled like silk when it slides and weighs less than 110 g/m²', () => {
    const slippery = (massGsm: number) =>
      ({ structure: 'woven', family: 'other', traits: ['slippery'], massGsm: { value: massGsm } }) as const;
    expect(FINE_BELOW_GSM).toBe(110);
    expect(isFineSlippery(slippery(109))).toBe(true);
    expect(isFineSlippery(slippery(110))).toBe(false);
    expect(isFineSlippery({ ...slippery(60), traits: ['frays'] })).toBe(false);
    expect(isFineSlippery({ ...slippery(60), structure: 'knit' })).toBe(false);
    expect(isFineSlippery({ ...slippery(150), family: 'satin' })).toBe(true);
  });

  it('is a coating from 350 g/m² of wool on', () => {
    expect(isCoatWeight({ family: 'wool', massGsm: { value: 349 } })).toBe(false);
    expect(isCoatWeight({ family: 'wool', massGsm: { value: 350 } })).toBe(true);
  });
});
