import { addEntry, type Entry, freed, historyNow, lastDeleted, setHistory } from './history';
import { recorded, recorderNow } from './recorder';
import { restoreWhole } from './whole';
import { CannotTakeBack, takeBack } from './takeBack';

/** What an edit gave back, and the entry under which it can be undone; null when it changed nothing. */
export interface Edited<T> {
  value: T;
  entry: number | null;
}

/**
 * Makes a change that can be undone, all of it or nothing.
 *
 * Within another edit it becomes a part of that one.
 *
 * @param text - what is done, as the list of what was done says it; null to have it described
 * @param work - reads and writes the database, and waits for nothing else
 */
export async function edit<T>(text: string | null, work: () => Promise<T>): Promise<Edited<T>> {
  if (recorderNow()) return { value: await work(), entry: null };
  const { value, changes } = await recorded(work);
  return { value, entry: addEntry({ text, changes }) };
}

/** What undoing or redoing came to. */
export type Undone =
  | { ok: true; text: string; told: string[] }
  /** There is nothing to undo or redo, or it cannot be; then why. */
  | { ok: false; text: string | null; why: string | null };

const NOTHING: Undone = { ok: false, text: null, why: null };

/** One after the other: two quick presses undo two things. */
let last: Promise<unknown> = Promise.resolve();
function inTurn<T>(work: () => Promise<T>): Promise<T> {
  const next = last.then(work, work);
  last = next.catch(() => undefined);
  return next;
}

/** Undoes the last thing that was done in this session. */
export const undo = (): Promise<Undone> =>
  inTurn(async () => {
    const entry = historyNow().done.findLast((one) => one.stuck === undefined);
    return entry ? undoLast(entry) : NOTHING;
  });

/** Does again what was undone last. */
export const redo = (): Promise<Undone> =>
  inTurn(async () => {
    const entry = historyNow().undone.at(-1);
    if (!entry) return NOTHING;
    return tried(entry, async () => {
      const { changes, told, whole } = await reversed(entry, 'redo');
      const { done, undone } = historyNow();
      const again: Entry = { ...entry, changes, undone: undefined, ...(whole && { whole }) };
      setHistory({ done: [...freed(done), again], undone: undone.filter(({ id }) => id !== entry.id) });
      return told;
    });
  });

/**
 * Undoes one thing that was done, whatever was done after it.
 *
 * The newest is simply undone. An older one is taken back as a new change, so that this too can be undone.
 *
 * @param id - its entry
 */
export const undoEntry = (id: number): Promise<Undone> =>
  inTurn(async () => {
    const { done } = historyNow();
    const entry = done.find((one) => one.id === id);
    if (!entry) return NOTHING;
    if (entry.id === done.at(-1)?.id) return undoLast(entry);
    return tried(entry, async () => {
      const { changes, told, whole } = await reversed(entry, 'undo');
      addEntry({ text: `Undone: ${entry.text}`, changes, ...(whole && { whole: turned(whole) }) });
      return told;
    });
  });

/** The same pair of snapshots for a change that goes the other way. */
const turned = ({ before, after }: NonNullable<Entry['whole']>) => ({ before: after!, after: before });

async function undoLast(entry: Entry): Promise<Undone> {
  return tried(entry, async () => {
    const { changes, told, whole } = await reversed(entry, 'undo');
    const { done, undone } = historyNow();
    const taken: Entry = { ...entry, undone: changes, ...(whole && { whole }) };
    const at = done.findIndex(({ id }) => id === entry.id);
    // Only what is older: with a newer one freed as well, each press of undo would run into it again.
    setHistory({ done: [...freed(done.slice(0, at)), ...done.slice(at + 1)], undone: [...undone, taken] });
    return told;
  });
}

/** Takes an entry back, or takes back that it was taken back. */
async function reversed(entry: Entry, way: 'undo' | 'redo') {
  if (entry.whole) {
    const whole = await restoreWhole(entry.whole, way);
    return { changes: [], told: [], whole };
  }
  const changes = way === 'undo' ? entry.changes : (entry.undone ?? []);
  const done = await recorded(() => takeBack(changes, lastDeleted));
  return { changes: done.changes, told: done.value, whole: undefined };
}

async function tried(entry: Entry, work: () => Promise<string[]>): Promise<Undone> {
  try {
    return { ok: true, text: entry.text, told: await work() };
  } catch (cause) {
    if (!(cause instanceof CannotTakeBack)) throw cause;
    const mark = (one: Entry) => (one.id === entry.id ? { ...one, stuck: cause.message } : one);
    const { done, undone } = historyNow();
    setHistory({ done: done.map(mark), undone: undone.filter(({ id }) => id !== entry.id) });
    return { ok: false, text: entry.text, why: cause.message };
  }
}
