import type { Color, PDFFont, PDFPage } from 'pdf-lib';

/** A run of letters that one font has. */
interface Run {
  font: PDFFont;
  text: string;
}

/** One face made of several fonts: what the first has no letter for is taken from the next. */
export class Face {
  private readonly letters: readonly (readonly [PDFFont, ReadonlySet<number>])[];

  constructor(fonts: readonly PDFFont[]) {
    this.letters = fonts.map((font) => [font, new Set(font.getCharacterSet())] as const);
  }

  has(letter: string): boolean {
    return this.fontOf(letter) !== undefined;
  }

  /** How wide a text is, points; it has only letters of the face. */
  width(text: string, size: number): number {
    return this.runs(text).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, size), 0);
  }

  /** Writes a line from a place on the page, points. */
  draw(page: PDFPage, text: string, at: { x: number; y: number; size: number; color?: Color }): void {
    let { x } = at;
    for (const { font, text: part } of this.runs(text)) {
      page.drawText(part, { ...at, x, font });
      x += font.widthOfTextAtSize(part, at.size);
    }
  }

  private fontOf(letter: string): PDFFont | undefined {
    return this.letters.find(([, set]) => set.has(letter.codePointAt(0)!))?.[0];
  }

  private runs(text: string): Run[] {
    const runs: Run[] = [];
    for (const letter of text) {
      const font = this.fontOf(letter)!;
      const last = runs.at(-1);
      if (last?.font === font) last.text += letter;
      else runs.push({ font, text: letter });
    }
    return runs;
  }
}
