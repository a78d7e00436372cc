import { PDFDocument, type PDFPage, rgb } from 'pdf-lib';
import type { Card } from '@/core/card';
import { PAPERS } from '@/core/geometry';
import { shortCode } from '@/core/exchange';
import { cardText, labelPlaces, type LabelSheet } from '@/core/ledger';
import type { Printing } from '@/core/units';
import { codeLink } from '@/data/packedText';
import type { Progress } from '@/data/progress';
import { qrPath, QUIET } from '@/parts/paper/qr';
import { breathe, type Face, type Faces, facesIn, MM, type Pdf, type TypeFiles } from '@/parts/paper/pdf';
import { CARD_SHEETS_TEXT } from './text';

/** From line to line, as a share of the size of the type. */
const LEADING = 1.28;
/** Sizes a label is written in, pt: the largest that fits. */
const SIZES = [10, 9, 8, 7, 6, 5, 4];
/** Free on each side of a label, and above and below what is written, mm. */
const FREE_MM = { side: 4, top: 2 };
/** How many labels are written before the page may draw again. */
const AT_ONCE = 20;
type Text = readonly [text: string, weight: keyof Faces];

/**
 * Labels for a ready-cut sheet as a PDF file.
 *
 * @param cards - which
 * @param sheet - how the labels lie on the paper
 * @param type - the type to write in; of each font only the letters that are used go into the file
 * @param printing - prints weights in the person's units, and the address of the person's Bobbet for the codes
 * @returns the file; null when it was stopped
 * @throws when the sheet has no room for labels
 */
export async function labelsPdf(
  cards: readonly Card[],
  sheet: LabelSheet,
  type: TypeFiles,
  printing: Printing & { address?: string },
  { onShare, signal }: Progress = {},
): Promise<Pdf | null> {
  const file = await PDFDocument.create();
  const pen = new Pen(await facesIn(file, type));
  const made = labelPlaces(sheet);
  if (!made.ok) throw new Error(made.text);
  const { widthMm, heightMm } = PAPERS.find(({ id }) => id === sheet.paper)!;
  let page: PDFPage | null = null;
  for (const [i, card] of cards.entries()) {
    const place = made.places[i % made.places.length];
    if (place === made.places[0]) page = file.addPage([widthMm * MM, heightMm * MM]);
    const box = { left: place.xMm, top: heightMm - place.yMm, widthMm: place.widthMm, heightMm: place.heightMm };
    const code = shortCode(card.id);
    const sideMm = codeSide(box);
    if (sideMm > 0) drawCode(page!, box, sideMm, codeLink(printing.address ?? '', code));
    pen.fit(page!, { ...box, widthMm: box.widthMm - sideMm }, [
      ...textsOf(card, printing),
      [CARD_SHEETS_TEXT.code(code), 'plain'],
    ]);
    if ((i + 1) % AT_ONCE > 0) continue;
    onShare?.((i + 1) / cards.length);
    await breathe();
    if (signal?.aborted) return null;
  }
  const bytes = new Uint8Array(await file.save());
  return { bytes, lost: [...pen.lost].join(' ') };
}

/** A scanner needs this much of a code; a label that is smaller has the six letters alone, mm. */
const LEAST_CODE = 12;
const MOST_CODE = 18;

/** How large the code on a label can be, mm; 0 where it would leave no room for what is written. */
function codeSide({ widthMm, heightMm }: Box): number {
  const side = Math.min(MOST_CODE, heightMm - 2 * FREE_MM.top, widthMm / 3);
  return side < LEAST_CODE ? 0 : side;
}

/** A code at the right edge of a label, in the middle of its height. */
function drawCode(page: PDFPage, { left, top, widthMm, heightMm }: Box, sideMm: number, text: string): void {
  const { size, d } = qrPath(text);
  const unit = sideMm / (size + 2 * QUIET);
  page.drawSvgPath(d, {
    x: (left + widthMm - FREE_MM.side / 2 - sideMm + QUIET * unit) * MM,
    y: (top - (heightMm - sideMm) / 2 - QUIET * unit) * MM,
    scale: unit * MM,
    color: rgb(0, 0, 0),
  });
}

function textsOf(card: Card, printing: Printing): Text[] {
  const { title, machine, readings, proof } = cardText(card, printing);
  return [
    [title, 'bold'],
    [readings.map(({ name, value }) => `${name.toLowerCase()} ${value}`).join('; '), 'plain'],
    [`${machine}; ${proof}`, 'plain'],
  ];
}

interface Box {
  left: number;
  /** From the bottom of the page, mm. */
  top: number;
  widthMm: number;
  heightMm: number;
}

/** Writes into one box after the other, from its top, breaking lines where they are full. */
class Pen {
  readonly lost = new Set<string>();

  constructor(private readonly faces: Faces) {}

  /** Texts below each other, as large as the box has room for; what finds none even in the smallest type is left out. */
  fit(page: PDFPage, box: Box, texts: readonly Text[]): void {
    const room = box.heightMm - 2 * FREE_MM.top;
    const least = SIZES[SIZES.length - 1];
    const linesIn = (size: number) => this.lines(texts, size, box.widthMm);
    const size = SIZES.find((one) => (linesIn(one).length * one * LEADING) / MM <= room) ?? least;
    linesIn(size).forEach(({ text, face }, i) => {
      const y = box.top - FREE_MM.top - ((i + 1) * size * LEADING) / MM;
      if (y < box.top - box.heightMm + FREE_MM.top) return;
      face.draw(page, text, { x: (box.left + FREE_MM.side) * MM, y: y * MM, size });
    });
  }

  private lines(texts: readonly Text[], size: number, widthMm: number): { text: string; face: Face }[] {
    const width = (widthMm - 2 * FREE_MM.side) * MM;
    return texts.flatMap(([text, weight]) => {
      const face = this.faces[weight];
      return broken(face.known(text, this.lost), face, size, width).map((line) => ({ text: line, face }));
    });
  }
}

function broken(text: string, face: Face, size: number, width: number): string[] {
  const lines: string[] = [];
  const space = face.width(' ', size);
  // How far the last line reaches.
  let reach = 0;
  for (const word of text.split(/\s+/)) {
    const wide = face.width(word, size);
    if (lines.length > 0 && reach + space + wide <= width) {
      lines[lines.length - 1] += ` ${word}`;
      reach += space + wide;
    } else {
      lines.push(word);
      reach = wide;
    }
  }
  return lines;
}
