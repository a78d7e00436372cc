import { FEET, FIBRE, FOOT, type Foot, PLATE, PLATES, type Plate, THREAD_FIBRES } from '../../kit';
import { formatNumber, parseThreadTex } from '../../units';
import * as z from 'zod';
import { oneOf } from '../../result';
import { type KitRecord, whereSchema } from '../records';
import { PURPOSES, type ThreadRecord, threadRecordSchema } from '../tin';
import type { RowReader } from './cells';
import type { FreshFrom } from './clothCsv';
import { readRecords, type ReadRecords } from './result';
import { type Column, writeRows } from './table';

/** Stands for the place of a foot that is owned but not chosen from. */
const AWAY = 'put away';

/** One row of a kit file: a foot, a plate or a spool. */
const kitRowSchema = z.discriminatedUnion('what', [
  z.strictObject({ what: z.literal('foot'), id: z.string(), foot: oneOf(FEET), away: z.boolean(), where: whereSchema }),
  z.strictObject({ what: z.literal('plate'), id: z.string(), plate: oneOf(PLATES), where: whereSchema }),
  z.strictObject({ what: z.literal('thread'), id: z.string(), spool: threadRecordSchema }),
]);
export type KitRow = z.infer<typeof kitRowSchema>;

const spool = (write: (thread: ThreadRecord) => string) => (row: KitRow) =>
  row.what === 'thread' ? write(row.spool) : '';

/** The columns of a kit file. */
// prettier-ignore
export const KIT_COLUMNS: readonly Column<KitRow>[] = [
  { heading: 'What', means: 'foot, plate or thread', path: 'what', write: (r) => r.what },
  { heading: 'Name', means: 'which foot or plate; for a thread its colour in words', path: 'spool.colourName', write: (r) => (r.what === 'foot' ? FOOT[r.foot].name : r.what === 'plate' ? PLATE[r.plate].name : r.spool.colourName) },
  { heading: 'Fibre', means: THREAD_FIBRES.join(', '), path: 'spool.thread.fibre', write: spool((t) => FIBRE[t.thread.fibre].name) },
  { heading: 'Number', means: 'as printed: Tex 27, Tkt 120, 40 wt, 243 den', also: [{ heading: 'Tex' }, { heading: 'Ticket', unit: 'tkt' }, { heading: 'Weight wt', unit: 'wt' }, { heading: 'Denier', unit: 'den' }], path: 'spool.thread.tex', write: spool((t) => t.printed || `Tex ${formatNumber(t.thread.tex, 1)}`) },
  { heading: 'Colour', means: 'such as #a1b2c3', also: [{ heading: 'Color' }], path: 'spool.colour', write: spool((t) => t.colour) },
  { heading: 'For', means: PURPOSES.join(', '), also: [{ heading: 'Purpose' }], path: 'spool.purpose', write: spool((t) => t.purpose) },
  { heading: 'Quality', means: 'good, unknown or cheap', path: 'spool.quality', write: spool((t) => t.quality) },
  { heading: 'Left m', means: 'metres left', also: [{ heading: 'Metres left' }, { heading: 'Meters left' }], path: 'spool.metresLeft', write: spool((t) => (t.metresLeft === undefined ? '' : formatNumber(t.metresLeft, 1))) },
  { heading: 'Kept in', means: 'where it is kept', also: [{ heading: 'Where' }], path: 'spool.where', write: (r) => (r.what === 'thread' ? r.spool.where : r.what === 'foot' && r.away ? AWAY : r.where) },
  { heading: 'Notes', means: 'anything else', path: 'spool.notes', write: spool((t) => t.notes) },
  { heading: 'Key', means: 'leave it as exported: the same spool again; empty: a new one', also: [{ heading: 'Id' }], path: 'id', write: spool((t) => t.id) },
];

/** Feet, plates and spools as a table. */
export function writeKit(kit: KitRecord, threads: readonly ThreadRecord[]): string[][] {
  const rows: KitRow[] = [
    ...(kit.feet ?? []).map((foot): KitRow => ({
      what: 'foot',
      id: foot,
      foot,
      away: kit.away.includes(foot),
      where: kit.kept[foot] ?? '',
    })),
    ...(kit.plates ?? []).map((plate): KitRow => ({
      what: 'plate',
      id: plate,
      plate,
      where: kit.kept[`plate-${plate}`] ?? '',
    })),
    ...threads.map((one): KitRow => ({ what: 'thread', id: one.id, spool: one })),
  ];
  return writeRows(KIT_COLUMNS, rows);
}

/**
 * Reads a kit table, all of it or nothing.
 *
 * @param table - cells, headings first
 * @param known - the spools that are here
 * @param fresh - keys and moment for new ones
 * @returns rows to store, or every wrong cell
 */
export function readKit(
  table: readonly (readonly string[])[],
  known: readonly ThreadRecord[],
  fresh: FreshFrom,
): ReadRecords<KitRow> {
  const byKey = new Map(known.map((record) => [record.id, record]));
  const build = (row: RowReader) => kitRow(row, byKey, fresh);
  return readRecords(KIT_COLUMNS, table, ['What'], build, kitRowSchema);
}

function kitRow(row: RowReader, known: ReadonlyMap<string, ThreadRecord>, fresh: FreshFrom): unknown[] | null {
  const what = row.word('What', ['foot', 'plate', 'thread'] as const, (word) => word);
  if (row.text('What') === '') return row.wrong('What', 'foot, plate or thread') ?? null;
  if (what === undefined) return null;
  if (what === 'thread') return [{ what, ...threadOf(row, known, fresh) }];
  const where = row.text('Kept in');
  if (row.text('Name') === '') return row.wrong('Name', `the name of a ${what}`) ?? null;
  if (what === 'foot') {
    const foot = row.word<Foot>('Name', FEET, (id) => FOOT[id].name);
    const away = where.toLowerCase() === AWAY;
    return foot ? [{ what, id: `foot ${foot}`, foot, away, where: away ? '' : where }] : null;
  }
  const plate = row.word<Plate>('Name', PLATES, (id) => PLATE[id].name);
  return plate ? [{ what, id: `plate ${plate}`, plate, where }] : null;
}

function threadOf(row: RowReader, known: ReadonlyMap<string, ThreadRecord>, fresh: FreshFrom) {
  const before = known.get(row.text('Key'));
  const id = row.text('Key') || fresh.newId();
  const fibre = row.word('Fibre', THREAD_FIBRES, (one) => FIBRE[one].name) ?? before?.thread.fibre ?? 'polyester';
  if (row.text('Number') === '' && !before) row.wrong('Number', 'a thread number, such as Tex 27 or Tkt 120');
  // Labels round: an unchanged number keeps the Tex that was known behind it.
  const unchanged = before !== undefined && row.text('Number') === before.printed;
  const typed = unchanged ? undefined : row.by('Number', parseThreadTex, 'a thread number, such as Tex 27 or Tkt 120');
  const tex = typed ?? before?.thread.tex;
  const metresLeft = row.number('Left m', 'm', 'metres') ?? before?.metresLeft;
  return {
    id,
    spool: {
      ...(before ?? { addedAt: fresh.now }),
      id,
      thread: { fibre, tex: tex === undefined ? tex : Number(tex.toFixed(2)) },
      printed: row.text('Number') || before?.printed || '',
      colourName: row.text('Name') || before?.colourName || '',
      colour: row.text('Colour') || before?.colour || '#8a929b',
      purpose: row.word('For', PURPOSES, (word) => word) ?? before?.purpose ?? 'all-purpose',
      quality:
        row.word('Quality', ['good', 'unknown', 'cheap'] as const, (word) => word) ?? before?.quality ?? 'unknown',
      ...(metresLeft !== undefined && { metresLeft }),
      where: row.text('Kept in') || before?.where || '',
      notes: row.text('Notes') || before?.notes || '',
    },
  };
}
