import { formatNumber } from '../../units';
import type { StoredRow } from './recordChange';

/** What one record of a table is called on screen, and where its own name stands. */
interface TableWords {
  one: string;
  many: string;
  name: (record: StoredRow) => string | null;
}

const text = (value: unknown): string | null =>
  typeof value === 'string' && value.trim() !== '' ? value.trim() : null;
const inside = (record: StoredRow, key: string): unknown => (record[key] as StoredRow | undefined | null)?.name;
const none = () => null;

/** The words for every table. */
export const TABLE_WORDS = {
  cloths: { one: 'fabric', many: 'fabrics', name: (r) => text(inside(r, 'cloth')) },
  machines: { one: 'machine', many: 'machines', name: (r) => text(inside(r, 'machine')) },
  swatches: { one: 'swatch', many: 'swatches', name: (r) => text(r.name) },
  lines: { one: 'test', many: 'tests', name: (r) => numbered(r.number) },
  cards: { one: 'settings card', many: 'settings cards', name: (r) => text(r.name) },
  needles: { one: 'needle', many: 'needles', name: none },
  threads: { one: 'thread', many: 'threads', name: (r) => text(r.colourName) },
  care: { one: 'care record', many: 'care records', name: none },
  photos: { one: 'photo', many: 'photos', name: none },
  runs: { one: 'sewing record', many: 'sewing records', name: (r) => text(r.clothName) },
  jobs: { one: 'project', many: 'projects', name: (r) => text(r.name) },
  views: { one: 'saved view', many: 'saved views', name: (r) => text(r.name) },
  onMachine: { one: 'machine’s settings', many: 'machines’ settings', name: none },
  kit: { one: 'list of what you own', many: 'lists of what you own', name: none },
  preferences: { one: 'preference', many: 'preferences', name: none },
  setAside: { one: 'damaged record', many: 'damaged records', name: none },
} satisfies Record<string, TableWords>;
export type KnownTable = keyof typeof TABLE_WORDS;

const wordsOf = (table: string): TableWords =>
  Object.hasOwn(TABLE_WORDS, table) ? TABLE_WORDS[table as KnownTable] : { one: 'entry', many: 'entries', name: none };

const numbered = (value: unknown) => (typeof value === 'number' ? String(value) : null);

/**
 * A record in words.
 *
 * @param table - the table it lies in
 * @param record - the record, of whatever shape
 * @example
 * recordName('swatches', { name: 'Hem' }) // => 'swatch “Hem”'
 */
export function recordName(table: string, record: unknown): string {
  const { one, name } = wordsOf(table);
  const own = typeof record === 'object' && record !== null ? name(record as StoredRow) : null;
  return own === null ? one : table === 'lines' ? `${one} ${own}` : `${one} “${own}”`;
}

/**
 * How many records of a table, in words.
 *
 * @example
 * counted('cloths', 2) // => '2 fabrics'
 */
export function counted(table: string, count: number): string {
  const { one, many } = wordsOf(table);
  return `${formatNumber(count, 0)} ${count === 1 ? one : many}`;
}
