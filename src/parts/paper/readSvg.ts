import svgpath from 'svgpath';
import type { FlowMark, Mark, PathMark, TextMark } from './marks';
import { frameOf, isBold, type Origin, PX_MM } from './place';

const DRAWN = 'path, line, rect, circle, ellipse, polygon, polyline, text';
const NOT_DRAWN = 'defs, pattern, clipPath, symbol';

/** Reads a drawing: its outlines and texts, where they lie on the sheet. */
export function readSvg(svg: SVGSVGElement, origin: Origin): FlowMark[] {
  const box = svg.getBoundingClientRect();
  const topMm = (box.top - origin.top) * PX_MM;
  const within = getComputedStyle(svg).overflow === 'visible' ? origin.within : frameOf(box, origin);
  const inside = { ...origin, within };
  return [...svg.querySelectorAll<SVGGraphicsElement>(DRAWN)]
    .filter((one) => !one.closest(NOT_DRAWN))
    .flatMap((one): Mark[] => (one instanceof SVGTextElement ? readTexts(one, inside) : readOutline(one, svg, inside)))
    .map((mark) => ({ topMm, mark }));
}

/** From a drawing's own units to mm on the sheet. */
function placed(d: string, one: SVGGraphicsElement, { left, top }: Origin): string {
  const { a, b, c, d: e, e: x, f: y } = one.getScreenCTM()!;
  return svgpath(d).matrix([a, b, c, e, x, y]).translate(-left, -top).scale(PX_MM).toString();
}

/** How many mm a unit of the drawing is. */
function scaleOf(one: SVGGraphicsElement): number {
  const { a, b, c, d } = one.getScreenCTM()!;
  return Math.sqrt(Math.abs(a * d - b * c)) * PX_MM;
}

function readOutline(one: SVGGraphicsElement, svg: SVGSVGElement, origin: Origin): PathMark[] {
  const style = getComputedStyle(one);
  if (style.display === 'none' || style.visibility === 'hidden') return [];
  const pattern = patternOf(style.fill, svg);
  const d = dOf(one);
  const own = strokeOf(style, scaleOf(one), opacityOf(one, svg));
  const mark: PathMark = {
    is: 'path',
    d: placed(d, one, origin),
    fill: paint(style.fill),
    within: origin.within,
    ...own,
  };
  const filled = pattern ? readPattern(pattern, one, origin, mark.d) : [];
  return mark.fill || mark.stroke ? [...filled, mark] : filled;
}

const paint = (value: string): string | null => (value === 'none' || value.startsWith('url(') ? null : value);

function strokeOf(style: CSSStyleDeclaration, scale: number, opacity: number) {
  const widthMm = parseFloat(style.strokeWidth) * (style.vectorEffect === 'non-scaling-stroke' ? PX_MM : scale);
  return {
    stroke: widthMm > 0 ? paint(style.stroke) : null,
    widthMm,
    dashMm: style.strokeDasharray === 'none' ? [] : style.strokeDasharray.split(',').map((n) => parseFloat(n) * scale),
    round: style.strokeLinecap === 'round',
    opacity: opacity * parseFloat(style.strokeOpacity || '1'),
  };
}

function opacityOf(one: Element, svg: SVGSVGElement): number {
  const own = parseFloat(getComputedStyle(one).opacity);
  return one === svg || !one.parentElement ? own : own * opacityOf(one.parentElement, svg);
}

/** Any of the outlines a drawing is made of, as path data. */
function dOf(one: SVGGraphicsElement): string {
  const n = (name: string) => Number(one.getAttribute(name) ?? 0);
  const round = (x: number, y: number, rx: number, ry: number) =>
    `M${x - rx} ${y} A${rx} ${ry} 0 0 1 ${x + rx} ${y} A${rx} ${ry} 0 0 1 ${x - rx} ${y} Z`;
  switch (one.tagName) {
    case 'line':
      return `M${n('x1')} ${n('y1')} L${n('x2')} ${n('y2')}`;
    case 'rect':
      return `M${n('x')} ${n('y')} h${n('width')} v${n('height')} h${-n('width')} Z`;
    case 'circle':
      return round(n('cx'), n('cy'), n('r'), n('r'));
    case 'ellipse':
      return round(n('cx'), n('cy'), n('rx'), n('ry'));
    case 'polyline':
      return `M${one.getAttribute('points')!.trim()}`;
    case 'polygon':
      return `M${one.getAttribute('points')!.trim()} Z`;
    default:
      return one.getAttribute('d') ?? '';
  }
}

function patternOf(fill: string, svg: SVGSVGElement): SVGPatternElement | null {
  const id = /^url\(["']?#([^"')]+)/.exec(fill)?.[1];
  const found = id === undefined ? null : svg.querySelector(`#${CSS.escape(id)}`);
  return found instanceof SVGPatternElement ? found : null;
}

/** Tiles of a pattern over what it fills, each part of it as one outline. */
function readPattern(pattern: SVGPatternElement, one: SVGGraphicsElement, origin: Origin, within: string): PathMark[] {
  const [wide, high] = [pattern.width.baseVal.value, pattern.height.baseVal.value];
  const box = one.getBBox();
  const steps = (from: number, to: number, step: number) =>
    Array.from(
      { length: Math.ceil(to / step) - Math.floor(from / step) },
      (_, i) => (Math.floor(from / step) + i) * step,
    );
  const tiles = steps(box.y, box.y + box.height, high).flatMap((y) =>
    steps(box.x, box.x + box.width, wide).map((x) => [x, y] as const),
  );
  return [...pattern.querySelectorAll<SVGGraphicsElement>(DRAWN)].map((part) => {
    const style = getComputedStyle(part);
    const d = tiles.map(([x, y]) => svgpath(dOf(part)).translate(x, y).toString()).join(' ');
    return {
      is: 'path',
      d: placed(d, one, origin),
      fill: paint(style.fill),
      within,
      ...strokeOf(style, scaleOf(one), 1),
    };
  });
}

/** The texts of a drawing: one for each part of it that begins at a place of its own. */
function readTexts(whole: SVGTextElement, { left, top, within }: Origin): TextMark[] {
  const { a, b, c, d, e, f } = whole.getScreenCTM()!;
  const angle = Math.atan2(b, a);
  const scale = scaleOf(whole);
  const walker = document.createTreeWalker(whole, NodeFilter.SHOW_TEXT);
  const marks: TextMark[] = [];
  let letter = 0;
  for (let node = walker.nextNode(); node; node = walker.nextNode()) {
    const text = (node.textContent ?? '').replace(/\s+/g, ' ');
    const style = getComputedStyle(node.parentElement!);
    if (text.trim() && letter < whole.getNumberOfChars()) {
      const { x, y } = whole.getStartPositionOfChar(letter);
      const halo = style.paintOrder.startsWith('stroke') ? paint(style.stroke) : null;
      marks.push({
        is: 'text',
        text,
        xMm: (a * x + c * y + e - left) * PX_MM,
        yMm: (b * x + d * y + f - top) * PX_MM,
        sizeMm: parseFloat(style.fontSize) * scale,
        bold: isBold(style),
        colour: style.fill,
        angle,
        within,
        halo: halo ? { colour: halo, widthMm: parseFloat(style.strokeWidth) * scale } : null,
      });
    }
    letter += text.length;
  }
  return marks;
}
