/**
 * Writes the demo workroom: fitting out a narrowboat, the Tansy Wren. Everything in it is made up.
 * Run with `npm run demo` after changing it; the file is an ordinary export.
 */
import { writeFileSync } from 'node:fs';
import { FAMILY, type Family, familyFromName } from '../src/core/cloth';
import { type ClothRecord, clothOf, readWorkroom, type Workroom } from '../src/core/file';
import { type Kit, type Machine, PLAIN_MACHINE } from '../src/core/kit';
import { match, matchInputSchema } from '../src/core/match';
import { OPERATION, type OperationKind, type Setup, USUAL_SCHOOLS } from '../src/core/setup';
import type { Line } from '../src/core/swatch';

const day = (date: string, time = '10:00') => `2026-${date}T${time}:00Z`;

const green: Machine & { name: string } = {
  ...PLAIN_MACHINE,
  name: 'the green machine',
  stitches: [
    'straight',
    'zigzag',
    'triple-straight',
    'three-step-zigzag',
    'lightning',
    'overlock-like',
    'blind',
    'satin',
    'buttonhole',
  ],
};
const black: Machine & { name: string } = {
  ...PLAIN_MACHINE,
  name: 'the boat machine',
  stitches: ['straight'],
  maxLengthMm: 4,
  maxWidthMm: 0,
  plates: ['straight'],
  pressureDial: null,
  tensionDial: { min: 0, max: 9, normal: 5, step: 0.5 },
  extraLiftMm: 0,
  speedSpm: 600,
  needlePositions: 1,
};

const kit: Kit = {
  needles: [
    { point: 'universal', nm: 60 },
    { point: 'universal', nm: 70 },
    { point: 'universal', nm: 80 },
    { point: 'universal', nm: 90 },
    { point: 'ballpoint', nm: 75 },
    { point: 'ballpoint', nm: 80 },
    { point: 'stretch', nm: 75 },
    { point: 'jeans', nm: 90 },
    { point: 'jeans', nm: 100 },
    { point: 'twin-stretch', nm: 75, gapMm: 2.5 },
  ],
  threads: [
    { fibre: 'polyester', tex: 18 },
    { fibre: 'polyester', tex: 27 },
    { fibre: 'polyester', tex: 40 },
    { fibre: 'polyester', tex: 60 },
    { fibre: 'cotton', tex: 30 },
  ],
  feet: ['standard', 'walking', 'zip', 'buttonhole', 'straight', 'rolled-hem'],
  plates: ['standard', 'straight'],
  overlocker: false,
};

interface Bolt {
  id: string;
  name: string;
  colour: string;
  family?: Family;
  gsm?: number;
  mm?: number;
  fibres?: Record<string, number>;
  /** Pulls of 100 mm: pulled to, let go. */
  across?: [number, number?][];
  along?: [number, number?][];
  added: string;
  notes?: string;
}

// prettier-ignore
const BOLTS: Bolt[] = [
  { id: 'merino', name: 'Merino jersey', colour: '#b7c6d0', gsm: 160, fibres: { wool: 95, elastane: 5 }, across: [[154, 103], [150, 102], [152, 103]], along: [[128, 101]], added: '11-02', notes: 'Base layer for the winter run.' },
  { id: 'deck', name: 'Deck canvas', colour: '#c8b48a', gsm: 380, mm: 0.7, fibres: { cotton: 100 }, added: '10-11', notes: 'Cushion covers, piped.' },
  { id: 'denim', name: 'Apron denim', colour: '#6f86a6', gsm: 370, fibres: { cotton: 100 }, added: '10-18' },
  { id: 'habotai', name: 'Silk habotai bunting', colour: '#e0b7a6', gsm: 36, fibres: { silk: 100 }, added: '10-20' },
  { id: 'neoprene', name: 'Neoprene for the tiller grip', colour: '#8f9aa8', mm: 2.5, added: '10-25' },
  { id: 'fleece', name: 'Polar fleece hat', colour: '#a8b89a', gsm: 240, fibres: { polyester: 100 }, across: [[136, 103]], added: '10-27' },
  { id: 'sateen', name: 'Cotton sateen headscarf', colour: '#c59fb2', family: 'poplin', gsm: 120, fibres: { cotton: 100 }, added: '11-01' },
  { id: 'lawn', name: 'Lawn for the curtains', colour: '#dcd6b4', gsm: 80, fibres: { cotton: 100 }, added: '11-04' },
  { id: 'velvet', name: 'Velvet cushion', colour: '#8c6b86', gsm: 260, added: '11-08' },
  { id: 'vinyl', name: 'Vinyl log-bag base', colour: '#a58b74', gsm: 600, mm: 0.8, added: '11-12' },
];

function cloth(bolt: Bolt): ClothRecord {
  const family = bolt.family ?? familyFromName(bolt.name) ?? 'other';
  const pulls = (direction: 'across' | 'along') =>
    (bolt[direction] ?? []).map(([stretched, relaxed]) => ({
      direction,
      at: day(bolt.added, '11:00'),
      marks: { rest: 100, stretched, ...(relaxed !== undefined && { relaxed }) },
    }));
  return {
    id: bolt.id,
    cloth: {
      name: bolt.name,
      structure: FAMILY[family].structure,
      family,
      traits: [],
      ...(bolt.gsm && { massGsm: bolt.gsm }),
      ...(bolt.mm && { thicknessMm: bolt.mm }),
      ...(bolt.fibres && { fibres: bolt.fibres }),
    },
    colour: bolt.colour,
    readings: [...pulls('across'), ...pulls('along')],
    notes: bolt.notes ?? '',
    addedAt: day(bolt.added),
  };
}

const cloths = BOLTS.map(cloth);
const clothById = (id: string) => cloths.find((c) => c.id === id)!;

function best(clothId: string, kind: OperationKind, machine = green): Setup {
  const input = matchInputSchema.parse({ cloth: clothOf(clothById(clothId)), operation: { kind }, machine, kit });
  const { setup } = match(input);
  if (!setup) throw new Error(`best: expected a setting for ${clothId}, got none`);
  return setup;
}

const swatches: Workroom['swatches'] = [];
const lines: Line[] = [];
const cards: Workroom['cards'] = [];

function scrap(
  id: string,
  clothId: string,
  kind: OperationKind,
  date: string,
  trials: Partial<Line>[],
  machineId = 'green',
): void {
  const name = `${clothById(clothId).cloth.name}, ${OPERATION[kind].name}`;
  const machine = machineId === 'green' ? green : black;
  swatches.push({ id, clothId, machineId, operation: { kind }, startedAt: day(date), name });
  trials.forEach((trial, i) => {
    const line: Line = {
      id: `${id}-${i + 1}`,
      swatchId: id,
      number: i + 1,
      setup: best(clothId, kind, machine),
      direction: 'across',
      measures: { markedMm: 100 },
      findings: [],
      looked: true,
      status: 'failed',
      sewnAt: day(date, `1${i}:30`),
      notes: '',
      ...trial,
    };
    lines.push(line);
    if (line.status !== 'passed') return;
    cards.push({
      id: `card-${id}`,
      name,
      passedAt: line.sewnAt,
      clothId,
      cloth: clothOf(clothById(clothId)),
      operation: { kind },
      machineId,
      machine,
      setup: line.setup,
      measures: line.measures,
      lineId: line.id,
      notes: line.notes,
    });
  });
}

const merino = best('merino', 'join');
const narrow = { ...merino, stitch: 'zigzag' as const, lengthMm: 3, widthMm: 1.5 };
scrap('merino-side', 'merino', 'join', '11-21', [
  {
    setup: { ...narrow, widthMm: 1 },
    measures: { markedMm: 100, stitches: 33, afterMm: 101, poppedAtMm: 119 },
    findings: [{ sign: 'popped', severity: 3 }],
  },
  {
    setup: narrow,
    measures: { markedMm: 100, stitches: 33, afterMm: 102, poppedAtMm: 123 },
    findings: [{ sign: 'popped', severity: 2 }],
  },
  { setup: merino, measures: { markedMm: 100, stitches: 41 }, looked: false, status: 'sewing' },
]);
scrap('canvas-seam', 'deck', 'join', '11-14', [
  {
    measures: { markedMm: 100, stitches: 35 },
    status: 'passed',
    notes: 'Four layers at the piping: by hand over the hump.',
  },
]);
scrap('denim-felled', 'denim', 'topstitch', '11-07', [
  { measures: { markedMm: 100, stitches: 29 }, findings: [{ sign: 'loops-below', severity: 2 }] },
  { measures: { markedMm: 100, stitches: 29 }, status: 'passed' },
]);
scrap('bunting', 'habotai', 'hem', '11-09', [
  { measures: { markedMm: 100, stitches: 55 }, status: 'passed', notes: 'Leader scrap every time.' },
]);
scrap('fleece-hat', 'fleece', 'join', '11-10', [
  { measures: { markedMm: 100, stitches: 40, afterMm: 101.5, heldToMm: 128 }, status: 'passed' },
]);
scrap('velvet', 'velvet', 'join', '11-16', [
  {
    measures: { markedMm: 100, stitches: 40, shiftMm: 5 },
    findings: [
      { sign: 'uneven-layers', severity: 3 },
      { sign: 'marks', severity: 2 },
    ],
    notes: 'Pile crept. Baste next time.',
  },
]);
scrap(
  'curtain-hem',
  'lawn',
  'hem',
  '11-18',
  [{ measures: { markedMm: 100, stitches: 44 }, status: 'passed' }],
  'black',
);

const workroom: Workroom = {
  format: 'bobbet-workroom',
  version: 1,
  name: 'The Tansy Wren',
  exportedAt: day('11-22'),
  cloths,
  machines: [
    { id: 'green', machine: green, addedAt: day('09-01') },
    { id: 'black', machine: black, addedAt: day('09-02') },
  ],
  kit: { kit },
  schools: USUAL_SCHOOLS,
  onMachine: [
    {
      machineId: 'green',
      setup: { ...best('deck', 'topstitch'), pressure: 1, needle: { point: 'jeans', nm: 100 } },
      unsure: [],
      clothName: 'Deck canvas',
      since: day('11-22', '16:00'),
      needleHours: 3.4,
    },
    {
      machineId: 'black',
      setup: best('lawn', 'hem', black),
      unsure: [],
      clothName: 'Lawn for the curtains',
      since: day('11-18', '12:00'),
      needleHours: 1.2,
    },
  ],
  swatches,
  lines,
  cards,
};

const text = `${JSON.stringify(workroom, null, 1)}\n`;
const read = readWorkroom(text);
if (!read.ok) throw new Error(`make: ${read.error.path}: ${read.error.message}`);
writeFileSync(new URL('tansy-wren.json', import.meta.url), text);
console.log(`${cloths.length} cloths, ${lines.length} lines, ${cards.length} cards`);
