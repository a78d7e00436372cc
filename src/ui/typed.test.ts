import { describe, expect, it } from 'vitest';
import { clothSchema } from '@/core/cloth';
import { massAsk, numberAsk } from '@/core/units';
import { checkedBy, fieldProblem, optionalQuantity, quantity, wordsBy } from './typed';

const weight = checkedBy<number | undefined>(optionalQuantity(massAsk('metric')), clothSchema.shape.massGsm);

describe('what is typed into a field', () => {
  it('may be left empty', () => expect(weight('  ')).toEqual({ ok: true, value: undefined }));
  it('is read in any unit', () => expect(weight('19 momme')).toMatchObject({ ok: true }));
  it('that is not a weight says so, and shows what one looks like', () =>
    expect(weight('heavy')).toMatchObject({
      ok: false,
      expected: '“heavy” is not a weight of fabric. Type a number, such as 160 g/m².',
    }));
  it('that the store would refuse says the same as the store', () =>
    expect(weight('0')).toEqual({ ok: false, expected: 'Expected a number above 0.' }));
  it('must be there where a number is a must', () => {
    const hours = quantity(numberAsk('hours', 'metric'));
    expect(hours('')).toEqual({ ok: false, expected: 'Type a number.' });
    expect(hours('1,5')).toEqual({ ok: true, value: 1.5 });
    expect(hours('90 min')).toEqual({ ok: true, value: 1.5 });
  });
  it('offers what it may have meant', () =>
    expect(quantity(numberAsk('count', 'metric', { whole: true }))('2.5')).toMatchObject({
      ok: false,
      meant: [{ value: 2 }, { value: 3 }],
    }));
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
});
