import type { Card } from '../card';
import type { Cloth } from '../cloth';
import {
  ALL_NEEDLES,
  FEET,
  FIBRE,
  FOOT,
  type Needle,
  needleName,
  PLATE,
  PLATES,
  POINT,
  POINTS,
  type Thread,
  THREAD_FIBRES,
  threadName,
} from '../kit';
import { OPERATION, OPERATION_KINDS, type Operation, type Setup } from '../setup';
import { STITCH, STITCHES } from '../stitch';
import { formatNeedleSize } from '../units';
import { clothLine, named, numberIn, plain, readClothLine, readTensionLine, tensionLine } from './saidParts';

/** What the lines of a card say, put together line by line. */
export interface SaidCard {
  cloth?: Cloth;
  operation?: Partial<Operation>;
  setup: Partial<Setup>;
  measures: Partial<Card['measures']>;
  machineName?: string;
  passedAt?: string;
  notes?: string;
}

/** One line of a card as text: `Needle: Stretch 75/11`. */
export interface CardLine {
  name: string;
  /** Without it there is no card. */
  needed?: true;
  /** Null where the card has nothing to say. */
  write: (card: Card) => string | null;
  /** Puts what it says into the card; false where it cannot be read. */
  read: (text: string, said: SaidCard) => boolean;
  /** What was expected, as an example. */
  like: string;
}

const oneLine = (text: string) => text.replace(/\s+/g, ' ').trim();

/** A line that sets one part of the setting. */
function part<K extends keyof Setup>(
  name: string,
  field: K,
  like: string,
  write: (value: NonNullable<Setup[K]>) => string,
  read: (text: string) => Setup[K] | undefined,
): CardLine {
  return {
    name,
    needed: true,
    like,
    write: ({ setup }) => (setup[field] === undefined ? null : write(setup[field])),
    read: (text, { setup }) => {
      const value = read(text);
      if (value === undefined) return false;
      setup[field] = value;
      return true;
    },
  };
}
const optional = (line: CardLine): CardLine => ({ ...line, needed: undefined });

function readNeedle(text: string): Needle | undefined {
  const said = oneLine(text).toLowerCase();
  const sold = ALL_NEEDLES.find((needle) => needleName(needle).toLowerCase() === said);
  if (sold) return sold;
  // A point in a size that is not sold together today may still be in somebody's box.
  const [, point, size] = /^(.+?)\s+(\d+)(?:\/\d+)?$/.exec(said) ?? [];
  const id = point === undefined ? undefined : named(POINTS, (one) => POINT[one].name, point);
  const nm = Number(size);
  return id && formatNeedleSize(nm).startsWith(`${nm}/`) ? { point: id, nm } : undefined;
}

function readThread(text: string): Thread | undefined {
  const [, name, tex] = /^(.+?),?\s+tex\s+([\d.,]+)$/i.exec(oneLine(text)) ?? [];
  const fibre = name === undefined ? undefined : named(THREAD_FIBRES, (id) => FIBRE[id].name, name);
  const number = tex === undefined ? undefined : numberIn(tex);
  return fibre && number ? { fibre, tex: number } : undefined;
}

const millimetres = (value: number) => `${plain(value)} mm`;
/** A length with its unit: a bare number, or another unit, is not guessed at. */
const readMm = (text: string) => (/\d\s*mm\s*$/i.test(text) ? numberIn(text) : undefined);

const readPlace = (text: string) => {
  if (/^\s*cent(re|er)\s*$/i.test(text)) return 0;
  const mm = /^([\d.,]+)\s*mm\s+(left|right)$/i.exec(text.trim());
  const size = mm ? numberIn(mm[1]) : undefined;
  return size === undefined ? undefined : /left/i.test(mm![2]) ? -size : size;
};

const pressureLine = (share: number) => (share === 0.5 ? 'normal' : `${plain(share * 100)} of 100, where 50 is normal`);
const readPressure = (text: string) => {
  if (/^\s*normal\s*$/i.test(text)) return 0.5;
  const share = /of\s+100\b/i.test(text) ? numberIn(text) : undefined;
  return share === undefined ? undefined : Number((share / 100).toFixed(5));
};

/** A seam in a line: `a plain seam; 2 layers; must stretch 25%; along`. */
const operationLine = ({ kind, layers, folds, requiredGive, direction, allowanceMm, radiusMm, lengthMm }: Operation) =>
  [
    OPERATION[kind].name,
    layers !== undefined && `${layers} layers`,
    folds !== undefined && `folded ${folds} times`,
    requiredGive !== undefined && `must stretch ${plain(requiredGive)}%`,
    direction,
    allowanceMm !== undefined && `${plain(allowanceMm)} mm allowance`,
    radiusMm !== undefined && `${plain(radiusMm)} mm radius`,
    lengthMm !== undefined && `${plain(lengthMm)} mm long`,
  ]
    .filter(Boolean)
    .join('; ');

const SEAM_NUMBERS: readonly [RegExp, keyof Operation][] = [
  [/^\d+ layers?$/i, 'layers'],
  [/^folded \d times?$/i, 'folds'],
  [/^must stretch [\d.,]+ ?%$/i, 'requiredGive'],
  [/^[\d.,]+ mm allowance$/i, 'allowanceMm'],
  [/^[\d.,]+ mm radius$/i, 'radiusMm'],
  [/^[\d.,]+ mm long$/i, 'lengthMm'],
];
const DIRECTIONS = ['across', 'along', 'bias'] as const;

function readOperation(text: string): Partial<Operation> | null {
  const said: Record<string, unknown> = {};
  for (const one of text
    .split(';')
    .map((piece) => piece.trim())
    .filter(Boolean)) {
    const kind = named(OPERATION_KINDS, (id) => OPERATION[id].name, one);
    const direction = named(DIRECTIONS, (id) => id, one);
    const number = SEAM_NUMBERS.find(([shape]) => shape.test(one));
    if (kind) said.kind = kind;
    else if (direction) said.direction = direction;
    else if (number) said[number[1]] = numberIn(one);
    else return null;
  }
  return 'kind' in said ? (said as Partial<Operation>) : null;
}

const MEASURES: readonly [keyof Card['measures'], (value: number) => string, RegExp][] = [
  ['markedMm', (mm) => `${plain(mm)} mm marked`, /^([\d.,]+) mm marked$/i],
  ['stitches', (count) => `${count} stitches`, /^(\d+) stitches$/i],
  ['afterMm', (mm) => `${plain(mm)} mm after sewing`, /^([\d.,]+) mm after sewing$/i],
  ['widthMm', (mm) => `${plain(mm)} mm wide`, /^([\d.,]+) mm wide$/i],
  ['heldToMm', (mm) => `held to ${plain(mm)} mm`, /^held to ([\d.,]+) mm$/i],
  ['poppedAtMm', (mm) => `popped at ${plain(mm)} mm`, /^popped at ([\d.,]+) mm$/i],
  ['shiftMm', (mm) => `${plain(mm)} mm shifted`, /^(-?[\d.,]+) mm shifted$/i],
  ['ridgeMm', (mm) => `${plain(mm)} mm ridge`, /^([\d.,]+) mm ridge$/i],
  ['pucker', (grade) => `pucker grade ${plain(grade)}`, /^pucker grade ([\d.,]+)$/i],
];

/** The lines of a card as text, in the order they are written; they are read in any. */
export const CARD_LINES: readonly CardLine[] = [
  {
    name: 'Fabric',
    needed: true,
    like: 'jersey; knit; 170 g/m²; stretches 50% across',
    write: ({ cloth }) => clothLine(cloth),
    read: (text, said) => {
      const read = readClothLine(text);
      if (read.ok) said.cloth = read.cloth;
      return read.ok;
    },
  },
  {
    name: 'Seam',
    needed: true,
    like: 'a plain seam; 2 layers; must stretch 25%',
    write: ({ operation }) => operationLine(operation),
    read: (text, said) => {
      const operation = readOperation(text);
      if (operation) said.operation = { ...said.operation, ...operation };
      return operation !== null;
    },
  },
  {
    name: 'Second fabric',
    like: 'lawn; woven; 80 g/m²',
    write: ({ operation }) => (operation.second ? clothLine(operation.second) : null),
    read: (text, said) => {
      const read = readClothLine(text);
      if (read.ok) said.operation = { ...said.operation, second: read.cloth };
      return read.ok;
    },
  },
  part('Needle', 'needle', 'Stretch 75/11', needleName, readNeedle),
  part('Thread', 'thread', 'Polyester, Tex 27', threadName, readThread),
  optional(part('Bobbin', 'bobbin', 'Polyester, Tex 24', threadName, readThread)),
  part(
    'Foot',
    'foot',
    'Walking',
    (id) => FOOT[id].name,
    (text) => named(FEET, (id) => FOOT[id].name, text),
  ),
  optional(
    part(
      'Foot beside the needle',
      'footSide',
      'left',
      (side) => side,
      (text) => named(['left', 'right'], (id) => id, text),
    ),
  ),
  part(
    'Plate',
    'plate',
    'Standard',
    (id) => PLATE[id].name,
    (text) => named(PLATES, (id) => PLATE[id].name, text),
  ),
  part(
    'Stitch',
    'stitch',
    'Zigzag',
    (id) => STITCH[id].name,
    (text) => named(STITCHES, (id) => STITCH[id].name, text),
  ),
  part('Length', 'lengthMm', '2.5 mm', millimetres, readMm),
  // A straight line has none, and nobody would say so.
  optional(part('Width', 'widthMm', '2 mm', (mm) => (mm === 0 ? '' : millimetres(mm)), readMm)),
  optional(
    part(
      'Needle position',
      'needlePositionMm',
      '1.5 mm left',
      (mm) => (mm === 0 ? '' : `${plain(Math.abs(mm))} mm ${mm < 0 ? 'left' : 'right'}`),
      readPlace,
    ),
  ),
  part('Tension', 'tensionSteps', '1 step above normal', tensionLine, readTensionLine),
  part('Pressure', 'pressure', '25 of 100, where 50 is normal', pressureLine, readPressure),
  {
    name: 'Measured',
    like: '100 mm marked; 41 stitches; 101 mm after sewing; held to 134 mm',
    write: ({ measures }) =>
      MEASURES.flatMap(([field, say]) => (typeof measures[field] === 'number' ? say(measures[field]) : [])).join('; '),
    read: (text, { measures }) =>
      text
        .split(';')
        .map((one) => one.trim())
        .filter(Boolean)
        .every((one) => {
          const found = MEASURES.find(([, , shape]) => shape.test(one));
          if (!found) return false;
          Object.assign(measures, { [found[0]]: numberIn(found[2].exec(one)![1]) });
          return true;
        }),
  },
  {
    name: 'Passed',
    like: '2026-11-22',
    write: ({ passedAt }) => passedAt.slice(0, 10),
    read: (text, said) => {
      const day = /^\d{4}-\d\d-\d\d$/.exec(text.trim())?.[0];
      if (day === undefined || Number.isNaN(Date.parse(day))) return false;
      said.passedAt = `${day}T12:00:00.000Z`;
      return true;
    },
  },
  {
    name: 'Machine',
    like: 'the green machine',
    write: ({ machine }) => oneLine(machine.name ?? ''),
    read: (text, said) => {
      said.machineName = oneLine(text).slice(0, 60);
      return true;
    },
  },
  {
    name: 'Note',
    like: 'lift the foot at the corner',
    write: ({ notes }) => oneLine(notes),
    read: (text, said) => {
      said.notes = text;
      return true;
    },
  },
];
