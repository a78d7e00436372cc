/** What was found in a picture file: its first path with every transform, and how large it says it is. */
export interface SvgFile {
  d: string;
  /** Transforms of the path and of every group around it, outermost first. */
  transform: string;
  /** Of one unit, where the file gives its size in a true unit; null where it does not. */
  mmPerUnit: number | null;
}

/** True units a file may give its size in, mm each (CSS: 96 px to the inch). */
const UNIT_MM: Readonly<Record<string, number>> = { mm: 1, cm: 10, in: 25.4, pt: 25.4 / 72, pc: 25.4 / 6 };

const SCRIPTED = { refused: 'This SVG has scripts in it and is not taken: save it as plain SVG, without scripts.' };

/** What a browser would look at as a script while it reads the text, and its policy report: it is not even read. */
const ACTS = /<\s*(?:\w+:)?script\b|<[^>]*\son\w+\s*=/i;

/**
 * Reads an SVG as a picture of a line and nothing else: a file that could do anything by itself is refused.
 *
 * @param text - of the file
 * @returns what was found, or why it is not taken and what to do
 */
export function readSvgFile(text: string): SvgFile | { refused: string } {
  if (ACTS.test(text)) return SCRIPTED;
  const read = new DOMParser().parseFromString(text, 'image/svg+xml');
  const root = read.documentElement;
  if (root.localName !== 'svg' || read.querySelector('parsererror'))
    return { refused: 'This is not an SVG that can be read: save it again as plain SVG.' };
  if (acts(root)) return SCRIPTED;
  const path = [...root.querySelectorAll('path')].find((one) => one.getAttribute('d')?.trim());
  if (!path)
    return {
      refused: 'There is no path in this SVG: turn its shapes into paths in your drawing program, and save it again.',
    };
  const around: string[] = [];
  for (let at: Element | null = path; at && at !== root; at = at.parentElement)
    around.unshift(at.getAttribute('transform') ?? '');
  return { d: path.getAttribute('d')!, transform: around.join(' ').trim(), mmPerUnit: unitOf(root) };
}

const acts = (root: Element) =>
  [root, ...root.querySelectorAll('*')].some(
    (one) =>
      one.localName === 'script' ||
      one.localName === 'foreignObject' ||
      [...one.attributes].some(
        ({ name, value }) => /^on/i.test(name) || (/href$/i.test(name) && /^\s*(javascript|data):/i.test(value)),
      ),
  );

/** Its width in a true unit against its width in its own units. */
function unitOf(root: Element): number | null {
  const size = /^\s*([\d.]+)\s*(mm|cm|in|pt|pc)\s*$/.exec(root.getAttribute('width') ?? '');
  const box = (root.getAttribute('viewBox') ?? '').trim().split(/[\s,]+/);
  const across = Number(box[2]);
  if (!size || !(across > 0)) return null;
  const mm = (Number(size[1]) * UNIT_MM[size[2]]) / across;
  return Number.isFinite(mm) && mm > 0 ? mm : null;
}
