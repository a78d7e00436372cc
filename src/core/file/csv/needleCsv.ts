import { needleHours, POINT, POINTS, SPENT_REASONS, SPENT_TEXT } from '../../kit';
import { setAmount } from '../../result';
import { formatNumber, formatNeedleSize, parseLengthMm, parseNeedleSize } from '../../units';
import { type NeedleRecord, needleRecordSchema } from '../needleStock';
import type { RowReader } from './cells';
import type { FreshFrom } from './clothCsv';
import { readRecords, type ReadRecords } from './result';
import { type Column, writeRows } from './table';

/** The columns of a needle file. */
// prettier-ignore
export const NEEDLE_COLUMNS: readonly Column<NeedleRecord>[] = [
  { heading: 'Point', means: POINTS.join(', '), also: [{ heading: 'Kind' }, { heading: 'Type' }], path: 'needle.point', write: (r) => POINT[r.needle.point].name },
  { heading: 'Size', means: 'such as 80/12 or 80', also: [{ heading: 'Nm' }], path: 'needle.nm', write: (r) => formatNeedleSize(r.needle.nm) },
  { heading: 'Gap mm', means: 'between twin needles', also: [{ heading: 'Gap' }], path: 'needle.gapMm', write: (r) => (r.needle.gapMm === undefined ? '' : formatNumber(r.needle.gapMm, 1)) },
  { heading: 'Count', means: 'how many of them; 1 if left empty', also: [{ heading: 'Quantity' }, { heading: 'How many' }], path: 'count', write: () => '1' },
  { heading: 'Hours h', means: 'sewn so far', also: [{ heading: 'Hours' }], path: 'sewn', write: (r) => formatNumber(needleHours(r), 2) },
  { heading: 'Spent', means: `why it is spent: ${SPENT_REASONS.join(', ')}`, path: 'spent', write: (r) => r.spent ?? '' },
  { heading: 'Pack', means: 'the pack it came from', path: 'pack', write: (r) => r.pack },
  { heading: 'Kept in', means: 'where it is kept', also: [{ heading: 'Where' }], path: 'where', write: (r) => r.where },
  { heading: 'Notes', means: 'anything else', path: 'notes', write: (r) => r.notes },
  { heading: 'Key', means: 'as exported: changes that needle; empty: a new one', also: [{ heading: 'Id' }], path: 'id', write: (r) => r.id },
];

/** The needle stock as a table. */
export const writeNeedles = (records: readonly NeedleRecord[]): string[][] => writeRows(NEEDLE_COLUMNS, records);

/** The most needles one row may stand for. */
const MOST = 500;

/**
 * Reads a needle table, all of it or nothing.
 *
 * @param table - cells, headings first
 * @param known - the needles that are here
 * @param fresh - keys and moment for new ones
 * @returns needles to store, or every wrong cell
 */
export function readNeedles(
  table: readonly (readonly string[])[],
  known: readonly NeedleRecord[],
  fresh: FreshFrom,
): ReadRecords<NeedleRecord> {
  const build = (row: RowReader, before: NeedleRecord | undefined) => needleRow(row, before, fresh);
  return readRecords(NEEDLE_COLUMNS, table, ['Point', 'Size'], known, build, needleRecordSchema);
}

function needleRow(row: RowReader, before: NeedleRecord | undefined, fresh: FreshFrom): unknown[] | null {
  const point = row.word('Point', POINTS, (id) => POINT[id].name) ?? before?.needle.point;
  const nm = row.by('Size', parseNeedleSize, 'a needle size, such as 80/12') ?? before?.needle.nm;
  row.lacks('Point', 'a point');
  row.lacks('Size', 'a size');
  const gapMm = row.by('Gap mm', (text) => parseLengthMm(text, 'mm'), 'a gap in mm') ?? before?.needle.gapMm;
  const count = row.number('Count', 'pcs', 'a whole number') ?? 1;
  if (!Number.isInteger(count) || count < 1 || count > MOST) {
    return row.wrong('Count', `a whole number from 1 to ${MOST}`) ?? null;
  }
  const key = before?.id ?? row.text('Key');
  if (key !== '' && count > 1) return row.wrong('Count', '1 for a needle with a key') ?? null;
  const hours = row.number('Hours h', 'h', 'hours');
  if (hours !== undefined && (hours < 0 || hours > 1000)) return row.wrong('Hours h', 'hours from 0 to 1000') ?? null;
  const record = {
    ...(before ?? { addedAt: fresh.now }),
    needle: { point, nm, ...(gapMm !== undefined && { gapMm }) },
    sewn:
      hours === undefined
        ? (before?.sewn ?? [])
        : setAmount(before?.sewn ?? [], hours, { id: fresh.newId(), at: fresh.now }),
    spent: row.word('Spent', SPENT_REASONS, (id) => SPENT_TEXT[id]) ?? before?.spent ?? null,
    pack: row.text('Pack') || before?.pack || '',
    where: row.text('Kept in') || before?.where || '',
    notes: row.text('Notes') || before?.notes || '',
  };
  return Array.from({ length: count }, () => ({ ...record, id: key || fresh.newId() }));
}
