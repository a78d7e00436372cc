import { describe, expect, it } from 'vitest';
import { arealMass, GSM_PER_MOMME, GSM_PER_OZ_SQ_YD, MM_PER_INCH, spiFromLength, texFrom, threadNumbers } from '.';

describe('conversions agree with their definitions', () => {
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
