import { appendBezierCurve, closePath, lineTo, moveTo, type PDFOperator } from 'pdf-lib';
import svgpath from 'svgpath';
import { MM } from './points';

type Place = readonly [x: number, y: number];

/**
 * An outline as a PDF file draws it, to cut out what lies within it.
 *
 * @param d - SVG path data, mm, from the top left
 * @param heightPt - height of the page, points: files count from the bottom
 */
export function outline(d: string, heightPt: number): PDFOperator[] {
  const made: PDFOperator[] = [];
  const flat = ([x, y]: Place) => [x * MM, heightPt - y * MM] as const;
  const curve = (one: Place, two: Place, end: Place) => appendBezierCurve(...flat(one), ...flat(two), ...flat(end));
  svgpath(d)
    .abs()
    .unarc()
    .unshort()
    .iterate((segment, _, x, y) => {
      const [kind] = segment;
      const n = segment.slice(1).map(Number);
      const end = [n.at(-2) ?? 0, n.at(-1) ?? 0] as const;
      switch (kind) {
        case 'M':
          return void made.push(moveTo(...flat(end)));
        case 'H':
          return void made.push(lineTo(...flat([n[0], y])));
        case 'V':
          return void made.push(lineTo(...flat([x, n[0]])));
        case 'C':
          return void made.push(curve([n[0], n[1]], [n[2], n[3]], end));
        case 'Q': {
          // A curve with one handle is one with two, each two thirds of the way to it.
          const to = (from: number, handle: number) => from + (2 / 3) * (handle - from);
          return void made.push(curve([to(x, n[0]), to(y, n[1])], [to(end[0], n[0]), to(end[1], n[1])], end));
        }
        case 'Z':
          return void made.push(closePath());
        default:
          return void made.push(lineTo(...flat(end)));
      }
    });
  return made;
}
