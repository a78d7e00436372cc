import type { Proves } from '../src/core/card';
/**
 * Writes the demo workroom: fitting out a narrowboat, the Tansy Wren. Everything in it is made up.
 * Run with `npm run demo` after changing it; the file is an ordinary export.
 */
import { writeFileSync } from 'node:fs';
import { type ClothReading, clothOf, FAMILY, familyFromName } from '../src/core/cloth';
import { type ClothRecord, readWorkroom, type Workroom, WORKROOM_VERSION } from '../src/core/file';
import type { Kit } from '../src/core/kit';
import { match } from '../src/core/match';
import { KNOWLEDGE } from '../src/core/result';
import { operationTitle, type OperationKind, type Setup, USUAL_SCHOOLS } from '../src/core/setup';
import { type Finding, keptFinding, type TestLine } from '../src/core/swatch';
import { NEEDLES, THREADS } from './tin';
import { type Bolt, BOLTS } from './bolts';
import { jobsOnBoard } from './jobs';
import { black, green } from './machines';
import { sewnOnBoard } from './sewn';

const day = (date: string, time = '10:00') => `2026-${date}T${time}:00Z`;

// What Match may choose from, from the same tin that the file lists needle by needle.
const distinct = <T>(list: T[]): T[] => [...new Map(list.map((item) => [JSON.stringify(item), item])).values()];
const kit: Kit = {
  needles: distinct(NEEDLES.filter((n) => n.spent === null).map((n) => n.needle)),
  threads: distinct(THREADS.map((t) => t.thread)),
  feet: ['standard', 'walking', 'zip', 'buttonhole', 'straight', 'rolled-hem'],
  plates: ['standard', 'straight'],
  overlocker: false,
};

function cloth(bolt: Bolt): ClothRecord {
  const family = bolt.family ?? familyFromName(bolt.name) ?? 'other';
  const pulls = (direction: 'across' | 'along') =>
    (bolt[direction] ?? []).map(([stretched, relaxed]) => ({
      gauge: 'stretch' as const,
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
    readings: [
      ...pulls('across'),
      ...pulls('along'),
      ...(bolt.more ?? []).map((reading, i) => ({ ...reading, at: day(bolt.added, `12:0${i}`) }) as ClothReading),
    ].map((reading, i) => ({ id: `reading-${i + 1}`, ...reading })),
    where: bolt.where ?? '',
    notes: bolt.notes ?? '',
    addedAt: day(bolt.added),
  };
}

const cloths = BOLTS.map(cloth);
const clothById = (id: string) => cloths.find((c) => c.id === id)!;

function best(clothId: string, kind: OperationKind, machine = green): Setup {
  const { setup } = match({ cloth: clothOf(clothById(clothId)), operation: { kind }, machine, kit });
  if (!setup) throw new Error(`best: expected a setting for ${clothId}, got none`);
  return setup;
}

/** A line of the demo: what is not said is as it usually is. */
type Trial = Partial<Omit<TestLine, 'findings'>> & { findings?: Finding[] };

const swatches: Workroom['swatches'] = [];
const lines: TestLine[] = [];
const cards: Workroom['cards'] = [];

/** What a line that passed proves. */
function cardOf(
  line: TestLine,
  about: { id: string; name: string; clothId: string; kind: OperationKind; machineId: string; proves: Proves | null },
): Workroom['cards'][number] {
  const { id, name, clothId, kind, machineId, proves } = about;
  return {
    id,
    name,
    passedAt: line.sewnAt,
    clothId,
    cloth: clothOf(clothById(clothId)),
    operation: { kind },
    secondId: null,
    machineId,
    machine: machineId === 'green' ? green : black,
    setup: line.setup,
    measures: line.measures,
    proves,
    knowledge: line.knowledge,
    lineId: line.id,
    notes: line.notes,
    where: '',
    simulated: false,
    provenAgain: [],
  };
}

function scrap(
  id: string,
  clothId: string,
  kind: OperationKind,
  date: string,
  trials: Trial[],
  machineId = 'green',
  proves: Proves | null = null,
): void {
  const name = `${clothById(clothId).cloth.name}: ${operationTitle(kind)}`;
  const machine = machineId === 'green' ? green : black;
  swatches.push({
    id,
    clothId,
    machineId,
    operation: { kind },
    secondId: null,
    proves,
    startedAt: day(date),
    name,
    where: '',
    spares: [],
  });
  trials.forEach((trial, i) => {
    const line: TestLine = {
      id: `${id}-${i + 1}`,
      swatchId: id,
      number: i + 1,
      setup: best(clothId, kind, machine),
      direction: 'across',
      measures: { markedMm: 100 },
      looked: true,
      status: 'failed',
      sewnAt: day(date, `1${i}:30`),
      leftOut: false,
      knowledge: KNOWLEDGE,
      notes: '',
      ...trial,
      findings: (trial.findings ?? []).map(keptFinding),
    };
    lines.push(line);
    if (line.status !== 'passed') return;
    cards.push(cardOf(line, { id: `card-${id}`, name, clothId, kind, machineId, proves }));
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
  {
    setup: merino,
    direction: 'along',
    looked: false,
    status: 'planned',
    plan: { why: 'The same setting along the cloth: it stretches and puckers differently that way.' },
  },
]);
scrap('canvas-seam', 'deck', 'join', '11-14', [
  {
    measures: { markedMm: 100, stitches: 35 },
    status: 'passed',
    notes: 'Four layers at the piping: by hand over the hump.',
  },
]);
// Sewn as the apron's edges are: it proves them, the stitch of the pocket, and nothing of the other seams.
scrap(
  'denim-felled',
  'denim',
  'topstitch',
  '11-07',
  [
    { measures: { markedMm: 100, stitches: 29 }, findings: [{ sign: 'loops-below', severity: 2 }] },
    { measures: { markedMm: 100, stitches: 29 }, status: 'passed' },
  ],
  'green',
  { procedureId: 'topstitch-edge', row: 'main' },
);
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

const MACHINES = { green, black };
const onGreen: Setup = { ...best('deck', 'topstitch'), pressure: 1, needle: { point: 'jeans', nm: 100 } };
const onBoard = jobsOnBoard({ cloths, machine: green, setup: best, cards, on: onGreen });
const workroom: Workroom = {
  format: 'bobbet-workroom',
  version: WORKROOM_VERSION,
  name: 'The Tansy Wren',
  exportedAt: day('11-22'),
  cloths,
  machines: [
    { id: 'green', machine: green, sewn: [{ id: 'before', at: day('11-22'), by: 41.5 }], addedAt: day('09-01') },
    { id: 'black', machine: black, sewn: [{ id: 'before', at: day('11-18'), by: 12.2 }], addedAt: day('09-02') },
  ],
  kit: {
    feet: kit.feet,
    away: [],
    plates: kit.plates,
    needles: 'owned',
    threads: 'owned',
    overlocker: false,
    pins: ['standard', 'silk', 'ballpoint', 'strong', 'clips', 'weights'],
    blades: [
      {
        ...{ id: 'blade-1', kind: 'shears', freshAt: day('09-05'), notes: '' },
        cut: [
          { id: 'canvas', at: day('10-11'), by: 62 },
          { id: 'denim', at: day('11-02'), by: 38 },
        ],
      },
      {
        ...{ id: 'blade-2', kind: 'rotary-45', freshAt: day('09-20'), notes: '' },
        cut: [
          { id: 'merino', at: day('10-04'), by: 21 },
          { id: 'fleece', at: day('11-15'), by: 84 },
        ],
      },
    ],
    kept: { walking: 'machine drawer', zip: 'machine drawer', 'rolled-hem': 'biscuit box' },
  },
  needles: NEEDLES,
  threads: THREADS,
  care: [
    { id: 'care-1', machineId: 'green', kind: 'lint', at: day('11-01'), atHours: 34, notes: '' },
    { id: 'care-2', machineId: 'green', kind: 'oil', at: day('10-12'), atHours: 28, notes: 'One drop at the hook.' },
    { id: 'care-4', machineId: 'black', kind: 'service', at: day('11-20'), atHours: 12, notes: 'Belt and timing.' },
    { id: 'care-3', machineId: 'black', kind: 'lint', at: day('09-20'), atHours: 3, notes: '' },
  ],
  photos: [],
  runs: [
    ...sewnOnBoard((clothId, kind, machine) => ({
      clothName: clothById(clothId).cloth.name,
      machineName: MACHINES[machine].name,
      setup: best(clothId, kind, MACHINES[machine]),
    })),
    ...onBoard.runs,
  ],
  jobs: onBoard.jobs,
  views: [
    {
      id: 'view-faults',
      name: 'What failed on scrap',
      filter: { text: '', kinds: ['line'], cloth: '', machine: '', outcome: 'bad', from: '', until: '' },
    },
  ],
  schools: USUAL_SCHOOLS,
  onMachine: [
    {
      machineId: 'green',
      setup: onGreen,
      unsure: [],
      clothId: 'deck',
      since: day('11-22', '16:00'),
      needleSewn: [],
      needleId: 'jeans-100-1',
    },
    {
      machineId: 'black',
      setup: best('lawn', 'hem', black),
      unsure: [],
      clothId: 'lawn',
      since: day('11-18', '12:00'),
      needleSewn: [{ id: 'before', at: day('11-18', '12:00'), by: 1.2 }],
      needleId: null,
    },
  ],
  swatches,
  lines,
  cards,
  stamps: [],
  deleted: [],
};

const text = `${JSON.stringify(workroom, null, 1)}\n`;
const read = readWorkroom(text);
if (!read.ok) throw new Error(`make: ${read.error.path}: ${read.error.message}`);
writeFileSync(new URL('tansy-wren.json', import.meta.url), text);
console.log(`${cloths.length} cloths, ${lines.length} lines, ${cards.length} cards`);
