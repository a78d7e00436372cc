import { canonical } from '../file';

/** A record as it lies in its table, whatever shape it has. */
export type Row = Record<string, unknown>;

/** One record that was added, updated or removed: a value that can be reversed. */
export type Change =
  | { kind: 'added'; table: string; id: string; to: Row }
  | { kind: 'updated'; table: string; id: string; change: [from: Row, to: Row] }
  | { kind: 'removed'; table: string; id: string; from: Row };

/**
 * The change from one state of a record to another.
 *
 * @param table - the table it lies in
 * @param id - its key
 * @param from - what it was; undefined when it was not there
 * @param to - what it is; undefined when it is gone
 * @returns the change; null when nothing has changed
 */
export function changeOf(table: string, id: string, from: Row | undefined, to: Row | undefined): Change | null {
  if (from === undefined) return to === undefined ? null : { kind: 'added', table, id, to };
  if (to === undefined) return { kind: 'removed', table, id, from };
  return isSame(from, to) ? null : { kind: 'updated', table, id, change: [from, to] };
}

/** What a record was before a change; undefined when it was not there. */
export const before = (change: Change): Row | undefined =>
  change.kind === 'added' ? undefined : change.kind === 'updated' ? change.change[0] : change.from;

/** What a record is after a change; undefined when it is gone. */
export const after = (change: Change): Row | undefined =>
  change.kind === 'removed' ? undefined : change.kind === 'updated' ? change.change[1] : change.to;

/**
 * The change that takes a change back.
 *
 * @example
 * inverse({ kind: 'added', table: 'cloths', id: 'a', to: {} }) // => { kind: 'removed', table: 'cloths', id: 'a', from: {} }
 */
export function inverse(change: Change): Change {
  const { table, id } = change;
  return changeOf(table, id, after(change), before(change)) ?? change;
}

/** Whether two stored values hold the same, in whatever order their fields stand. */
export function isSame(a: unknown, b: unknown): boolean {
  return a === b || (a !== undefined && b !== undefined && canonical(a) === canonical(b));
}
