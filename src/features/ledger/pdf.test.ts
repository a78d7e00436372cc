import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { PDFDocument } from 'pdf-lib';
import { describe, expect, it } from 'vitest';
import type { Card } from '@/core/card';
import { PLAIN_MACHINE } from '@/core/kit';
import { USUAL_LABEL_SHEET } from '@/core/ledger';
import { printingIn } from '@/core/units';
import { cardsPdf as pdfOf } from './pdf';

const card = (id: string, name = 'Deck canvas, a plain seam'): Card => ({
  id,
  name,
  passedAt: '2026-11-14T10:30:00Z',
  clothId: 'deck',
  cloth: { name: 'Deck canvas', structure: 'woven', family: 'canvas', traits: [] },
  operation: { kind: 'join' },
  machineId: 'green',
  machine: { ...PLAIN_MACHINE, name: 'the green machine' },
  setup: {
    needle: { point: 'jeans', nm: 100 },
    thread: { fibre: 'polyester', tex: 40 },
    foot: 'standard',
    plate: 'standard',
    stitch: 'straight',
    lengthMm: 2.8,
    widthMm: 0,
    needlePositionMm: 0,
    tensionSteps: 0,
    pressure: 0.5,
  },
  measures: { markedMm: 100, stitches: 35 },
  lineId: 'line',
  secondId: null,
  proves: null,
  knowledge: '',
  where: '',
  simulated: false,
  provenAgain: [],
  notes: '',
});
const { resolve } = createRequire(import.meta.url);
const font = (name: string) =>
  new Uint8Array(
    readFileSync(resolve(`@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-${name}.woff`)),
  ).buffer;
const TYPE = {
  plain: [font('latin-400-normal'), font('latin-ext-400-normal')],
  bold: [font('latin-700-normal'), font('latin-ext-700-normal')],
};
const cardsPdf = (cards: readonly Card[], what: 'cards' | 'labels', paper: 'a4' | 'letter' = 'a4') =>
  pdfOf(cards, { what, paper }, TYPE, printingIn('metric'));
const pages = async (count: number, what: 'cards' | 'labels') => {
  const { bytes } = await cardsPdf(
    Array.from({ length: count }, (_, i) => card(`c${i}`)),
    what,
  );
  return (await PDFDocument.load(bytes)).getPages();
};

describe('cards as a PDF file', () => {
  it('lie eight to an A4 page, labels twelve', async () => {
    expect(await pages(8, 'cards')).toHaveLength(1);
    expect(await pages(9, 'cards')).toHaveLength(2);
    expect(await pages(12, 'labels')).toHaveLength(1);
    expect(await pages(13, 'labels')).toHaveLength(2);
    const [page] = await pages(1, 'cards');
    expect(page.getWidth()).toBeCloseTo((210 * 72) / 25.4, 3);
    expect(page.getHeight()).toBeCloseTo((297 * 72) / 25.4, 3);
  });

  it('take the paper that is in the printer, and a ready-cut sheet as its packet says', async () => {
    const first = async (bytes: Uint8Array) => (await PDFDocument.load(bytes)).getPages();
    const [letter] = await first((await cardsPdf([card('a')], 'cards', 'letter')).bytes);
    expect([letter.getWidth(), letter.getHeight()].map(Math.round)).toEqual([612, 792]);
    const sheet = { ...USUAL_LABEL_SHEET, across: 2, down: 2 };
    const made = (count: number) =>
      pdfOf(
        Array.from({ length: count }, (_, i) => card(`c${i}`)),
        { what: 'label-sheet', sheet },
        TYPE,
        printingIn('metric'),
      );
    expect(await first((await made(4)).bytes)).toHaveLength(1);
    expect(await first((await made(5)).bytes)).toHaveLength(2);
    await expect(
      pdfOf([card('a')], { what: 'label-sheet', sheet: { ...sheet, across: 9 } }, TYPE, printingIn('metric')),
    ).rejects.toThrow(/side by side/);
  });

  it('say which letters the file has no type for, and keep the rest', async () => {
    const { lost } = await cardsPdf([card('a', 'Drapé façade, Жакет')], 'cards');
    expect(lost.split(' ').sort()).toEqual(['Ж', 'а', 'е', 'к', 'т'].sort());
    expect((await cardsPdf([card('a', 'Crêpe de Chine, 5 °C')], 'labels')).lost).toBe('');
    expect((await cardsPdf([card('a', 'Żółta tafta, şile bezi, přeložená, 20 µm, ½ in')], 'cards')).lost).toBe('');
  });

  it('take a name and notes of any length', async () => {
    const long = { ...card('a', 'x'.repeat(120)), notes: 'note '.repeat(400) };
    expect((await cardsPdf([long], 'labels')).bytes.length).toBeGreaterThan(800);
  });
});
