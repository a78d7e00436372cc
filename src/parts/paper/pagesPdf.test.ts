import { describe, expect, it } from 'vitest';
import type { Mark, PathMark, TextMark } from './marks';
import { pagesPdf } from './pagesPdf';
import { drawnOn, pagesOf, TYPE } from './pdf.testing';

const A4 = { widthMm: 210, heightMm: 297 };
const text = (said: string, more: Partial<TextMark> = {}): TextMark => ({
  is: 'text',
  text: said,
  xMm: 10,
  yMm: 20,
  sizeMm: 4,
  bold: false,
  colour: 'rgb(0, 0, 0)',
  angle: 0,
  halo: null,
  within: null,
  ...more,
});
const line = (d: string, more: Partial<PathMark> = {}): PathMark => ({
  is: 'path',
  d,
  fill: null,
  stroke: 'rgb(255, 0, 0)',
  widthMm: 0.5,
  dashMm: [],
  round: false,
  opacity: 1,
  within: null,
  ...more,
});
const made = async (...marks: Mark[]) => (await pagesPdf([{ ...A4, marks }], 'A sheet', TYPE))!;
const drawn = async (...marks: Mark[]) => drawnOn((await pagesOf((await made(...marks)).bytes))[0]);

describe('pages as a file', () => {
  it('are as large as the paper, one for each', async () => {
    const page = { ...A4, marks: [] };
    const file = await pagesPdf([page, page, { widthMm: 215.9, heightMm: 279.4, marks: [] }], 'Three', TYPE);
    const sizes = (await pagesOf(file!.bytes)).map((one) => [one.getWidth(), one.getHeight()].map(Math.round));
    expect(sizes).toEqual([
      [595, 842],
      [595, 842],
      [612, 792],
    ]);
  });

  it('draw 100 mm as 100 mm: outlines are in mm under a scale of 72 points to 25.4 mm', async () => {
    const said = await drawn(line('M10 10 L110 10', { dashMm: [2, 1.6] }));
    expect(said).toContain(`${72 / 25.4} 0 0 -${72 / 25.4} 0 0 cm`);
    expect(said).toMatch(/10 10 m\s+110 10 l/);
    expect(said).toContain('[2 1.6] 0 d');
    expect(said).toContain('1 0 0 RG');
  });

  it('put the baseline of a text where it was, from the bottom of the page', async () => {
    const said = await drawn(text('Merino'));
    const [x, y] = /1 0 0? ?-?0? ?1 ([\d.]+) ([\d.]+) Tm/.exec(said)!.slice(1).map(Number);
    expect(x).toBeCloseTo((10 * 72) / 25.4, 3);
    expect(y).toBeCloseTo(((297 - 20) * 72) / 25.4, 3);
  });

  it('turn a text as it was turned', async () => {
    const said = await drawn(text('up', { angle: -Math.PI / 2 }));
    const turned = /(-?[\d.e-]+) (-?[\d.e-]+) (-?[\d.e-]+) (-?[\d.e-]+) [\d.]+ [\d.]+ Tm/
      .exec(said)!
      .slice(1, 5)
      .map(Number);
    expect(turned[0]).toBeCloseTo(0, 9);
    expect(turned[1]).toBeCloseTo(1, 9);
    expect(turned[2]).toBeCloseTo(-1, 9);
  });

  it('show a halo under its letters, and nothing outside its frame', async () => {
    const halo = await drawn(text('7 mm', { halo: { colour: 'rgb(255, 255, 255)', widthMm: 1 } }));
    expect(halo).toMatch(/1 Tr[\s\S]*1 1 1 RG[\s\S]*Tj[\s\S]*Q[\s\S]*Tj/);
    expect(await drawn(text('7 mm'))).not.toMatch(/ Tr/);
    const within = await drawn(line('M0 0 L100 0', { within: 'M0 0 h50 v50 h-50 Z' }));
    expect(within).toMatch(/m\s[\s\S]*l\s[\s\S]*h\s+W\s+n/);
  });

  it('say which letters the file has no type for', async () => {
    expect((await made(text('Crêpe, 5 °C, ½ in'))).lost).toBe('');
    expect((await made(text('Жакет'))).lost.split(' ').sort()).toEqual(['Ж', 'а', 'е', 'к', 'т'].sort());
  });

  it('tell how far they are, and make no file once they are stopped', async () => {
    const pages = [1, 2, 3, 4].map(() => ({ ...A4, marks: [text('x')] }));
    const told: number[] = [];
    await pagesPdf(pages, 'x', TYPE, { onShare: (share) => told.push(share) });
    expect(told).toEqual([0.25, 0.5, 0.75, 1]);
    const control = new AbortController();
    const stopped = await pagesPdf(pages, 'x', TYPE, {
      onShare: (share) => share >= 0.5 && control.abort(),
      signal: control.signal,
    });
    expect(stopped).toBeNull();
  });
});
