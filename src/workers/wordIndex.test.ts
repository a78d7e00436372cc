import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { wordIndex } from './wordIndex';

const TEXTS = [
  'Velvet cushion, a plain seam: passed on the green machine',
  'Silk habotai bunting, a hem: puckers along the line',
  'Deck canvas, topstitching: four layers at the piping',
  'Polar fleece hat: rippled, came out long and wavy',
  'Oiled and dusted, the boat machine',
  'Żółta tafta, une façade drapée',
];
const { find } = wordIndex(TEXTS);

/** Long enough for one slip, short enough for no more than one. */
const WORDS = TEXTS.flatMap((text, place) =>
  text
    .toLowerCase()
    .split(/\P{L}+/u)
    .filter((one) => one.length >= 5 && one.length <= 7)
    .map((one) => ({ word: one, place })),
);
const word = fc.constantFrom(...WORDS);

describe('what is found by a few letters', () => {
  it('is the word by any beginning of it, in any case', () => {
    fc.assert(
      fc.property(word, fc.nat(), fc.boolean(), ({ word: all, place }, cut, loud) => {
        const begun = all.slice(0, 1 + (cut % all.length));
        expect(find(loud ? begun.toUpperCase() : begun)).toContain(place);
      }),
    );
  });

  it('is the word with one letter wrong, missing or too many', () => {
    fc.assert(
      fc.property(word, fc.nat(), fc.constantFrom('swap', 'drop', 'add'), ({ word: all, place }, n, slip) => {
        const at = n % all.length;
        const rest = all.slice(slip === 'add' ? at : at + 1);
        expect(find(`${all.slice(0, at)}${slip === 'drop' ? '' : 'x'}${rest}`)).toContain(place);
      }),
    );
  });

  it('answers to all that is typed, not to any of it', () => {
    expect(find('velvet')).toEqual([0]);
    expect(find('velvet hem')).toEqual([]);
    expect(find('hem silk')).toEqual([1]);
    expect(find('machine').sort()).toEqual([0, 4]);
  });

  it('puts what is written so before what is only near', () => {
    const near = wordIndex(['line', 'lone', 'lining', 'linen']);
    expect(near.find('line')[0]).toBe(0);
    expect(near.find('lone')[0]).toBe(1);
  });

  it('forgives nothing in very short words, for anything could be meant', () => {
    expect(find('hex')).toEqual([]);
    expect(find('hem')).toContain(1);
  });

  it('needs no accents, and minds none', () => {
    expect(find('facade drapee')).toEqual([5]);
    expect(find('façade')).toEqual([5]);
    expect(find('vélvet')).toEqual([0]);
  });

  it('is nothing when nothing is typed, or only signs are', () => {
    expect(find('')).toEqual([]);
    expect(find(' - : ')).toEqual([]);
  });
});
