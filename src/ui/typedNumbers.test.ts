import { describe, expect, it } from 'vitest';
import { parseThreadTex } from '@/core/units';
import { typedNumbers } from './typedNumbers';

const fields = [
  { key: 'dial', expected: 'a length on the dial', otherwise: 2 },
  { key: 'stitches', expected: 'a whole number' },
];

describe('numbers of a form', () => {
  it('are there once every one is typed or has something that stands for it', () =>
    expect(typedNumbers({ stitches: '50' }, fields)).toMatchObject({ value: { dial: 2, stitches: 50 }, problems: {} }));
  it('are not there while one is missing, and that is no fault yet', () =>
    expect(typedNumbers({ dial: '3' }, fields)).toEqual({ soFar: { dial: 3 }, value: null, problems: {} }));
  it('say beside the field what was expected', () =>
    expect(typedNumbers({ stitches: 'many' }, fields)).toEqual({
      soFar: { dial: 2 },
      value: null,
      problems: { stitches: 'Expected a whole number.' },
    }));
  it('that are optional may be missing, but not wrong', () => {
    const wash = { key: 'wash', expected: 'a whole number', optional: true };
    expect(typedNumbers({}, [wash]).value).toEqual({});
    expect(typedNumbers({ wash: 'first' }, [wash]).value).toBeNull();
  });
  it('may be typed in any way their field knows', () => {
    const tex = { key: 'tex', expected: 'a thread number', parse: parseThreadTex };
    expect(typedNumbers({ tex: 'Tkt 75' }, [tex]).value).toEqual({ tex: 40 });
  });
  it('decimal commas are fine', () =>
    expect(typedNumbers({ stitches: '2,5' }, fields).value).toEqual({ dial: 2, stitches: 2.5 }));
});
