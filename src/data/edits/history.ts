import { type RecordChange, changeOf, describe, onlyField, type StoredRow } from '@/core/workroom';

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
  /** Its text was made from what it changed; nobody said it better. */
  described?: true;
  changes: readonly RecordChange[];
  /** What undoing it changed, once it is undone: what redoing takes back. */
  undone?: readonly RecordChange[];
  /** It put another workroom in the place of the one that was here. */
  whole?: WholeChange;
  /** Why it could not be undone when that was tried; undo goes past it until something later changes. */
  stuck?: string;
}

/** What was done, oldest first, and what was undone, the next to redo last. */
export interface History {
  done: readonly Entry[];
  undone: readonly Entry[];
}

/** Entries without what stood in their way: what has changed since may have cleared it. */
export const freed = (entries: readonly Entry[]): Entry[] => entries.map((one) => ({ ...one, stuck: undefined }));

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
 * Letters typed one after the other into the same field are one thing.
 *
 * @returns the id of the entry; null when nothing was changed
 */
export function addEntry(done: {
  text: string | null;
  changes: readonly RecordChange[];
  whole?: WholeChange;
}): number | null {
  const { text, changes, whole } = done;
  if (changes.length === 0 && !whole) return null;
  const at = Date.now();
  const typed = whole ? null : typedOn(history.done.at(-1), done, at);
  if (typed) {
    const earlier = history.done.slice(0, -1);
    setHistory({ done: typed.changes.length > 0 ? [...earlier, typed] : earlier, undone: [] });
    return typed.id;
  }
  const id = nextId;
  nextId += 1;
  const said = text ?? describe(changes);
  const entry: Entry = {
    id,
    at,
    text: said,
    changes,
    ...(text === null && { described: true }),
    ...(whole && { whole }),
  };
  setHistory({ done: [...freed(history.done), entry].slice(-MOST), undone: [] });
  return id;
}

/** Letters in one field that come closer together than this belong together, ms. */
const TYPING = 5000;

/** The last entry carried on by another letter in the same field; null when this is something else. */
function typedOn(
  last: Entry | undefined,
  { text, changes }: { text: string | null; changes: readonly RecordChange[] },
  at: number,
): Entry | null {
  if (!last || last.whole || history.undone.length > 0 || Math.abs(at - last.at) > TYPING) return null;
  if (last.changes.length !== 1 || changes.length !== 1) return null;
  if (text === null ? !last.described : last.text !== text) return null;
  const [before, now] = [last.changes[0], changes[0]];
  if (before.kind !== 'updated' || now.kind !== 'updated') return null;
  if (before.table !== now.table || before.id !== now.id) return null;
  const field = onlyField(...before.change);
  if (field === null || field !== onlyField(...now.change)) return null;
  const change = changeOf(now.table, now.id, before.change[0], now.change[1]);
  const joined = change ? [change] : [];
  return { ...last, at, changes: joined, text: text ?? describe(joined) };
}

/** The last state of a record that was deleted in this session, by an edit or by undoing one. */
export function lastDeleted(table: string, id: string): StoredRow | undefined {
  const newestFirst = [...[...history.undone].reverse(), ...[...history.done].reverse()];
  for (const entry of newestFirst) {
    for (const change of [...(entry.undone ?? []), ...entry.changes]) {
      if (change.kind === 'removed' && change.table === table && change.id === id) return change.from;
    }
  }
  return undefined;
}
