import * as fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { FlowMark, TextMark } from './marks';
import { intoPages, pageStarts } from './pages';

const row = (fromMm: number, tallMm: number) => ({ fromMm, toMm: fromMm + tallMm });

describe('where pages begin', () => {
  it('is once for what has room on one page, to the last hair', () => {
    expect(pageStarts(0, 270, [])).toEqual([0]);
    expect(pageStarts(270, 270, [])).toEqual([0]);
    expect(pageStarts(270.04, 270, [])).toEqual([0]);
    expect(pageStarts(270.2, 270, [])).toEqual([0, 270]);
  });

  it('is above what stays whole, and above what that stands in', () => {
    expect(pageStarts(400, 270, [row(260, 20)])).toEqual([0, 260]);
    expect(pageStarts(400, 270, [row(260, 20), row(240, 60)])).toEqual([0, 240]);
    expect(pageStarts(400, 270, [row(250, 20), row(270, 20)])).toEqual([0, 270]);
  });

  it('cuts through what is longer than a page, and never stands still', () => {
    expect(pageStarts(700, 270, [row(0, 700)])).toEqual([0, 270, 540]);
    expect(pageStarts(700, 270, [row(100, 600)])).toEqual([0, 100, 370, 640]);
  });

  it('is where it is asked for, and nowhere after the end', () => {
    expect(pageStarts(594, 297, [], [297, 594])).toEqual([0, 297]);
    expect(pageStarts(500, 270, [row(20, 400)], [200])).toEqual([0, 200, 470]);
  });

  it('leaves every row on one page, in its order, whatever the rows', () => {
    const rows = fc.array(fc.double({ min: 1, max: 100, noNaN: true }), { minLength: 1, maxLength: 60 });
    fc.assert(
      fc.property(rows, (tall) => {
        let at = 0;
        const whole = tall.map((mm) => row((at += mm) - mm, mm));
        const starts = pageStarts(at, 100, whole);
        const pageOf = (mm: number) => starts.findLastIndex((start) => start <= mm + 1e-6);
        starts.slice(1).forEach((start, i) => {
          expect(start).toBeGreaterThan(starts[i]);
          expect(start - starts[i]).toBeLessThanOrEqual(100 + 1e-6);
        });
        for (const { fromMm, toMm } of whole) {
          expect(toMm - starts[pageOf(fromMm + 0.06)]).toBeLessThanOrEqual(100 + 0.1);
        }
      }),
    );
  });
});

describe('marks on pages', () => {
  const text = (yMm: number): TextMark => ({
    is: 'text',
    text: 'x',
    xMm: 0,
    yMm,
    sizeMm: 3,
    bold: false,
    colour: 'rgb(0, 0, 0)',
    angle: 0,
    halo: null,
    within: 'M0 0 h10 v10 h-10 Z',
  });

  it('lie as far from the edge as on the sheet and the margin more, each on the page it begins on', () => {
    const marks: FlowMark[] = [
      { topMm: 10, mark: text(13) },
      { topMm: 260, mark: text(263) },
    ];
    const pages = intoPages(marks, [0, 260], { widthMm: 210, heightMm: 297, marginMm: 12 });
    expect(pages.map(({ marks: own }) => own.map((mark) => mark.is === 'text' && [mark.xMm, mark.yMm]))).toEqual([
      [[12, 25]],
      [[12, 15]],
    ]);
    expect(pages[0].marks[0].within).toBe('M12 12h10v10h-10Z');
  });

  it('are moved in their outlines too', () => {
    const outline = {
      fill: null,
      stroke: 'rgb(0, 0, 0)',
      widthMm: 1,
      dashMm: [],
      round: false,
      opacity: 1,
      within: null,
    };
    const [page] = intoPages([{ topMm: 0, mark: { is: 'path', d: 'M0 0 L100 0', ...outline } }], [0], {
      widthMm: 210,
      heightMm: 297,
      marginMm: 10,
    });
    expect(page.marks[0]).toMatchObject({ d: 'M10 10L110 10' });
  });
});
