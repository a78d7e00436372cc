import { describe, expect, it } from 'vitest';
import type { Card } from '@/core/card';
import { PLAIN_MACHINE } from '@/core/kit';
import { type LabelSheet, labelPlaces, USUAL_LABEL_SHEET } from '@/core/ledger';
import { printingIn } from '@/core/units';
import { drawnOn, pagesOf, TYPE } from '@/parts/paper/pdf.testing';
import { labelsPdf } from './pdf';

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
const SHEET = { ...USUAL_LABEL_SHEET, across: 2, down: 2 };
const many = (count: number) => Array.from({ length: count }, (_, i) => card(`c${i}`));
const made = async (cards: readonly Card[], sheet: LabelSheet = SHEET) =>
  (await labelsPdf(cards, sheet, TYPE, printingIn('metric')))!;

describe('labels as a PDF file', () => {
  it('lie as the packet of the sheet says, on its paper', async () => {
    expect(await pagesOf((await made(many(4))).bytes)).toHaveLength(1);
    expect(await pagesOf((await made(many(5))).bytes)).toHaveLength(2);
    const [page] = await pagesOf((await made(many(1), { ...SHEET, paper: 'a4' })).bytes);
    expect(page.getWidth()).toBeCloseTo((210 * 72) / 25.4, 3);
    expect(page.getHeight()).toBeCloseTo((297 * 72) / 25.4, 3);
    const [letter] = await pagesOf((await made(many(1), { ...SHEET, paper: 'letter' })).bytes);
    expect([letter.getWidth(), letter.getHeight()].map(Math.round)).toEqual([612, 792]);
    await expect(made(many(1), { ...SHEET, across: 9 })).rejects.toThrow(/side by side/);
  });

  it('say which letters the file has no type for, and keep the rest', async () => {
    const { lost } = await made([card('a', 'Drapé façade, Жакет')]);
    expect(lost.split(' ').sort()).toEqual(['Ж', 'а', 'е', 'к', 'т'].sort());
    expect((await made([card('a', 'Crêpe de Chine, 5 °C')])).lost).toBe('');
    expect((await made([card('a', 'Żółta tafta, şile bezi, přeložená, 20 µm, ½ in')])).lost).toBe('');
  });

  it('have a code as large as there is room for, and none that no scanner could read', async () => {
    // What is filled: the code alone; the rest is writing.
    const fills = async (sheet: LabelSheet) =>
      drawnOn((await pagesOf((await made(many(1), sheet)).bytes))[0]).match(/^f$/gm)?.length ?? 0;
    expect(await fills(SHEET)).toBe(1);
    const seen = new Set<number>();
    for (const [across, down] of [
      [2, 14],
      [2, 15],
      [2, 16],
      [2, 17],
      [2, 18],
      [5, 3],
      [6, 3],
    ]) {
      const sheet = { ...USUAL_LABEL_SHEET, across, down };
      const lie = labelPlaces(sheet);
      if (!lie.ok) throw new Error(lie.text);
      const [{ widthMm, heightMm }] = lie.places;
      // 12 mm of code, with 2 mm free above and below, and two thirds of the width for what is written.
      const has = heightMm >= 16 && widthMm >= 36 ? 1 : 0;
      expect(await fills(sheet), `${widthMm} × ${heightMm} mm`).toBe(has);
      seen.add(has);
    }
    expect(seen.size).toBe(2);
  });

  it('take a name of any length', async () => {
    expect((await made([card('a', 'x'.repeat(120))])).bytes.length).toBeGreaterThan(800);
  });

  it('tell how far they are, and make no file once they are stopped', async () => {
    const told: number[] = [];
    const control = new AbortController();
    const stopped = await labelsPdf(many(60), SHEET, TYPE, printingIn('metric'), {
      onShare: (share) => {
        told.push(share);
        if (told.length === 2) control.abort();
      },
      signal: control.signal,
    });
    expect(stopped).toBeNull();
    expect(told).toEqual([20 / 60, 40 / 60]);
  });
});
