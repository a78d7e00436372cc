import { describe, expect, it } from 'vitest';
import { conversion } from './conversion';

const said = (typed: string) => conversion(typed)?.to.join(' · ');

describe('published: measures in other units, by the definitions of the units', () => {
  // International yard and pound agreement of 1959: 1 in = 25.4 mm, 1 yd = 0.9144 m; published.
  it.each([
    ['convert 5/8 in', '16 mm · 1.6 cm'],
    ['1 1/2"', '38 mm · 3.8 cm · 1 1/2 in'],
    ['60 in', '1.52 m · 1.67 yd'],
    ['3 yd to m', '2.74 m'],
  ])('%s', (typed, to) => expect(said(typed)).toBe(to));

  // By their definitions: a momme is the pounds of 100 yards of silk 45 in wide, an ounce 28.349523125 g.
  it.each([
    ['19 momme', '82 g/m² · 2.4 oz per square yard'],
    ['200 gsm', '200 g/m² · 5.9 oz per square yard · 46.1 momme'],
  ])('%s', (typed, to) => expect(said(typed)).toBe(to));

  // The Celsius and Fahrenheit scales: 0 °C is 32 °F, 100 °C is 212 °F.
  it.each([
    ['100 C', '212 °F'],
    ['32 °F', '0 °C'],
  ])('%s', (typed, to) => expect(said(typed)).toBe(to));
});

describe('practice: numbers as they are printed on spools, packs and dials', () => {
  // Tex is g/1000 m (ISO 1144), denier g/9000 m; tickets of synthetics count 3000 / Tex, weight 1000 / Tex.
  it('40 wt', () => expect(said('40 wt')).toBe('Tex 25 · Tkt 120 · 225 den'));

  // A needle's number is its blade in hundredths of a millimetre, as printed on packs.
  it.each([
    ['75/11', 'needle 75/11 · 0.75 mm across the blade'],
    ['size 90', 'needle 90/14 · 0.9 mm across the blade'],
  ])('%s', (typed, to) => expect(said(typed)).toBe(to));

  it('10 spi', () => expect(said('10 spi')).toBe('stitch length 2.5 mm'));
});

describe('mathematics: sums of lengths', () => {
  it.each([
    ['1.5 cm + 6 mm', '21 mm · 2.1 cm · 13/16 in'],
    ['2 in - 5/8 in', '35 mm · 3.5 cm · 1 3/8 in'],
    ['42 cm / 5', '84 mm · 8.4 cm · 3 5/16 in'],
    ['15 mm x 3', '45 mm · 4.5 cm · 1 3/4 in'],
  ])('%s', (typed, to) => expect(said(typed)).toBe(to));
});

describe('own: what is no measure', () => {
  it('a bare number, a word or an improper fraction is no measure', () => {
    expect(
      ['12', 'zip', '', '80/3', 'merino 2', 'size 17', '6 mm - 1.5 cm', '6 mm / 0', '3 + 4'].map(conversion),
    ).toEqual(Array(9).fill(null));
  });
});
