import type { z } from 'zod';
import { firstFieldError } from '../../result';
import { RowReader } from './cells';
import { type CellError, cellsOf, type Column, readRows } from './table';

/** What a file of records would do, or everything that is wrong with it: never a part of it. */
export type ReadRecords<T> = { ok: true; records: T[]; ignored: string[] } | { ok: false; errors: CellError[] };

/**
 * Reads a table into records, all of them or none.
 *
 * @param columns - the known columns
 * @param table - cells, headings first
 * @param required - headings that must be there
 * @param known - what is here already, by key: a row of the same key changes it
 * @param build - one row as unchecked records, from what is here of its key; null when one of its cells is wrong
 * @param schema - the shape of a record
 * @returns records and the headings that were left out, or every wrong cell by row and column
 */
export function readRecords<T, K extends { id: string }>(
  columns: readonly Column<K>[],
  table: readonly (readonly string[])[],
  required: readonly string[],
  known: readonly K[],
  build: (row: RowReader, before: K | undefined) => unknown[] | null,
  schema: z.ZodType<T>,
): ReadRecords<T> {
  const read = readRows(columns, table, required);
  const errors = [...read.errors];
  if (errors.length === 0 && read.rows.length === 0) {
    errors.push({ row: 2, column: required[0], message: 'expected at least one row under the headings' });
  }
  const byKey = new Map(known.map((record) => [record.id, record]));
  const keyRows = new Map<string, number>();
  const records = read.rows.flatMap(({ row, cells }) => {
    const before = byKey.get(cells[KEY] ?? '');
    const exported = before ? cellsOf(columns, before) : null;
    const wrong = errors.length;
    const built = build(new RowReader(row, cells, errors, exported), before);
    if (!built || errors.length > wrong) return [];
    return built.flatMap((candidate) => {
      const parsed = schema.safeParse(candidate);
      if (parsed.success) {
        const first = keyRows.get((candidate as { id: string }).id);
        if (first !== undefined) errors.push({ row, column: KEY, message: again(first) });
        keyRows.set((candidate as { id: string }).id, row);
        return [parsed.data];
      }
      const { path, message } = firstFieldError(parsed.error, candidate);
      const column = columns.find((c) => path === c.path || path.startsWith(`${c.path}.`));
      errors.push({ row, column: column?.heading ?? path, message });
      return [];
    });
  });
  return errors.length > 0
    ? { ok: false, errors: errors.sort((a, b) => a.row - b.row) }
    : { ok: true, records, ignored: read.ignored };
}

/** The heading of the column that makes a row the same thing again. */
const KEY = 'Key';

const again = (row: number) => `expected each key once, but row ${row} has it too`;
