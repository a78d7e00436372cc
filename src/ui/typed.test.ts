import { describe, expect, it } from 'vitest';
import { clothSchema } from '@/core/cloth';
import { parseArealMassGsm } from '@/core/units';
import { checkedBy, fieldProblem, lengthIn, numberBy, optionalBy, plainNumber, wordsBy } from './typed';

const weight = checkedBy<number | undefined>(optionalBy(parseArealMassGsm, 'a weight'), clothSchema.shape.massGsm);

describe('what is typed into a field', () => {
  it('may be left empty', () => expect(weight('  ')).toEqual({ ok: true, value: undefined }));
  it('is read in any unit', () => expect(weight('19 momme')).toMatchObject({ ok: true }));
  it('that is not a weight says what is expected', () =>
    expect(weight('heavy')).toEqual({ ok: false, expected: 'Expected a weight.' }));
  it('that the store would refuse says the same as the store', () =>
    expect(weight('0')).toEqual({ ok: false, expected: 'Expected a number above 0.' }));
  it('must be there where a number is a must', () => {
    const hours = numberBy(plainNumber, 'hours');
    expect(hours('')).toEqual({ ok: false, expected: 'Expected hours.' });
    expect(hours('1,5')).toEqual({ ok: true, value: 1.5 });
  });
  it('as words is trimmed, and no longer than the store takes', () => {
    const name = wordsBy(clothSchema.shape.name);
    expect(name('  Merino ')).toEqual({ ok: true, value: 'Merino' });
    expect(name(' ')).toEqual({ ok: false, expected: 'Expected a name.' });
    expect(name('x'.repeat(201))).toEqual({ ok: false, expected: 'Expected at most 200 letters.' });
  });
  it('is not said again by what is wrong with it, however long it is', () => {
    const input = { name: 'Merino', massGsm: -4 };
    const wrong = clothSchema.partial().safeParse(input);
    expect(fieldProblem(wrong.error!, input)).toEqual({ path: 'massGsm', text: 'Expected a number above 0.' });
  });
  it('reads commas, and lengths in the field’s own unit', () => {
    expect(plainNumber('2,5')).toBe(2.5);
    expect(plainNumber('2.5.1')).toBeNull();
    expect(lengthIn('cm')('15,5')).toBe(155);
    expect(lengthIn('in')('6 1/8')).toBeCloseTo(155.575, 6);
  });
});
