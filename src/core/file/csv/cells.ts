import { cellNumber, type CellError } from './table';

/** Reads the cells of one row and gathers what is wrong with them, all of it and not only the first. */
export class RowReader {
  constructor(
    readonly row: number,
    private readonly cells: Readonly<{ [heading: string]: string }>,
    private readonly errors: CellError[],
    /** The same row as it would be exported now; null for what is not here yet. */
    private readonly exported: Readonly<{ [heading: string]: string }> | null = null,
  ) {}

  /**
   * The text of a cell; empty when the column is not there, or when it stands as it was exported: what a table shows
   * rounded or measured is not typed in by bringing it back.
   */
  text(heading: string): string {
    const text = this.cells[heading] ?? '';
    return this.exported?.[heading] === text ? '' : text;
  }

  /** Whether a new thing lacks a cell that it must have; noted as wrong. */
  lacks(heading: string, expected: string): boolean {
    const lacking = !this.exported && this.text(heading) === '';
    if (lacking) this.wrong(heading, expected);
    return lacking;
  }

  /** Notes that a cell is wrong. */
  wrong(column: string, expected: string): undefined {
    const got = this.text(column);
    const said = got.length > 40 ? `${got.slice(0, 37)}...` : got;
    this.errors.push({ row: this.row, column, message: `expected ${expected}, got "${said}"` });
    return undefined;
  }

  /** A cell by any parser; undefined when it is empty or wrong. */
  by<T>(heading: string, parse: (text: string) => T | null, expected: string): T | undefined {
    const text = this.text(heading);
    if (text === '') return undefined;
    return parse(text) ?? this.wrong(heading, expected);
  }

  /** A quantity whose number a spreadsheet may have written its own way. */
  quantity(heading: string, parse: (text: string) => number | null, expected: string): number | undefined {
    const whole = (text: string) => {
      if (!/^[\d.,\s]+$/.test(text)) return parse(text);
      const value = cellNumber(text);
      return value === null ? null : parse(String(value));
    };
    return this.by(heading, whole, expected);
  }

  /** A number; undefined when it is empty or wrong. A percent sign or the column's own unit after it is fine. */
  number(heading: string, unit: string, expected: string): number | undefined {
    const bare = (text: string) => cellNumber(text.replace(new RegExp(`\\s*${unit}$`, 'i'), ''));
    return this.by(heading, bare, expected);
  }

  /** One of several words, or what each is called on screen. */
  word<T extends string>(heading: string, words: readonly T[], nameOf: (word: T) => string): T | undefined {
    const parse = (text: string) => {
      const wanted = text.toLowerCase().replace(/[\s_]+/g, ' ');
      return words.find((w) => [w.replaceAll('-', ' '), w, nameOf(w).toLowerCase()].includes(wanted)) ?? null;
    };
    return this.by(heading, parse, `one of ${words.map(nameOf).join(', ')}`);
  }
}
