import { canonical } from '../../file';
import { after, before, type RecordChange, isSame, type StoredRow } from './recordChange';

/** What has to be done to a record so that a change of it is taken back. */
export type UndoStep =
  /** It is as it should be already. */
  | { do: 'nothing' }
  | { do: 'put'; record: StoredRow }
  | { do: 'delete' }
  /** It was deleted since; it has to come back first, as it was then. */
  | { do: 'bring-back' };

/**
 * How one change is taken back, whatever has happened to its record since.
 *
 * What was written since stays: only what the change itself did is undone. A record that the change removed and that is
 * there again is left as it is.
 *
 * @param change - the change to take back
 * @param now - the record as it is; undefined when it is gone
 */
export function stepBack(change: RecordChange, now: StoredRow | undefined): UndoStep {
  const was = before(change);
  if (was === undefined) return { do: now === undefined ? 'nothing' : 'delete' };
  const became = after(change);
  if (became === undefined) return now === undefined ? { do: 'put', record: was } : { do: 'nothing' };
  if (now === undefined) return { do: 'bring-back' };
  const record = mergeBack(became, was, now) as StoredRow;
  return isSame(record, now) ? { do: 'nothing' } : { do: 'put', record };
}

/**
 * A value with one edit taken out of it and everything written since kept.
 *
 * Objects are taken apart field by field, lists entry by entry; any other value that was changed since stays as it is
 * now, and so does the order of a list.
 *
 * @param edited - what the edit left behind
 * @param goal - what was there before the edit
 * @param now - what is there now
 * @example
 * mergeBack({ name: 'B', notes: '' }, { name: 'A', notes: '' }, { name: 'B', notes: 'new' }) // => { name: 'A', notes: 'new' }
 */
export function mergeBack(edited: unknown, goal: unknown, now: unknown): unknown {
  if (isSame(now, edited)) return goal;
  if (isSame(edited, goal)) return now;
  if (isObject(edited) && isObject(goal) && isObject(now)) return mergeFields(edited, goal, now);
  if (Array.isArray(edited) && Array.isArray(goal) && Array.isArray(now)) return mergeEntries(edited, goal, now);
  return now;
}

function mergeFields(edited: StoredRow, goal: StoredRow, now: StoredRow): StoredRow {
  const keys = [...new Set([...Object.keys(now), ...Object.keys(goal)])];
  const merged = keys.map((key) => [key, mergeBack(edited[key], goal[key], now[key])] as const);
  return Object.fromEntries(merged.filter(([, value]) => value !== undefined));
}

function mergeEntries(edited: readonly unknown[], goal: readonly unknown[], now: readonly unknown[]): unknown[] {
  const [was, wanted, here] = [keyed(edited), keyed(goal), keyed(now)];
  const kept = [...here].flatMap(([key, entry]): [string, unknown][] => {
    if (!was.has(key)) return [[key, entry]];
    // The edit put it in, and nobody has touched it since.
    if (!wanted.has(key)) return isSame(was.get(key), entry) ? [] : [[key, entry]];
    return [[key, mergeBack(was.get(key), wanted.get(key), entry)]];
  });
  const back = [...wanted].filter(([key]) => !was.has(key) && !here.has(key));
  const order = [...wanted.keys()];
  return back.reduce((list, entry) => putBehind(list, entry, order), kept).map(([, entry]) => entry);
}

/** A list with an entry in it again, behind what stood before it. */
function putBehind(list: [string, unknown][], entry: [string, unknown], order: readonly string[]): [string, unknown][] {
  const earlier = new Set(order.slice(0, order.indexOf(entry[0])));
  const at = list.findLastIndex(([key]) => earlier.has(key)) + 1;
  return [...list.slice(0, at), entry, ...list.slice(at)];
}

/** The entries of a list by what tells them apart: their own id, that of what they point at, or all that they hold. */
function keyed(list: readonly unknown[]): Map<string, unknown> {
  const entries = new Map<string, unknown>();
  for (const entry of list) {
    const key = keyOf(entry);
    let own = key;
    for (let again = 2; entries.has(own); again += 1) own = `${key} ${again}`;
    entries.set(own, entry);
  }
  return entries;
}

function keyOf(entry: unknown): string {
  const { id, seamId } = isObject(entry) ? entry : {};
  if (typeof id === 'string') return `id ${id}`;
  if (typeof seamId === 'string') return `seam ${seamId}`;
  return canonical(entry) ?? 'nothing';
}

const isObject = (value: unknown): value is StoredRow =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
