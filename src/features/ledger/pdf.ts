import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, type PDFPage, rgb, StandardFonts } from 'pdf-lib';
import type { Card } from '@/core/card';
import { PAPERS } from '@/core/geometry';
import { cardText, type CardText, labelPlaces, type LabelSheet } from '@/core/ledger';
import type { Printing } from '@/core/units';
import { spokenText } from '@/ui';
import { Face } from './face';
import type { TypeFiles } from './typeFiles';

/** Points to the mm. */
const MM = 72 / 25.4;
/** Between a line of text and the readings below it. */
const GAP_MM = 1;
/** From line to line, as a share of the size of the type. */
const LEADING = 1.28;
/** Sizes a ready-cut label is written in, pt: the largest that fits. */
const SIZES = [10, 9, 8, 7, 6, 5, 4];
type Text = readonly [text: string, weight: 'plain' | 'bold'];
const GREY = rgb(0.35, 0.35, 0.35);
const MARGIN_MM = 10;
const EDGES = { sideMm: MARGIN_MM, topMm: MARGIN_MM, gapMm: 0 };
const GRID = { cards: { across: 2, down: 4 }, labels: { across: 3, down: 4 } } as const;

/** What is made: cards, labels to cut out and fold over the edge of a scrap, or labels for a ready-cut sheet. */
export type PdfOf =
  { what: 'cards' | 'labels'; paper: LabelSheet['paper'] } | { what: 'label-sheet'; sheet: LabelSheet };

/** A PDF file, and the letters that its type does not have. */
export interface Pdf {
  bytes: Uint8Array<ArrayBuffer>;
  lost: string;
}

/**
 * Cards or labels as a PDF file: with lines to cut along and, on labels to fold, a line to fold along.
 *
 * @param cards - which
 * @param of - what is made of them, and on which paper
 * @param type - the type to write in; of each font only the letters that are used go into the file
 * @param printing - prints weights in the person's units
 * @returns the file
 * @throws when the sheet has no room for labels
 */
export async function cardsPdf(cards: readonly Card[], of: PdfOf, type: TypeFiles, printing: Printing): Promise<Pdf> {
  const file = await PDFDocument.create();
  file.registerFontkit(fontkit);
  // The type that every reader of such files has built in comes last: it has a few signs more.
  const face = async (fonts: TypeFiles['plain'], builtIn: StandardFonts) =>
    new Face([
      ...(await Promise.all(fonts.map((font) => file.embedFont(font, { subset: true })))),
      await file.embedFont(builtIn),
    ]);
  const pen = new Pen(
    await face(type.plain, StandardFonts.Helvetica),
    await face(type.bold, StandardFonts.HelveticaBold),
  );
  const sheet = of.what === 'label-sheet' ? of.sheet : { paper: of.paper, ...GRID[of.what], ...EDGES };
  const made = labelPlaces(sheet);
  if (!made.ok) throw new Error(made.text);
  const { widthMm, heightMm } = PAPERS.find(({ id }) => id === sheet.paper)!;
  let page: PDFPage | null = null;
  cards.forEach((card, i) => {
    const place = made.places[i % made.places.length];
    if (place === made.places[0]) page = file.addPage([widthMm * MM, heightMm * MM]);
    pen.on(
      page!,
      { left: place.xMm, top: heightMm - place.yMm, widthMm: place.widthMm, heightMm: place.heightMm },
      of.what !== 'label-sheet',
    );
    DRAW[of.what](pen, card, printing);
  });
  const bytes = new Uint8Array(await file.save());
  return { bytes, lost: [...pen.lost].join(' ') };
}

interface Box {
  left: number;
  top: number;
  widthMm: number;
  heightMm: number;
}

/** Writes down one box after the other, from its top, breaking lines where they are full. */
class Pen {
  readonly lost = new Set<string>();
  private page!: PDFPage;
  private box!: Box;
  private y = 0;

  constructor(
    private readonly plain: Face,
    private readonly bold: Face,
  ) {}

  /** Begins a box; framed where it is to be cut out. */
  on(page: PDFPage, box: Box, framed: boolean): void {
    [this.page, this.box, this.y] = [page, box, box.top - (framed ? 4 : 2)];
    const { left, top, widthMm, heightMm } = box;
    if (!framed) return;
    page.drawRectangle({
      x: left * MM,
      y: (top - heightMm) * MM,
      width: widthMm * MM,
      height: heightMm * MM,
      borderColor: rgb(0.45, 0.45, 0.45),
      borderWidth: 0.5,
      borderDashArray: [3, 3],
    });
  }

  write(text: string, size: number, weight: 'plain' | 'bold' = 'plain'): void {
    const face = this[weight];
    const width = (this.box.widthMm - 8) * MM;
    const lineMm = (size * LEADING) / MM;
    for (const line of broken(this.known(text, face), face, size, width)) {
      this.y -= lineMm;
      if (this.y < this.box.top - this.box.heightMm + 2) return;
      face.draw(this.page, line, { x: (this.box.left + 4) * MM, y: this.y * MM, size });
    }
  }

  /** How many mm some texts take below each other at a size. */
  private tall(texts: readonly Text[], size: number): number {
    const width = (this.box.widthMm - 8) * MM;
    return texts.reduce((sum, [text, weight]) => {
      const face = this[weight];
      return sum + (broken(this.known(text, face), face, size, width).length * size * LEADING) / MM;
    }, 0);
  }

  /** Texts below each other, as large as the box has room for. */
  fit(texts: readonly Text[]): void {
    const room = this.box.heightMm - 4;
    const size = SIZES.find((one) => this.tall(texts, one) <= room) ?? SIZES.at(-1)!;
    for (const [text, weight] of texts) this.write(text, size, weight);
  }

  /** Readings in two columns, filled downwards: the name small, what it reads large; smaller where it would not fit. */
  readings(all: readonly CardText['readings'][number][], sizes: { name: number; value: number; rowMm: number }): void {
    const rows = Math.ceil(all.length / 2);
    this.y -= GAP_MM;
    const columnMm = (this.box.widthMm - 8) / 2;
    all.forEach(({ name, value }, i) => {
      const x = (this.box.left + 4 + Math.floor(i / rows) * columnMm) * MM;
      const base = this.y - (i % rows) * sizes.rowMm - (sizes.name * 1.1) / MM;
      this.plain.draw(this.page, this.known(name, this.plain), { x, y: base * MM, size: sizes.name, color: GREY });
      const text = this.known(value, this.bold);
      const size = Math.min(sizes.value, (sizes.value * (columnMm - 2) * MM) / this.bold.width(text, sizes.value));
      this.bold.draw(this.page, text, { x, y: base * MM - sizes.value * 1.05, size });
    });
    this.y -= rows * sizes.rowMm + 1;
  }

  /** A dotted line across, where the paper is folded. */
  fold(text: string): void {
    const middle = this.box.top - this.box.heightMm / 2;
    this.page.drawLine({
      start: { x: this.box.left * MM, y: middle * MM },
      end: { x: (this.box.left + this.box.widthMm) * MM, y: middle * MM },
      thickness: 0.5,
      dashArray: [1, 2],
    });
    this.y = middle;
    this.write(text, 5.5);
  }

  /** Without the letters that the type has not; those are remembered. */
  private known(text: string, face: Face): string {
    return [...spokenText(text).replace(/\s+/g, ' ')]
      .map((letter) => {
        if (face.has(letter)) return letter;
        this.lost.add(letter);
        return '?';
      })
      .join('');
  }
}

function broken(text: string, face: Face, size: number, width: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(/\s+/)) {
    const longer = lines.length > 0 ? `${lines[lines.length - 1]} ${word}` : word;
    if (lines.length > 0 && face.width(longer, size) <= width) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  return lines;
}

function drawCard(pen: Pen, card: Card, printing: Printing): void {
  const { title, machine, readings, proof, where } = cardText(card, printing);
  pen.write(title, 12, 'bold');
  // Where the scrap is comes first: a long note may run out of room.
  pen.write(where ? `${machine}; the scrap is in: ${where}` : machine, 8.5);
  pen.readings(readings, { name: 6.5, value: 12, rowMm: 8.2 });
  pen.write(proof, 7);
}

function drawLabel(pen: Pen, card: Card, printing: Printing): void {
  const { title, machine, readings, proof } = cardText(card, printing);
  pen.write(title, 9.5, 'bold');
  pen.write(machine, 7.5);
  pen.write(proof, 7.5);
  pen.fold('fold over the edge of the scrap');
  pen.readings(readings, { name: 5, value: 8.5, rowMm: 5.5 });
}

function drawOnSheet(pen: Pen, card: Card, printing: Printing): void {
  const { title, machine, readings, proof } = cardText(card, printing);
  pen.fit([
    [title, 'bold'],
    [readings.map(({ name, value }) => `${name.toLowerCase()} ${value}`).join('; '), 'plain'],
    [`${machine}; ${proof}`, 'plain'],
  ]);
}

const DRAW = { cards: drawCard, labels: drawLabel, 'label-sheet': drawOnSheet };
