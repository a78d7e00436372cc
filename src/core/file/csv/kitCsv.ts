import * as z from 'zod';
import { FEET, FIBRE, FOOT, type Foot, metresLeft, PLATE, PLATES, type Plate, THREAD_FIBRES } from '../../kit';
import { oneOf, setAmount } from '../../result';
import { formatNumber, readSpoolLabel } from '../../units';
import { type KitRecord, whereSchema } from '../records';
import { PURPOSES, type ThreadRecord, threadRecordSchema } from '../needleStock';
import type { RowReader } from './cells';
import type { FreshFrom } from './clothCsv';
import { readRecords, type ReadRecords } from './result';
import { type Column, writeRows } from './table';

/** Stands for the place of a foot that is owned but not chosen from. */
const AWAY = 'archived';
/** As older files say it. */
const AWAY_ONCE = 'put away';

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
  { heading: 'Left m', means: 'metres left', also: [{ heading: 'Metres left' }, { heading: 'Meters left' }], path: 'spool.metres', write: spool((t) => formatLeft(metresLeft(t))) },
  { heading: 'Kept in', means: 'where it is kept', also: [{ heading: 'Where' }], path: 'spool.where', write: (r) => (r.what === 'thread' ? r.spool.where : r.what === 'foot' && r.away ? AWAY : r.where) },
  { heading: 'Notes', means: 'anything else', path: 'spool.notes', write: spool((t) => t.notes) },
  { heading: 'Key', means: 'as exported: changes that spool; empty: a new one', also: [{ heading: 'Id' }], path: 'id', write: spool((t) => t.id) },
];

/** One key for each foot and plate, apart from those of spools. */
const footRow = (foot: Foot, away: boolean, where: string): KitRow => ({
  what: 'foot',
  id: `foot ${foot}`,
  foot,
  away,
  where,
});
const plateRow = (plate: Plate, where: string): KitRow => ({ what: 'plate', id: `plate ${plate}`, plate, where });
const spoolRow = (one: ThreadRecord): KitRow => ({ what: 'thread', id: one.id, spool: one });

/** Feet, plates and spools, one row each. */
export const kitRows = (kit: KitRecord, threads: readonly ThreadRecord[]): KitRow[] => [
  ...(kit.feet ?? []).map((foot) => footRow(foot, kit.away.includes(foot), kit.kept[foot] ?? '')),
  ...(kit.plates ?? []).map((plate) => plateRow(plate, kit.kept[`plate-${plate}`] ?? '')),
  ...threads.map(spoolRow),
];

/** Feet, plates and spools as a table. */
export const writeKit = (kit: KitRecord, threads: readonly ThreadRecord[]): string[][] =>
  writeRows(KIT_COLUMNS, kitRows(kit, threads));

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
  const build = (row: RowReader, before: KitRow | undefined) => kitRow(row, before, fresh);
  return readRecords(KIT_COLUMNS, table, ['What'], known.map(spoolRow), build, kitRowSchema);
}

function kitRow(row: RowReader, before: KitRow | undefined, fresh: FreshFrom): unknown[] | null {
  if (row.lacks('What', 'foot, plate or thread')) return null;
  const what = row.word('What', ['foot', 'plate', 'thread'] as const, (word) => word) ?? before?.what;
  if (what === undefined) return null;
  if (what === 'thread') return threadRow(row, before?.what === 'thread' ? before.spool : undefined, fresh);
  if (row.lacks('Name', `the name of a ${what}`)) return null;
  const where = row.text('Kept in');
  if (what === 'plate') {
    const plate = row.word<Plate>('Name', PLATES, (id) => PLATE[id].name);
    return plate ? [plateRow(plate, where)] : null;
  }
  const foot = row.word<Foot>('Name', FEET, (id) => FOOT[id].name);
  const away = [AWAY, AWAY_ONCE].includes(where.toLowerCase());
  return foot ? [footRow(foot, away, away ? '' : where)] : null;
}

function threadRow(row: RowReader, before: ThreadRecord | undefined, fresh: FreshFrom): unknown[] | null {
  const id = before?.id ?? (row.text('Key') || fresh.newId());
  const fibre = row.word('Fibre', THREAD_FIBRES, (one) => FIBRE[one].name) ?? before?.thread.fibre ?? 'polyester';
  if (row.lacks('Number', A_NUMBER)) return null;
  const tex =
    row.by('Number', (text) => readSpoolLabel(text, fibre === 'cotton')?.tex ?? null, A_NUMBER) ?? before?.thread.tex;
  if (tex === undefined) return null;
  const left = row.number('Left m', 'm', 'metres');
  if (left !== undefined && (left < 0 || left > 50_000)) return row.wrong('Left m', 'metres from 0 to 50000') ?? null;
  return [
    {
      what: 'thread',
      id,
      spool: {
        ...(before ?? { addedAt: fresh.now }),
        id,
        thread: { fibre, tex: Number(tex.toFixed(2)) },
        printed: row.text('Number') || before?.printed || '',
        colourName: row.text('Name') || before?.colourName || '',
        colour: row.text('Colour') || before?.colour || '#8a929b',
        purpose: row.word('For', PURPOSES, (word) => word) ?? before?.purpose ?? 'all-purpose',
        quality:
          row.word('Quality', ['good', 'unknown', 'cheap'] as const, (word) => word) ?? before?.quality ?? 'unknown',
        metres:
          left === undefined
            ? (before?.metres ?? [])
            : setAmount(before?.metres ?? [], left, { id: fresh.newId(), at: fresh.now }),
        where: row.text('Kept in') || before?.where || '',
        notes: row.text('Notes') || before?.notes || '',
      },
    },
  ];
}

const formatLeft = (metres: number | undefined) => (metres === undefined ? '' : formatNumber(metres, 1));

const A_NUMBER = 'a thread number, such as Tex 27 or Tkt 120';
