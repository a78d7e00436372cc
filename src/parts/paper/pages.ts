import svgpath from 'svgpath';
import type { FlowMark, Mark, PaperPage, Reach } from './marks';

/** What lies closer than this lies at the same height, mm: places on the screen are rounded. */
const SAME_MM = 0.05;

/**
 * Where pages begin on a long sheet.
 *
 * @param totalMm - how long the sheet is
 * @param roomMm - how much of it a page holds
 * @param whole - what is not cut through; what is longer than a page is cut all the same
 * @param forced - where a new page begins in any case, mm from the top
 * @returns mm from the top of the sheet, the first of them 0
 */
export function pageStarts(
  totalMm: number,
  roomMm: number,
  whole: readonly Reach[],
  forced: readonly number[] = [],
): number[] {
  const starts = [0];
  for (;;) {
    const start = starts[starts.length - 1];
    const end = start + roomMm;
    const asked = forced.filter((at) => at > start + SAME_MM && at <= end + SAME_MM && at < totalMm - SAME_MM);
    if (asked.length > 0) starts.push(Math.min(...asked));
    else if (totalMm <= end + SAME_MM) return starts;
    else starts.push(cutBefore(start, end, whole));
  }
}

/** The last place a page can end at: moved up until nothing that stays whole is cut. */
function cutBefore(start: number, end: number, whole: readonly Reach[]): number {
  let cut = end;
  for (;;) {
    const through = whole.filter(
      ({ fromMm, toMm }) => fromMm > start + SAME_MM && fromMm < cut - SAME_MM && toMm > cut + SAME_MM,
    );
    if (through.length === 0) return cut;
    cut = Math.min(...through.map(({ fromMm }) => fromMm));
  }
}

interface Format {
  widthMm: number;
  heightMm: number;
  marginMm: number;
}

/** Puts the marks of a long sheet on pages. */
export function intoPages(marks: readonly FlowMark[], starts: readonly number[], format: Format): PaperPage[] {
  const { widthMm, heightMm, marginMm } = format;
  const pages = starts.map((): Mark[] => []);
  for (const { topMm, mark } of marks) {
    const page = Math.max(
      0,
      starts.findLastIndex((start) => start <= topMm + SAME_MM),
    );
    pages[page].push(moved(mark, marginMm, marginMm - starts[page]));
  }
  return pages.map((own) => ({ widthMm, heightMm, marks: own }));
}

function moved(mark: Mark, right: number, down: number): Mark {
  const move = (d: string) => svgpath(d).translate(right, down).round(3).toString();
  const within = mark.within && move(mark.within);
  return mark.is === 'text'
    ? { ...mark, xMm: mark.xMm + right, yMm: mark.yMm + down, within }
    : { ...mark, d: move(mark.d), within };
}
