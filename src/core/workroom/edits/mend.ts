import type { z } from 'zod';
import { type LinkedList, readRecord, RECORD } from '../../file';
import { formatPath, parseCarrying } from '../../result';
import type { StoredRow } from './recordChange';

/** A damaged record with what is wrong left out of it, and the paths of that; or why it cannot be mended. */
export type Mended =
  | { ok: true; record: StoredRow; dropped: string[] }
  /** It is no record at all; it would lose what it cannot be without; too many parts of it are wrong; or it cannot be read even so. */
  | { ok: false; why: 'no-record' | 'loses-itself' | 'too-much' | 'unreadable' };

/** Parts that are left out before it is given up. */
const MOST = 60;

/**
 * Mends a record that has the wrong shape by leaving out what is wrong: the smallest part that will do. What is only not known
 * stays in it.
 *
 * @param list - the list it belongs to
 * @param raw - the record as it is stored
 * @returns a record of the right shape and what was left out; or why what remains would not be that record any more
 */
export function mended(list: LinkedList, raw: unknown): Mended {
  if (typeof raw !== 'object' || raw === null || Array.isArray(raw)) return { ok: false, why: 'no-record' };
  const schema: z.ZodType = RECORD[list];
  let record = structuredClone(raw) as StoredRow;
  const dropped: string[] = [];
  for (let i = 0; i < MOST; i += 1) {
    const parsed = parseCarrying(schema, record);
    if (parsed.success) {
      const read = readRecord(list, record);
      return read.ok ? { ok: true, record: read.record as StoredRow, dropped } : { ok: false, why: 'unreadable' };
    }
    const [issue] = parsed.error.issues;
    const at = deepestThere(record, issue.path);
    if (at.length === 0) return { ok: false, why: 'loses-itself' };
    dropped.push(formatPath(at));
    record = without(record, at) as StoredRow;
  }
  return { ok: false, why: 'too-much' };
}

/** The path as far as there is something at it: what is missing cannot be left out, but what lacks it can. */
function deepestThere(value: unknown, path: readonly PropertyKey[]): PropertyKey[] {
  const there: PropertyKey[] = [];
  let at = value;
  for (const key of path) {
    if (typeof at !== 'object' || at === null || !Object.hasOwn(at, key)) break;
    there.push(key);
    at = (at as Record<PropertyKey, unknown>)[key];
  }
  return there;
}

function without(value: unknown, [key, ...rest]: readonly PropertyKey[]): unknown {
  if (Array.isArray(value)) {
    if (rest.length === 0) return value.filter((_, i) => i !== key);
    return value.map((entry: unknown, i) => (i === key ? without(entry, rest) : entry));
  }
  const next = { ...(value as Record<PropertyKey, unknown>) };
  if (rest.length === 0) delete next[key];
  else next[key] = without(next[key], rest);
  return next;
}
