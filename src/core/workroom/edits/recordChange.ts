import { canonical } from '../../file';

/** A record as it lies in its table, whatever shape it has. */
export type StoredRow = Record<string, unknown>;

/** One record that was added, updated or removed: a value that can be reversed. */
export type RecordChange =
  | { kind: 'added'; table: string; id: string; to: StoredRow }
  | { kind: 'updated'; table: string; id: string; change: [from: StoredRow, to: StoredRow] }
  | { kind: 'removed'; table: string; id: string; from: StoredRow };

/**
 * The change from one state of a record to another.
 *
 * @param table - the table it lies in
 * @param id - its key
 * @param from - what it was; undefined when it was not there
 * @param to - what it is; undefined when it is gone
 * @returns the change; null when nothing has changed
 */
export function changeOf(
  table: string,
  id: string,
  from: StoredRow | undefined,
  to: StoredRow | undefined,
): RecordChange | null {
  if (from === undefined) return to === undefined ? null : { kind: 'added', table, id, to };
  if (to === undefined) return { kind: 'removed', table, id, from };
  return isSame(from, to) ? null : { kind: 'updated', table, id, change: [from, to] };
}

/** What a record was before a change; undefined when it was not there. */
export const before = (change: RecordChange): StoredRow | undefined =>
  change.kind === 'added' ? undefined : change.kind === 'updated' ? change.change[0] : change.from;

/** What a record is after a change; undefined when it is gone. */
export const after = (change: RecordChange): StoredRow | undefined =>
  change.kind === 'removed' ? undefined : change.kind === 'updated' ? change.change[1] : change.to;

/**
 * The change that takes a change back.
 *
 * @example
 * inverse({ kind: 'added', table: 'cloths', id: 'a', to: {} }) // => { kind: 'removed', table: 'cloths', id: 'a', from: {} }
 */
export function inverse(change: RecordChange): RecordChange {
  const { table, id } = change;
  return changeOf(table, id, after(change), before(change)) ?? change;
}

/** Whether two stored values hold the same, in whatever order their fields stand. */
export function isSame(a: unknown, b: unknown): boolean {
  return a === b || (a !== undefined && b !== undefined && canonical(a) === canonical(b));
}

/**
 * The one field in which two states of a record differ.
 *
 * @param from - one state
 * @param to - the other
 * @returns its path as text; null when they are the same, or differ in more than one field
 * @example
 * onlyField({ a: 1, b: { c: 2 } }, { a: 1, b: { c: 3 } }) // => 'b.c'
 */
export function onlyField(from: unknown, to: unknown): string | null {
  const paths = differing(from, to, '');
  return paths.length === 1 ? paths[0] : null;
}

function differing(from: unknown, to: unknown, path: string): string[] {
  if (isSame(from, to)) return [];
  const inside = isContainer(from) && isContainer(to) && Array.isArray(from) === Array.isArray(to);
  if (!inside) return [path];
  const keys = [...new Set([...Object.keys(from), ...Object.keys(to)])];
  return keys.flatMap((key) => differing(from[key], to[key], path === '' ? key : `${path}.${key}`));
}

const isContainer = (value: unknown): value is StoredRow => typeof value === 'object' && value !== null;
