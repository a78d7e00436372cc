import { describe, expect, it } from 'vitest';
import { lengthAsk, numberAsk, spoolAnswer } from '@/core/units';
import { typedNumbers } from './typedNumbers';

const count = numberAsk('count', 'metric', { least: 1, whole: true });
const fields = [
  { key: 'over', ask: lengthAsk('metric', 100, { most: 500 }), otherwise: 100 },
  { key: 'stitches', ask: count },
];

describe('numbers of a form', () => {
  it('are there once every one is typed or has something that stands for it', () =>
    expect(typedNumbers({ stitches: '50' }, fields)).toMatchObject({
      value: { over: 100, stitches: 50 },
      problems: {},
    }));
  it('are not there while one is missing, and that is no fault yet', () =>
    expect(typedNumbers({ over: '20' }, fields)).toEqual({
      soFar: { over: 200 },
      value: null,
      missing: ['stitches'],
      problems: {},
      meant: {},
    }));
  it('say beside the field what was expected', () =>
    expect(typedNumbers({ stitches: 'many' }, fields)).toEqual({
      soFar: { over: 100 },
      value: null,
      missing: [],
      problems: { stitches: '“many” is not a number.' },
      meant: { stitches: [] },
    }));
  it('offer what was meant: 100 in a field of centimetres', () =>
    expect(typedNumbers({ over: '100' }, fields)).toMatchObject({
      value: null,
      meant: { over: [{ value: 100, typed: '10 cm' }] },
    }));
  it('that are optional may be missing, but not wrong', () => {
    const wash = { key: 'wash', ask: count, optional: true };
    expect(typedNumbers({}, [wash]).value).toEqual({});
    expect(typedNumbers({ wash: 'first' }, [wash]).value).toBeNull();
  });
  it('may be read in a way of their own', () => {
    const tex = { key: 'tex', read: (text: string) => spoolAnswer(text, false) };
    expect(typedNumbers({ tex: 'Tkt 75' }, [tex]).value).toEqual({ tex: 40 });
    expect(typedNumbers({ tex: '120' }, [tex]).value).toEqual({ tex: 25 });
    expect(typedNumbers({ tex: 'blue' }, [tex]).problems.tex).toContain('not a thread number');
  });
});
