import { isSeen } from './colour';
import type { FlowMark, Reach } from './marks';
import { frameOf, isBold, type Origin, PX_MM } from './place';
import { readSvg } from './readSvg';

/** A sheet as the browser laid it out at its true size. */
export interface ReadSheet {
  marks: FlowMark[];
  /** What no page may end within. */
  whole: Reach[];
  /** Where a new page begins in any case, mm from the top. */
  forced: number[];
  heightMm: number;
}

/**
 * Reads a sheet off the screen: every line of text and every drawn outline, where the browser put it.
 *
 * What is shown, printed and written to a file is then one and the same.
 *
 * @param root - the sheet, laid out as wide as the paper less its margins, not scaled
 */
export function readSheet(root: HTMLElement): ReadSheet {
  const { left, top, height } = root.getBoundingClientRect();
  const read: ReadSheet = { marks: [], whole: [], forced: [], heightMm: height * PX_MM };
  readElement(root, { left, top, within: null }, read);
  return read;
}

function readElement(element: Element, origin: Origin, read: ReadSheet): void {
  const style = getComputedStyle(element);
  if (style.display === 'none' || style.visibility === 'hidden') return;
  const box = element.getBoundingClientRect();
  const reach = { fromMm: (box.top - origin.top) * PX_MM, toMm: (box.bottom - origin.top) * PX_MM };
  if (element instanceof SVGSVGElement) {
    read.marks.push(...readSvg(element, origin));
    read.whole.push(reach);
    return;
  }
  readBox(box, style, origin, read);
  if (style.breakInside.startsWith('avoid') || style.display === 'table-row') read.whole.push(reach);
  if (style.breakAfter === 'page') read.forced.push(reach.toMm);
  const inside = style.overflowX === 'visible' ? origin : { ...origin, within: frameOf(box, origin) };
  for (const node of element.childNodes) {
    if (node instanceof Text) readText(node, style, inside, read);
    else if (node instanceof Element) readElement(node, inside, read);
  }
}

const plain = { fill: null, stroke: null, widthMm: 0, dashMm: [], round: false, opacity: 1 };

/** Its ground, and each of its edges. */
function readBox(box: DOMRect, style: CSSStyleDeclaration, origin: Origin, { marks }: ReadSheet): void {
  const [left, right] = [box.left - origin.left, box.right - origin.left].map((px) => px * PX_MM);
  const [top, bottom] = [box.top - origin.top, box.bottom - origin.top].map((px) => px * PX_MM);
  const ground = style.backgroundColor;
  const { within } = origin;
  if (isSeen(ground) && ground !== WHITE)
    marks.push({ topMm: top, mark: { is: 'path', ...plain, within, d: frameOf(box, origin), fill: ground } });
  for (const side of SIDES) {
    const px = parseFloat(style.getPropertyValue(`border-${side}-width`));
    const kind = style.getPropertyValue(`border-${side}-style`);
    const colour = style.getPropertyValue(`border-${side}-color`);
    if (!px || kind === 'none' || kind === 'hidden' || !isSeen(colour)) continue;
    const widthMm = px * PX_MM;
    const half = widthMm / 2;
    const at = { top: top + half, bottom: bottom - half, left: left + half, right: right - half };
    const along =
      side === 'top' || side === 'bottom' ? `M${left} ${at[side]} H${right}` : `M${at[side]} ${top} V${bottom}`;
    const dashMm = kind === 'dashed' ? [3 * widthMm, 3 * widthMm] : kind === 'dotted' ? [widthMm, widthMm] : [];
    marks.push({ topMm: top, mark: { is: 'path', ...plain, within, d: along, stroke: colour, widthMm, dashMm } });
  }
}

const WHITE = 'rgb(255, 255, 255)';
const SIDES = ['top', 'right', 'bottom', 'left'] as const;

/** The lines of a text as they were broken. */
function readText(node: Text, style: CSSStyleDeclaration, origin: Origin, read: ReadSheet): void {
  for (const { text, box } of linesOf(node)) {
    const { ascent, descent } = typeOf(style);
    const baseline = box.top + (box.height * ascent) / (ascent + descent);
    const topMm = (box.top - origin.top) * PX_MM;
    read.whole.push({ fromMm: topMm, toMm: (box.bottom - origin.top) * PX_MM });
    read.marks.push({
      topMm,
      mark: {
        is: 'text',
        text: style.textTransform === 'uppercase' ? text.toUpperCase() : text,
        xMm: (box.left - origin.left) * PX_MM,
        yMm: (baseline - origin.top) * PX_MM,
        sizeMm: parseFloat(style.fontSize) * PX_MM,
        bold: isBold(style),
        colour: style.color,
        angle: 0,
        halo: null,
        within: origin.within,
      },
    });
  }
}

interface Line {
  text: string;
  box: DOMRect;
}

function linesOf(node: Text): Line[] {
  const range = document.createRange();
  const boxesOf = (from: number, to: number) => {
    range.setStart(node, from);
    range.setEnd(node, to);
    return [...range.getClientRects()].filter(({ width, height }) => width > 0 && height > 0);
  };
  const lines: Line[] = [];
  const add = (text: string, box: DOMRect, between: string) => {
    const last = lines.at(-1);
    if (last && Math.abs(last.box.top - box.top) < 1 && box.left >= last.box.left) last.text += between + text;
    else lines.push({ text, box });
  };
  for (const found of node.data.matchAll(/\S+/g)) {
    const boxes = boxesOf(found.index, found.index + found[0].length);
    if (boxes.length === 1) add(found[0], boxes[0], ' ');
    // A word that was broken is read letter by letter.
    else if (boxes.length > 1)
      [...found[0]].forEach((letter, i) => {
        const [box] = boxesOf(found.index + i, found.index + i + 1);
        if (box) add(letter, box, i === 0 ? ' ' : '');
      });
  }
  return lines;
}

const pen = () => document.createElement('canvas').getContext('2d')!;
let drawing: CanvasRenderingContext2D | null = null;

/** How far its type reaches above and below the baseline. */
function typeOf({ fontWeight, fontSize, fontFamily }: CSSStyleDeclaration): { ascent: number; descent: number } {
  drawing ??= pen();
  drawing.font = `${fontWeight} ${fontSize} ${fontFamily}`;
  const { fontBoundingBoxAscent, fontBoundingBoxDescent } = drawing.measureText('x');
  return { ascent: fontBoundingBoxAscent, descent: fontBoundingBoxDescent };
}
