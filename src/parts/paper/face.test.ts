import fc from 'fast-check';
import type { PDFFont, PDFPage } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import { Face } from './face';

/** A font whose letters are all as wide as it says. */
const font = (letters: string, width: number) =>
  ({
    getCharacterSet: () => [...letters].map((letter) => letter.codePointAt(0)!),
    widthOfTextAtSize: (text: string, size: number) => [...text].length * width * size,
  }) as unknown as PDFFont;

const latin = font('abc ', 0.5);
const more = font('abżł', 0.75);
const face = new Face([latin, more]);

/** What is drawn on a page: text, font, and from where. */
function drawn(text: string): { text: string; font: PDFFont; x: number }[] {
  const out: { text: string; font: PDFFont; x: number }[] = [];
  const page = {
    drawText: (part: string, { x, font: f }: { x: number; font: PDFFont }) => out.push({ text: part, font: f, x }),
  };
  face.draw(page as unknown as PDFPage, text, { x: 10, y: 0, size: 2 });
  return out;
}

describe('a face of several fonts', () => {
  it('takes each letter from the first font that has it, run by run, one after the other', () => {
    expect(drawn('abżła c')).toEqual([
      { text: 'ab', font: latin, x: 10 },
      { text: 'żł', font: more, x: 12 },
      { text: 'a c', font: latin, x: 15 },
    ]);
    expect(drawn('')).toEqual([]);
  });

  it('knows what it has', () => {
    expect([...'aż✓'].map((letter) => face.has(letter))).toEqual([true, true, false]);
  });

  it('is as wide as its runs, and draws every letter once', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom(...'abcżł ')), (letters) => {
        const text = letters.join('');
        const runs = drawn(text);
        expect(runs.map((run) => run.text).join('')).toBe(text);
        const end = runs.reduce((x, run) => x + run.font.widthOfTextAtSize(run.text, 2), 10);
        expect(face.width(text, 2)).toBeCloseTo(end - 10, 9);
      }),
    );
  });
});
