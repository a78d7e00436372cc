import { type Change, describe, type Row } from '@/core/workroom';

/** A whole workroom as it was, by the number of its snapshot. */
export interface WholeChange {
  before: number;
  after?: number;
}

/** Something that was done in this session and can be undone. */
export interface Entry {
  id: number;
  /** When, ms since 1970. */
  at: number;
  text: string;
  changes: readonly Change[];
  /** What undoing it changed, once it is undone: what redoing takes back. */
  undone?: readonly Change[];
  /** It put another workroom in the place of the one that was here. */
  whole?: WholeChange;
  /** Why it could not be undone when that was tried; undo goes past it. */
  stuck?: string;
}

/** What was done, oldest first, and what was undone, the next to redo last. */
export interface History {
  done: readonly Entry[];
  undone: readonly Entry[];
}

/** Entries that are remembered. */
const MOST = 500;

let history: History = { done: [], undone: [] };
let nextId = 1;
const listeners = new Set<() => void>();

/** The history now. */
export const historyNow = (): History => history;

/** Follows the history; gives back how to stop. */
export function followHistory(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Puts another history in the place of the one now. */
export function setHistory(next: History): void {
  history = next;
  listeners.forEach((listener) => listener());
}

/** Forgets everything that was done: for tests, and for a workroom that is opened for the first time. */
export const forgetHistory = (): void => setHistory({ done: [], undone: [] });

/**
 * Adds what has just been done. What was undone before can no longer be redone.
 *
 * @returns the id of the entry; null when nothing was changed
 */
export function addEntry(entry: {
  text: string | null;
  changes: readonly Change[];
  whole?: WholeChange;
}): number | null {
  if (entry.changes.length === 0 && !entry.whole) return null;
  const id = nextId;
  nextId += 1;
  const text = entry.text ?? describe(entry.changes);
  const added: Entry = { id, at: Date.now(), text, changes: entry.changes, ...(entry.whole && { whole: entry.whole }) };
  setHistory({ done: [...history.done, added].slice(-MOST), undone: [] });
  return id;
}

/** The last state of a record that was deleted in this session, by an edit or by undoing one. */
export function lastDeleted(table: string, id: string): Row | undefined {
  const newestFirst = [...[...history.undone].reverse(), ...[...history.done].reverse()];
  for (const entry of newestFirst) {
    for (const change of [...(entry.undone ?? []), ...entry.changes]) {
      if (change.kind === 'removed' && change.table === table && change.id === id) return change.from;
    }
  }
  return undefined;
}
