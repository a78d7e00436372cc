import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { inBoth, inEnglish, standsIn } from './english';

describe('the two Englishes', () => {
  it.each([
    ['Centred zip', 'Centered zipper'],
    ['Concealed zip foot', 'Invisible zipper foot'],
    ['a concealed-zip foot', 'an invisible-zipper foot'],
    ['Tack it by hand, then take the tacking out.', 'Baste it by hand, then take the basting out.'],
    ['Trim the wadding.', 'Trim the batting.'],
    ['An overlocker', 'A serger'],
    ['Needs unpicking', 'Needs seam-ripping'],
    ['Clean under the needle plate.', 'Clean under the throat plate.'],
    ['Fibres and colour', 'Fibers and color'],
  ])('says "%s" as "%s"', (uk, us) => {
    expect(inEnglish(uk, 'us')).toBe(us);
    expect(inEnglish(uk, 'uk')).toBe(uk);
  });

  it.each([
    'Bar tack',
    'bar tacks at the pocket',
    'Tailor’s tacks',
    'A concealed seam',
    'zipped up',
    'Plate: standard',
  ])('leaves "%s" alone', (text) => expect(inEnglish(text, 'us')).toBe(text));

  it('says a text that is American already no other way', () =>
    fc.assert(
      fc.property(
        fc.array(fc.constantFrom('zip', 'Tack', 'wadding', 'overlocker', 'centre', 'bar tack', 'seam'), {
          maxLength: 8,
        }),
        (words) => {
          const once = inEnglish(words.join(' '), 'us');
          expect(inEnglish(once, 'us')).toBe(once);
        },
      ),
    ));

  it('is found by the word of either', () => {
    expect(inBoth('Centred zip')).toContain('zipper');
    expect(inBoth('Cotton batting')).toContain('wadding');
    expect(inBoth('My invisible zip')).toContain('concealed');
    expect(inBoth('Plain seam')).toBe('Plain seam');
  });

  it('stands in a text by either word, with room round it and in capitals; another does not', () => {
    expect(standsIn('Centred zip', ' ZIPPER ')).toBe(true);
    expect(standsIn('Centred zip', 'centred')).toBe(true);
    expect(standsIn('Centred zip', '')).toBe(true);
    expect(standsIn('Centred zip', 'button')).toBe(false);
  });
});
