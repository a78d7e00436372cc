import { unit } from 'mathjs';
import { describe, expect, it } from 'vitest';
import {
  arealMass,
  ID1_CARD_MM,
  parseArealMassGsm,
  parseLengthMm,
  GSM_PER_MOMME,
  GSM_PER_OZ_SQ_YD,
  MM_PER_INCH,
  spiFromLength,
  texFrom,
  threadNumbers,
} from '.';

describe('published: conversions agree with their definitions', () => {
  it('an inch is 25.4 mm (international yard and pound agreement, 1959: exact)', () => {
    expect(MM_PER_INCH).toBe(25.4);
  });

  it('1 oz/yd² is 33.90575 g/m² (avoirdupois ounce 28.349523125 g, yard 0.9144 m: exact)', () => {
    expect(GSM_PER_OZ_SQ_YD).toBeCloseTo(28.349523125 / 0.9144 ** 2, 12);
    expect(GSM_PER_OZ_SQ_YD).toBeCloseTo(33.90575, 5);
  });

  it('1 momme is 4.33994 g/m² (pounds in 100 yards of 45 in silk: common practice)', () => {
    expect(GSM_PER_MOMME).toBeCloseTo(4.33994, 5);
  });

  it('14 oz denim is about 475 g/m² (common practice)', () => {
    expect(arealMass(475).ozPerSqYd).toBeCloseTo(14, 1);
  });

  it('stitches per inch is 25.4 over the length: 2.5 → 10.16, 4 → 6.35 (definition)', () => {
    expect(spiFromLength(2.5)).toBeCloseTo(10.16, 10);
    expect(spiFromLength(4)).toBeCloseTo(6.35, 10);
  });

  it('Tex 27 is 243 denier, ticket 111 and 37 weight; Tex 40 is ticket 75 and 25 weight (ISO 1144; handbook)', () => {
    const tex27 = threadNumbers(27);
    expect(tex27.denier).toBe(243);
    expect(tex27.ticket).toBeCloseTo(111.1, 1);
    expect(tex27.weight).toBeCloseTo(37.04, 2);
    expect(threadNumbers(40)).toMatchObject({ ticket: 75, weight: 25 });
    expect(texFrom('metricCount', 50)).toBe(20);
    expect(texFrom('cottonCount', 59.05)).toBeCloseTo(10, 10);
  });
});

// mathjs, a general library of units, knows nothing of sewing: every length and weight must agree with it.
describe('library: lengths and weights agree with a general units library (mathjs)', () => {
  it.each(['16 mm', '1.5 cm', '2 m', '5 in', '2 yd', '3 ft'])('%s', (text) => {
    expect(parseLengthMm(text)).toBeCloseTo(unit(text).toNumber('mm'), 9);
  });

  it.each([
    ['5/8', 5 / 8],
    ['1 1/2"', 1.5],
    ['3/16 in', 3 / 16],
  ])('%s is %d inches', (text, inches) => {
    expect(parseLengthMm(text)).toBeCloseTo(unit(inches, 'in').toNumber('mm'), 9);
  });

  it.each([4, 12, 14.75])('%d oz/yd²', (ounces) => {
    const gsm = unit(ounces, 'oz').toNumber('g') / unit(1, 'yd').toNumber('m') ** 2;
    expect(parseArealMassGsm(`${ounces} oz`)).toBeCloseTo(gsm, 6);
  });
});

describe('published: a card to scale a screen by', () => {
  it('is 85.60 × 53.98 mm (ISO/IEC 7810, ID-1: 3.370 × 2.125 in, rounded)', () => {
    expect(ID1_CARD_MM.width).toBeCloseTo(3.37 * MM_PER_INCH, 1);
    expect(ID1_CARD_MM.height).toBeCloseTo(2.125 * MM_PER_INCH, 1);
  });
});
