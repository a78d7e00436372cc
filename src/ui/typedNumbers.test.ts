import { describe, expect, it } from 'vitest';
import { parseThreadTex } from '@/core/units';
import { typedNumbers } from './typedNumbers';

const fields = [
  { key: 'dial', expected: 'a length on the dial', otherwise: 2 },
  { key: 'stitches', expected: 'a whole number' },
];

describe('numbers of a form', () => {
  it('are there once every one is typed or has something that stands for it', () =>
    expect(typedNumbers({ stitches: '50' }, fields)).toEqual({ value: { dial: 2, stitches: 50 }, problems: {} }));
  it('are not there while one is missing, and that is no fault yet', () =>
    expect(typedNumbers({ dial: '3' }, fields)).toEqual({ value: null, problems: {} }));
  it('say beside the field what was expected', () =>
    expect(typedNumbers({ stitches: 'many' }, fields)).toEqual({
      value: null,
      problems: { stitches: 'Expected a whole number.' },
    }));
  it('may be typed in any way their field knows', () => {
    const tex = { key: 'tex', expected: 'a thread number', parse: parseThreadTex };
    expect(typedNumbers({ tex: 'Tkt 75' }, [tex]).value).toEqual({ tex: 40 });
  });
  it('decimal commas are fine', () =>
    expect(typedNumbers({ stitches: '2,5' }, fields).value).toEqual({ dial: 2, stitches: 2.5 }));
});
