import { describe, expect, it } from 'vitest';
import {
  arealMass,
  formatNeedleSize,
  ID1_CARD_MM,
  NEEDLE_SIZES,
  parseArealMassGsm,
  parseLengthMm,
  parseNeedleSize,
  parseStitchLengthMm,
  readSpoolLabel,
  spiFromLength,
  texFrom,
  threadNumbers,
} from '.';

describe('published: sizes and conversions that a standard or a definition states', () => {
  it('a card of ISO/IEC 7810 ID-1 is 85.60 × 53.98 mm, to 0.005 mm', () => {
    expect(Math.abs(ID1_CARD_MM.width - 85.6)).toBeLessThanOrEqual(0.005);
    expect(Math.abs(ID1_CARD_MM.height - 53.98)).toBeLessThanOrEqual(0.005);
  });

  it.each([
    ['1 in', 25.4],
    ['1 ft', 304.8],
    ['1 yd', 914.4],
    ['2 yd', 1828.8],
    ['1/8 in', 3.175],
    ['5/8 in', 15.875],
    ['1 1/2 in', 38.1],
  ])('%s is %f mm (international yard, 1959)', (text, mm) => expect(parseLengthMm(text)).toBeCloseTo(mm, 9));

  // Tex is grams per kilometre, dtex a tenth of it, denier grams per nine kilometres (ISO 1144).
  it.each([
    [27, 243],
    [40, 360],
    [18, 162],
    [60, 540],
  ])('Tex %i is %i denier', (tex, denier) => {
    expect(threadNumbers(tex).denier).toBeCloseTo(denier, 9);
    expect(texFrom('denier', denier)).toBeCloseTo(tex, 9);
  });

  it('270 dtex is Tex 27', () => expect(readSpoolLabel('270 dtex', false)?.tex).toBeCloseTo(27, 9));

  // Cotton count: hanks of 840 yd to the pound, 590.54/Ne; metric count: metres to the gram. Plies are laid side by side.
  it.each([
    ['Ne 50/2', 23.6],
    ['Ne 30', 19.7],
    ['Ne 60/2', 19.7],
    ['Nm 50/2', 40],
    ['Nm 120/2', 16.7],
  ])('%s is Tex %f', (label, tex) => expect(readSpoolLabel(label, true)?.tex).toBeCloseTo(tex, 1));

  it('840 yards to the pound make 590.54 Tex of cotton count 1', () =>
    expect(texFrom('cottonCount', 1)).toBeCloseTo(453.59237 / (0.84 * 0.9144), 0));

  it.each([
    [8, 34.7],
    [12, 52.1],
    [16, 69.4],
    [19, 82.5],
    [22, 95.5],
  ])('%i momme is %f g/m²', (momme, gsm) => {
    expect(parseArealMassGsm(`${momme} momme`)).toBeCloseTo(gsm, 1);
    expect(arealMass(gsm).momme).toBeCloseTo(momme, 1);
  });

  it.each([
    [2, 68],
    [3, 102],
    [5, 170],
    [7, 237],
    [10, 339],
    [14.75, 500],
  ])('%f oz/yd² is %i g/m²', (ounces, gsm) => expect(Math.round(parseArealMassGsm(`${ounces} oz`)!)).toBe(gsm));

  it.each([
    [12, 2.12],
    [10, 2.54],
    [8, 3.175],
    [6, 4.23],
    [20, 1.27],
  ])('%i stitches to the inch are %f mm long', (spi, mm) => {
    expect(parseStitchLengthMm(`${spi} spi`)).toBeCloseTo(mm, 2);
    expect(spiFromLength(mm)).toBeCloseTo(spi, 1);
  });
});

describe('practice: what is printed on packs and envelopes', () => {
  it.each(['60/8', '65/9', '70/10', '75/11', '80/12', '90/14', '100/16', '110/18', '120/19'])(
    'a needle is sold as %s, and read whichever number comes first',
    (printed) => {
      const [nm, other] = printed.split('/').map(Number);
      expect(formatNeedleSize(nm)).toBe(printed);
      expect(parseNeedleSize(`${other}/${nm}`)).toBe(nm);
      expect(NEEDLE_SIZES).toContainEqual({ nm, other });
    },
  );

  it('none is read that is not sold', () => {
    for (const size of ['55', '85/13', '95', '130/21', '80/14']) expect(parseNeedleSize(size), size).toBeNull();
  });
});

describe('handbook: numbers of sewing thread', () => {
  // Tickets are sold in steps: 3000/ticket within 12 % of the Tex in makers' tables.
  it.each([
    [180, 18],
    [120, 24],
    [120, 27],
    [75, 40],
    [50, 60],
    [36, 80],
    [30, 105],
  ])('ticket %i is sold as Tex %i', (ticket, tex) =>
    expect(Math.abs(texFrom('ticket', ticket) / tex - 1)).toBeLessThanOrEqual(0.12),
  );

  it('cotton ticket 40 is about Tex 44 (three-cord tables)', () =>
    expect(texFrom('cottonTicket', 40)).toBeCloseTo(44, 0));

  it('cotton marked 50/2 is Tex 24: what a bare "50 wt" would be is another thread', () => {
    expect(readSpoolLabel('50/2', true)?.tex).toBeCloseTo(24, 0);
    expect(readSpoolLabel('50 wt', true)?.tex).toBeCloseTo(20, 0);
  });
});
