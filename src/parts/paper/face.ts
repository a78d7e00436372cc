import { type Color, type PDFFont, type PDFPage, radians } from 'pdf-lib';
import { spokenText } from '@/ui';

/** A run of letters that one font has. */
interface Run {
  font: PDFFont;
  text: string;
}

interface DrawAt {
  x: number;
  y: number;
  size: number;
  color?: Color;
  angle?: number;
}

/** One face made of several fonts: what the first has no letter for is taken from the next. */
export class Face {
  /** How wide texts are that were asked about before, at 1 point: the same words come again and again. */
  private readonly widths = new Map<string, number>();
  private readonly letters: readonly (readonly [PDFFont, ReadonlySet<number>])[];

  constructor(fonts: readonly PDFFont[]) {
    this.letters = fonts.map((font) => [font, new Set(font.getCharacterSet())] as const);
  }

  has(letter: string): boolean {
    return this.fontOf(letter) !== undefined;
  }

  /** How wide a text is, points; it has only letters of the face. */
  width(text: string, size: number): number {
    const known = this.widths.get(text);
    const ofOne = known ?? this.runs(text).reduce((sum, run) => sum + run.font.widthOfTextAtSize(run.text, 1), 0);
    if (known === undefined) this.widths.set(text, ofOne);
    return ofOne * size;
  }

  /** The text with plain spaces, and "?" for letters that the face has not; those are added to what is lost. */
  known(text: string, lost: Set<string>): string {
    return [...spokenText(text).replace(/\s/g, ' ')]
      .map((letter) => {
        if (this.has(letter)) return letter;
        lost.add(letter);
        return '?';
      })
      .join('');
  }

  /** Writes a line from a place on the page, points; the angle is anticlockwise, radians. */
  draw(page: PDFPage, text: string, at: DrawAt): void {
    const { angle = 0, ...rest } = at;
    let along = 0;
    for (const { font, text: part } of this.runs(text)) {
      const x = at.x + along * Math.cos(angle);
      const y = at.y + along * Math.sin(angle);
      page.drawText(part, { ...rest, x, y, font, rotate: radians(angle) });
      along += font.widthOfTextAtSize(part, at.size);
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
