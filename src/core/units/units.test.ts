import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  formatInches,
  formatMm,
  NEEDLE_SIZES,
  formatNeedleSize,
  parseArealMassGsm,
  parseLengthMm,
  parseNeedleSize,
  parseQuantity,
  parseStitchLengthMm,
  parseThreadTex,
  THREAD_SYSTEMS,
  texFrom,
  threadNumbers,
} from '.';

describe('people’s ways of writing numbers are read', () => {
  it.each([
    ['5/8', 15.875],
    ['5/8 in', 15.875],
    ['⅝"', 15.875],
    ['1 1/2"', 38.1],
    ['1½ in', 38.1],
    ['1-1/2 in', 38.1],
    ['1.5cm', 15],
    ['1,5 cm', 15],
    ['16 mm', 16],
    ['.5 in', 12.7],
    ['2 yd', 1828.8],
  ])('%s is %f mm', (text, mm) => expect(parseLengthMm(text)).toBeCloseTo(mm, 10));

  it.each(['', 'heavy', '5/0', '--3', '-3 mm', '3 parsecs', '1.2.3'])('%j is not a length', (text) =>
    expect(parseLengthMm(text)).toBeNull(),
  );

  it('a plain number is in the unit of its field, and a fraction of a yard is not one of an inch', () => {
    expect(parseLengthMm('2.5', 'm')).toBe(2500);
    expect(parseLengthMm('1 1/2', 'yd')).toBeCloseTo(1371.6, 9);
    expect(parseLengthMm('1 1/2', 'cm')).toBeCloseTo(38.1, 9);
  });

  it('reads cloth weight by unit, and silk weight written mm', () => {
    expect(parseArealMassGsm('160')).toBe(160);
    expect(parseArealMassGsm('12 oz')).toBeCloseTo(406.869, 3);
    expect(parseArealMassGsm('19 mm')).toBeCloseTo(82.459, 3);
    expect(parseArealMassGsm('heavy')).toBeNull();
  });

  it('reads thread numbers, and refuses zero', () => {
    expect(parseThreadTex('243 den')).toBe(27);
    expect(parseThreadTex('Tkt 120')).toBe(25);
    expect(parseThreadTex('0 wt')).toBeNull();
    expect(parseThreadTex('5 parsecs')).toBeNull();
  });

  it('reads stitch lengths in mm or per inch', () => {
    expect(parseStitchLengthMm('10 spi')).toBe(2.54);
    expect(parseStitchLengthMm('10 per inch')).toBe(2.54);
    expect(parseStitchLengthMm('0 spi')).toBeNull();
  });

  it('takes either number of a needle pack, and only pairs that belong together', () => {
    expect(parseNeedleSize('12/80')).toBe(80);
    expect(parseNeedleSize('80/14')).toBeNull();
    expect(parseNeedleSize('')).toBeNull();
  });
});

describe('numbers survive the trip out and back', () => {
  it('any sixteenth of an inch prints and reads back exactly', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 16 * 100 }), (sixteenths) => {
        const mm = (sixteenths / 16) * 25.4;
        expect(parseLengthMm(formatInches(mm))).toBeCloseTo(mm, 9);
      }),
    );
  });

  it('printed mm read back within half of the last step shown', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 3000, noNaN: true }), (mm) => {
        expect(Math.abs(parseLengthMm(formatMm(mm))! - mm)).toBeLessThanOrEqual(0.2501);
      }),
    );
  });

  it('a thread is the same thread in every numbering system', () => {
    fc.assert(
      fc.property(fc.double({ min: 1, max: 400, noNaN: true }), fc.constantFrom(...THREAD_SYSTEMS), (tex, system) => {
        expect(texFrom(system, threadNumbers(tex)[system])).toBeCloseTo(tex, 8);
      }),
    );
  });

  it('every needle size sold prints and reads back', () => {
    for (const { nm } of NEEDLE_SIZES) expect(parseNeedleSize(formatNeedleSize(nm))).toBe(nm);
  });

  it('reading never throws, whatever is typed', () => {
    fc.assert(fc.property(fc.string(), (text) => void parseQuantity(text)));
  });
});
