import { describe, expect, it } from 'vitest';
import { clothSchema } from '@/core/cloth';
import { parseArealMassGsm } from '@/core/units';
import { checkedBy, lengthIn, optionalBy, plainNumber } from './typed';

const weight = checkedBy<number | undefined>(optionalBy(parseArealMassGsm, 'a weight'), clothSchema.shape.massGsm);

describe('what is typed into a field', () => {
  it('may be left empty', () => expect(weight('  ')).toEqual({ ok: true, value: undefined }));
  it('is read in any unit', () => expect(weight('19 momme')).toMatchObject({ ok: true }));
  it('that is not a weight says what is expected', () =>
    expect(weight('heavy')).toEqual({ ok: false, expected: 'Expected a weight.' }));
  it('that the store would refuse says the same as the store', () =>
    expect(weight('0')).toEqual({ ok: false, expected: 'Expected a number above 0.' }));
  it('reads commas, and lengths in the field’s own unit', () => {
    expect(plainNumber('2,5')).toBe(2.5);
    expect(plainNumber('2.5.1')).toBeNull();
    expect(lengthIn('cm')('15,5')).toBe(155);
    expect(lengthIn('in')('6 1/8')).toBeCloseTo(155.575, 6);
  });
});
