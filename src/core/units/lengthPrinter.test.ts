import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatLength,
  IN_MM,
  lengthPrinter,
  lengthWords,
  mm,
  parseLengthMm,
  printLengths,
  roundInInches,
  withLengths,
} from '.';

describe('lengths as a person reads them', () => {
  it.each([
    [7, '7 mm'],
    [9.5, '9.5 mm'],
    [10, '10 mm'],
    [15, '1.5 cm'],
    [15.875, '1.6 cm'],
    [12.5, '1.25 cm'],
    [200, '20 cm'],
    [1284, '128.4 cm'],
    [2105, '2.11 m'],
    [0.35, '0.35 mm'],
    [-3, '−3 mm'],
  ])('%f mm is %s', (value, text) => expect(formatLength(value, 'metric')).toBe(text));

  it.each([
    [15.875, '5/8 in'],
    [15, '9/16 in'],
    [25.4, '1 in'],
    [0.8, '0.8 mm'],
    [1.4, '1.4 mm'],
    [1.5, '1/16 in'],
    [600, '23 5/8 in'],
    [9144, '10 yd'],
  ])('in inches %f mm is %s', (value, text) => expect(formatLength(value, 'inch')).toBe(text));

  it('is never “0 in”', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 5000, noNaN: true }), (value) => {
        expect(formatLength(value, 'inch')).not.toBe('0 in');
      }),
    );
  });

  it.each([
    [2, 1 / 16],
    [10, 3 / 8],
    [12, 1 / 2],
    [15, 5 / 8],
    [20, 3 / 4],
    [25, 1],
    [100, 4],
    [300, 12],
    [500, 20],
  ])('a rule of thumb of %f mm is said as %f in', (value, inches) =>
    expect(roundInInches(value) / 25.4).toBeCloseTo(inches, 9),
  );
});

const inches = (text: string) => parseLengthMm(text)! / 25.4;

describe('lengths that add up', () => {
  it('still do in inches: 5/8 is 3/8 and 1/4', () => {
    const [first, second, whole] = [15.875 - 5.5, 5.5, 15.875];
    const print = lengthPrinter('inch', [first, second, whole], [{ parts: [first, second], whole }]);
    expect([print(first), print(second), print(whole)]).toEqual(['7/16 in', '3/16 in', '5/8 in']);
    expect(lengthPrinter('inch', [9.525, 6.35, 15.875], [{ parts: [9.525, 6.35], whole: 15.875 }])(6.35)).toBe(
      '1/4 in',
    );
  });

  it('whatever the lengths, what is printed adds up to what is printed', () => {
    const length = fc.double({ min: 3, max: 300, noNaN: true });
    fc.assert(
      fc.property(fc.array(length, { minLength: 2, maxLength: 4 }), (parts) => {
        const whole = parts.reduce((sum, part) => sum + part, 0);
        const print = lengthPrinter('inch', [...parts, whole], [{ parts, whole }]);
        const together = parts.reduce((sum, part) => sum + inches(print(part)), 0);
        expect(together).toBeCloseTo(inches(print(whole)), 9);
        for (const part of parts) expect(Math.abs(inches(print(part)) * 25.4 - part)).toBeLessThan(25.4 / 16);
      }),
    );
  });

  it('one whole that is a part of another keeps its number', () => {
    const sets = [
      { parts: [20, 180], whole: 200 },
      { parts: [200, 4], whole: 204 },
    ];
    const print = lengthPrinter('inch', [20, 180, 200, 4, 204], sets);
    expect(inches(print(20)) + inches(print(180))).toBeCloseTo(inches(print(200)), 9);
    expect(inches(print(200)) + inches(print(4))).toBeCloseTo(inches(print(204)), 9);
  });

  it('two that would read alike are told apart in thirty-seconds', () => {
    const print = lengthPrinter('inch', [6, 6.9], []);
    expect([print(6), print(6.9)]).toEqual(['1/4 in', '9/32 in']);
    expect(lengthPrinter('inch', [6], [])(6)).toBe('1/4 in');
  });

  it('are left alone in metric', () => {
    const print = lengthPrinter('metric', [10.4, 5.5], [{ parts: [10.4, 5.5], whole: 15.9 }]);
    expect(print(5.5)).toBe('5.5 mm');
  });
});

describe('lengths inside a sentence', () => {
  it('a rule of thumb is round in inches, a worked-out length is not', () => {
    const text = `Begin {10 mm} in; cut it ${mm(15)} wide.`;
    expect(withLengths(text, lengthWords('metric'))).toBe('Begin 10 mm in; cut it 1.5 cm wide.');
    expect(withLengths(text, lengthWords('inch'))).toBe('Begin 3/8 in in; cut it 9/16 in wide.');
    expect(withLengths(text, IN_MM)).toBe('Begin 10 mm in; cut it 15 mm wide.');
  });

  it('are printed in every text of an answer, and nothing else is touched', () => {
    const picture = new Uint8Array([1, 2]);
    const answer = { plan: { start: ['Begin {10 mm} in.'], hold: 'pins' }, lengthMm: 2.5, picture, none: null };
    const printed = printLengths(answer, lengthWords('inch'));
    expect(printed).toEqual({ ...answer, plan: { start: ['Begin 3/8 in in.'], hold: 'pins' } });
    expect(printed.picture).toBe(picture);
    const plain = { a: ['b'] };
    expect(printLengths(plain, lengthWords('inch'))).toBe(plain);
  });
});

describe('the heat of an iron', () => {
  it('stands in °C, with °F beside it for those who measure in inches', () => {
    expect(withLengths('Press at 150 °C at most.', lengthWords('metric'))).toBe('Press at 150 °C at most.');
    expect(withLengths('Press at 150 °C at most.', lengthWords('inch'))).toBe('Press at 150 °C (300 °F) at most.');
    // Said once: a text that already has both is left alone.
    expect(withLengths('At 110 °C (230 °F).', lengthWords('inch'))).toBe('At 110 °C (230 °F).');
  });
});
