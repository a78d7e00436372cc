/** One cell of a file that is wrong. Rows are counted as a spreadsheet shows them: the headings are row 1. */
export interface CellError {
  row: number;
  column: string;
  message: string;
}

/** One column: its heading with its unit, what else it may be called, how it is read and written. */
export interface Column<Record> {
  heading: string;
  /** What it holds, for the list of columns. */
  means: string;
  /** Other headings; those with a unit of their own say how a bare number is read under them. */
  also?: readonly { heading: string; unit?: string }[];
  /** The record's own path, as a problem names it. */
  path: string;
  write: (record: Record) => string;
}

/** The rows of a table as texts by heading, or what is wrong with the table as a whole. */
export interface ReadRows {
  rows: { row: number; cells: Readonly<{ [heading: string]: string }> }[];
  /** Headings of the file that mean nothing here; their cells are left out. */
  ignored: string[];
  errors: CellError[];
}

/**
 * Matches a table's headings with the known columns and takes its cells apart.
 *
 * Headings are compared without case, brackets, slashes and spaces; cells lose what spreadsheets put round them: spaces that
 * do not break, the quote that guards a formula. Empty rows are skipped.
 *
 * @param columns - the known columns
 * @param table - cells of the file, headings first
 * @param required - headings that must be there
 * @returns texts by canonical heading
 */
export function readRows<R>(
  columns: readonly Column<R>[],
  table: readonly (readonly string[])[],
  required: readonly string[],
): ReadRows {
  const [head = [], ...body] = table;
  const places = head.map((text) => find(columns, text));
  const errors: CellError[] = [];
  for (const heading of required) {
    if (!places.some((place) => place?.column.heading === heading)) {
      errors.push({ row: 1, column: heading, message: 'expected a column with this heading' });
    }
  }
  places.forEach((place, i) => {
    const first = places.findIndex((other) => other?.column === place?.column);
    if (place && first !== i) errors.push({ row: 1, column: head[i], message: 'expected each column once' });
  });
  const ignored = head.filter((text, i) => text.trim() !== '' && !places[i]);
  const rows = body.flatMap((cells, i) => {
    if (cells.every((cell) => clean(cell) === '')) return [];
    const named = places.flatMap((place, at) => {
      const text = clean(cells[at] ?? '');
      const bare = place?.unit && /^[\d.,\s]+$/.test(text) ? `${text} ${place.unit}` : text;
      return place ? [[place.column.heading, bare] as const] : [];
    });
    return [{ row: i + 2, cells: Object.fromEntries(named) }];
  });
  return { rows: errors.length > 0 ? [] : rows, ignored, errors };
}

interface Place<R> {
  column: Column<R>;
  unit?: string;
}

function find<R>(columns: readonly Column<R>[], text: string): Place<R> | null {
  const wanted = plain(text);
  if (wanted === '') return null;
  for (const column of columns) {
    if (plain(column.heading) === wanted) return { column };
    const other = column.also?.find(({ heading }) => plain(heading) === wanted);
    if (other) return { column, unit: other.unit };
  }
  return null;
}

const plain = (heading: string) =>
  heading
    .toLowerCase()
    .replace('²', '2')
    .replace(/[^\p{L}\d%]+/gu, '');

const clean = (cell: string) =>
  cell
    .replace(/[\u00a0\u202f\ufeff]/g, ' ')
    .trim()
    .replace(/^'(?='*[=+\-@\t\r])/, '');

/**
 * A record's texts by heading, as they are read back.
 *
 * @param columns - the columns
 * @param record - the record
 * @returns texts by heading, without what guards a formula
 */
export function cellsOf<R>(columns: readonly Column<R>[], record: R): { [heading: string]: string } {
  return Object.fromEntries(columns.map((column) => [column.heading, clean(column.write(record))]));
}

/**
 * A record's texts under their headings, safe to open in a spreadsheet.
 *
 * A text that a spreadsheet would take for a formula gets a quote in front, which reading takes off again.
 *
 * @param columns - the columns
 * @param records - what is written
 * @returns cells, headings first
 */
export function writeRows<R>(columns: readonly Column<R>[], records: readonly R[]): string[][] {
  return [
    columns.map((column) => column.heading),
    ...records.map((record) => columns.map((column) => guarded(column.write(record)))),
  ];
}

/**
 * A cell that no spreadsheet takes for a formula.
 *
 * @param text - what is to be written
 * @returns the same, with a quote in front where it begins like a formula, or like one that has its quote already
 * @example
 * guarded('=1+1') // => "'=1+1"
 * guarded('wool') // => 'wool'
 */
export function guarded(text: string): string {
  return /^'*[=+\-@\t\r]/.test(text) ? `'${text}` : text;
}

/**
 * Reads a number as spreadsheets of any country write it.
 *
 * @param text - a cell
 * @returns the number; null when it is none, or when a comma could be either a decimal or a thousands mark
 * @example
 * cellNumber('12,5') // => 12.5
 * cellNumber('1 234.5') // => 1234.5
 * cellNumber('1,234') // => null
 */
export function cellNumber(text: string): number | null {
  const tight = text.replace(/[\s']/g, '');
  if (/^\d{1,3},\d{3}$/.test(tight)) return null;
  if (/^\d{1,3}(,\d{3})+\.\d+$/.test(tight)) return Number(tight.replaceAll(',', ''));
  if (/^\d{1,3}(\.\d{3})+,\d+$/.test(tight)) return Number(tight.replaceAll('.', '').replace(',', '.'));
  return /^\d*[.,]?\d+$/.test(tight) ? Number(tight.replace(',', '.')) : null;
}
