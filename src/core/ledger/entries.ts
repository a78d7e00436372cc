import { type Card, lineFacts } from '../card';
import type { Job } from '../job';
import { CARE, needleHours, needleName, sewedBy, SPENT_TEXT } from '../kit';
import { procedureName, type Run } from '../procedure';
import { settingReadings } from '../setup';
import { type Sign, SIGN_TEXT } from '../stitch';
import type { TestLine, Swatch } from '../swatch';
import { formatNumber, formatPercent, sayEstimate } from '../units';
import { type Entry, ENTRY_TEXT } from './entry';
import type { KnownCare, KnownCloth, KnownMachine, KnownNeedle } from './known';

/** A line as far as the ledger tells of it. */
export type ToldLine = Pick<TestLine, 'id' | 'swatchId' | 'number' | 'status' | 'findings' | 'notes' | 'sewnAt'>;

/** Everything the ledger is made of. */
export interface Happened {
  cards: readonly Card[];
  lines: readonly ToldLine[];
  swatches: readonly Swatch[];
  runs: readonly Run[];
  jobs: readonly Job[];
  needles: readonly KnownNeedle[];
  care: readonly KnownCare[];
  cloths: readonly KnownCloth[];
  machines: readonly KnownMachine[];
}

/** Entries made in one go. */
const SLICE = 100;

/**
 * Everything that happened, in slices, so that a page which makes them never stands still.
 *
 * @param all - the lists of the workroom
 * @returns entries of each list as it is, a few hundred at a time
 */
export function* ledgerSlices(all: Happened): Generator<Entry[]> {
  const names = namesIn(all);
  const scraps = new Map(all.swatches.map((s) => [s.id, s]));
  yield* sliced(all.cards, (card) => [cardEntry(card)]);
  yield* sliced(all.lines, (line) => lineEntry(line, scraps.get(line.swatchId), names));
  yield* sliced(all.runs, (run) => [seamEntry(run)]);
  yield* sliced(all.jobs, (job) => [jobEntry(job, names)]);
  yield* sliced(all.needles, needleEntry);
  yield* sliced(all.care, (care) => [careEntry(care, names)]);
}

function* sliced<T>(list: readonly T[], make: (item: T) => Entry[]): Generator<Entry[]> {
  for (let i = 0; i < list.length; i += SLICE) yield list.slice(i, i + SLICE).flatMap(make);
}

/** Newest first. */
export const newestFirst = (entries: readonly Entry[]): Entry[] =>
  [...entries].sort((a, b) => (a.at < b.at ? 1 : a.at > b.at ? -1 : 0));

/**
 * Everything that happened, newest first.
 *
 * @param all - the lists of the workroom
 * @returns one entry for each card, sewn line, seam, job, spent or begun needle and care
 */
export const ledgerEntries = (all: Happened): Entry[] => newestFirst([...ledgerSlices(all)].flat());

interface Names {
  cloth: ReadonlyMap<string, string>;
  machine: ReadonlyMap<string, string>;
}

const namesIn = ({ cloths, machines }: Happened): Names => ({
  cloth: new Map(cloths.map((c) => [c.id, c.cloth.name])),
  machine: new Map(machines.map((m) => [m.id, m.machine.name])),
});

function cardEntry(card: Card): Entry {
  const shown = settingReadings(card.machine, card.setup);
  const { give } = lineFacts(card.measures);
  const width = card.setup.widthMm > 0 ? ` × ${shown.width}` : '';
  const gave = give ? `, ${give.popped ? 'popped at' : 'held to'} ${formatPercent(give.percent, 0)}` : '';
  return {
    id: card.id,
    kind: 'card',
    at: card.passedAt,
    title: card.name,
    detail: `${shown.stitch}, ${shown.length}${width}, ${shown.needle}, ${shown.thread}${gave}`,
    outcome: 'good',
    cloth: card.cloth.name ?? '',
    machine: card.machine.name ?? '',
    href: `/log?id=${card.id}`,
  };
}

const signName = (sign: Sign) => SIGN_TEXT[sign].toLowerCase();

function lineEntry(line: ToldLine, scrap: Swatch | undefined, { cloth, machine }: Names): Entry[] {
  if (!scrap || line.status === 'planned') return [];
  const signs = line.findings.map(({ sign }) => signName(sign));
  const said = line.status === 'sewing' ? 'started' : line.status;
  return [
    {
      id: line.id,
      kind: 'line',
      at: line.sewnAt,
      title: `Test ${line.number} on ${scrap.name}`,
      detail: [said, ...signs, line.notes].filter((text) => text !== '').join(', '),
      outcome: line.status === 'passed' ? 'good' : line.status === 'failed' ? 'bad' : '',
      cloth: cloth.get(scrap.clothId) ?? '',
      machine: machine.get(scrap.machineId) ?? '',
      href: `/test?id=${scrap.id}`,
    },
  ];
}

const OUTCOME: Readonly<Record<string, string>> = { good: 'good', 'will-do': 'acceptable', unpick: 'unpicked' };

function seamEntry(run: Run): Entry {
  const done = run.status === 'done';
  const many = run.pieces > 1 ? `${run.pieces} of these` : '';
  const how = run.outcome ? OUTCOME[run.outcome] : done ? 'sewn' : 'started';
  const minutes = run.needleMinutes > 0 ? `about ${sayEstimate(run.needleMinutes)} of sewing` : '';
  return {
    id: run.id,
    kind: 'seam',
    at: run.doneAt ?? run.startedAt,
    title: `${procedureName(run.procedureId)}, ${run.clothName}`,
    detail: [how, many, minutes, run.notes].filter((text) => text !== '').join(', '),
    outcome: run.outcome === 'unpick' ? 'bad' : run.outcome ? 'good' : '',
    cloth: run.clothName,
    machine: run.machineName,
    href: `/sew?run=${run.id}`,
  };
}

function jobEntry(job: Job, { cloth, machine }: Names): Entry {
  const seams = `${job.seams.length} ${job.seams.length === 1 ? 'seam' : 'seams'}`;
  const first = job.seams.find((s) => s.clothId !== null)?.clothId ?? '';
  return {
    id: job.id,
    kind: 'job',
    at: job.doneAt ?? job.addedAt,
    title: job.name,
    detail: `${job.doneAt ? 'done' : 'started'}, ${seams}${job.notes ? `, ${job.notes}` : ''}`,
    outcome: job.doneAt ? 'good' : '',
    cloth: cloth.get(first) ?? '',
    machine: machine.get(job.machineId ?? '') ?? '',
    href: `/projects?id=${job.id}`,
  };
}

/** Needles that were used: one that lies new in its pack has no story. */
function needleEntry(record: KnownNeedle): Entry[] {
  const hours = needleHours(record);
  if (hours === 0 && record.spent === null) return [];
  const life = record.spent ? `used up: ${SPENT_TEXT[record.spent]}` : 'in use';
  const sewed = sewedBy(record).map(({ what }) => what);
  return [
    {
      id: record.id,
      kind: 'needle',
      at: record.addedAt,
      title: needleName(record.needle),
      detail: `${formatNumber(hours, 1)} h, ${life}${sewed.length > 0 ? `; sewed ${sewed.join(', ')}` : ''}`,
      outcome: record.spent ? 'bad' : '',
      cloth: sewed[0] ?? '',
      machine: '',
      href: '/workroom?place=needles',
    },
  ];
}

function careEntry(record: KnownCare, { machine }: Names): Entry {
  const name = machine.get(record.machineId) ?? '';
  return {
    id: record.id,
    kind: 'care',
    at: record.at,
    title: `${CARE[record.kind].name}, ${name}`,
    detail: `at ${formatNumber(record.atHours, 1)} h${record.notes ? `, ${record.notes}` : ''}`,
    outcome: '',
    cloth: '',
    machine: name,
    href: '/workroom?place=care',
  };
}

/** What a card or operation is called, for the search. */
export const searchText = ({ title, detail, cloth, machine, kind }: Entry): string =>
  `${title} ${detail} ${cloth} ${machine} ${ENTRY_TEXT[kind]}`;
