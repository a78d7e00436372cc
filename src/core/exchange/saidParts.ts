import { type Cloth, clothSchema, FAMILIES, FAMILY, fibreText, parseFibres, STRUCTURES, TRAITS } from '../cloth';
import { formatNumber } from '../units';

/** The id whose row has this name, whatever its capitals; undefined for none. */
export function named<Id extends string>(ids: readonly Id[], nameOf: (id: Id) => string, text: string): Id | undefined {
  const said = text.trim().toLowerCase();
  return ids.find((id) => nameOf(id).toLowerCase() === said || id === said);
}

/** A number as short as it can be said without losing a thousandth. */
export const plain = (value: number): string => String(Number(value.toFixed(3)));

/** The first number of a text, with a point or a comma; undefined for none. */
export function numberIn(text: string): number | undefined {
  const found = /[-−]?\d+(?:[.,]\d+)?/.exec(text)?.[0];
  return found === undefined ? undefined : Number(found.replace('−', '-').replace(',', '.'));
}

interface ClothPart {
  write: (cloth: Cloth) => string | null;
  /** What a part of the line says of the fabric; null when it is about something else. */
  read: (part: string) => Partial<Cloth> | null;
}

/** A part with a number between fixed words. */
const measure = (
  field: 'massGsm' | 'thicknessMm' | 'stretchAcross' | 'stretchAlong' | 'recovery',
  before: string,
  after: string,
): ClothPart => {
  const shape = new RegExp(`^${before}\\s*(\\d[\\d.,]*)\\s*${after.replace('²', '[²2]').trim()}$`, 'i');
  return {
    write: (cloth) => (cloth[field] === undefined ? null : `${before}${before && ' '}${plain(cloth[field])}${after}`),
    read: (part) => {
      const found = shape.exec(part)?.[1];
      return found === undefined ? null : { [field]: numberIn(found) };
    },
  };
};

const PARTS: readonly ClothPart[] = [
  {
    write: ({ family }) => FAMILY[family].name,
    read: (part) => {
      const family = named(FAMILIES, (id) => FAMILY[id].name, part);
      return family ? { family, structure: FAMILY[family].structure } : null;
    },
  },
  {
    write: ({ structure }) => structure,
    read: (part) => {
      const structure = named(STRUCTURES, (id) => id, part);
      return structure ? { structure } : null;
    },
  },
  measure('massGsm', '', ' g/m²'),
  measure('thicknessMm', '', ' mm thick'),
  measure('stretchAcross', 'stretches', '% across'),
  measure('stretchAlong', 'stretches', '% along'),
  measure('recovery', 'recovers', '%'),
  {
    write: ({ fibres }) => (fibres ? `fibres ${fibreText(fibres).replaceAll(',', ' /')}` : null),
    read: (part) => {
      const said = /^fibres?\s+(.+)$/i.exec(part)?.[1];
      const fibres = said === undefined ? undefined : parseFibres(said.replaceAll(' /', ','));
      return fibres ? { fibres } : null;
    },
  },
  {
    write: ({ traits }) => (traits.length > 0 ? `also ${traits.join(' / ')}` : null),
    read: (part) => {
      const said = /^also\s+(.+)$/i.exec(part)?.[1].split('/');
      const traits = said?.map((one) => named(TRAITS, (id) => id, one));
      return traits?.every((one) => one !== undefined) ? { traits } : null;
    },
  },
];

/** A fabric in a line: `jersey; knit; 170 g/m²; stretches 50% across`. */
export const clothLine = (cloth: Cloth): string =>
  PARTS.flatMap(({ write }) => write(cloth) ?? [])
    .filter((part, i, all) => all.indexOf(part) === i)
    .join('; ');

/**
 * Reads such a line; parts in any order.
 *
 * @returns the fabric, or the part that cannot be read
 */
export function readClothLine(line: string): { ok: true; cloth: Cloth } | { ok: false; part: string } {
  let cloth: Record<string, unknown> = {};
  for (const part of line
    .split(';')
    .map((one) => one.trim())
    .filter(Boolean)) {
    const said = PARTS.map(({ read }) => read(part)).find((found) => found !== null);
    if (!said) return { ok: false, part };
    // A family says how it is made; what is said of that besides is what counts.
    cloth = 'family' in said ? { ...said, ...cloth, family: said.family } : { ...cloth, ...said };
  }
  const checked = clothSchema.safeParse(cloth);
  return checked.success ? { ok: true, cloth: checked.data } : { ok: false, part: line };
}

/** How far from normal a tension is, in words: `1.5 steps above normal`. */
export function tensionLine(steps: number): string {
  if (steps === 0) return 'normal';
  const size = Math.abs(steps);
  const said = size === 0.5 ? 'half a step' : `${formatNumber(size, 1)} ${size === 1 ? 'step' : 'steps'}`;
  return `${said} ${steps > 0 ? 'above' : 'below'} normal`;
}

/** Reads that; undefined when it is something else. */
export function readTensionLine(text: string): number | undefined {
  if (/^\s*normal\s*$/i.test(text)) return 0;
  const isSaid = /steps?\s+(above|below)\s+normal/i.test(text);
  const size = !isSaid ? undefined : /half a step/i.test(text) ? 0.5 : numberIn(text);
  if (size === undefined || size < 0) return undefined;
  return /below/i.test(text) ? -size : size;
}
