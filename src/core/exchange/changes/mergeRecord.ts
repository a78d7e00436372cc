import * as z from 'zod';
import { canonical, type Stamped } from '../../file';
import { idSchema } from '../../result';
import { isSame, type StoredRow } from '../../workroom';
import { type Entry, hasSeen, type Knows, later, OLDEST } from './state';

/** A record on one side. */
export interface Version {
  record: StoredRow;
  stamp: Stamped | undefined;
  knows: Knows;
}

/** Two changes of the same thing that did not know of each other: what stays, and what does not. */
export const clashSchema = z.strictObject({
  list: z.string().max(40),
  id: idSchema,
  /** The field, `field/id` for an entry of a list; null for the whole record. */
  field: z.string().max(200).nullable(),
  kept: z.unknown(),
  lost: z.unknown(),
});
export type Clash = z.infer<typeof clashSchema>;

/** The name under which a record's being there is stamped, apart from its fields. */
export const ALIVE = '*';

/** Entries by their ids, where every one has an id of its own; else null. */
function entriesOf(value: unknown): Map<string, StoredRow> | null {
  if (!Array.isArray(value)) return null;
  const all = new Map<string, StoredRow>();
  for (const one of value as unknown[]) {
    const id = typeof one === 'object' && one !== null ? (one as StoredRow).id : undefined;
    if (typeof id !== 'string' || all.has(id)) return null;
    all.set(id, one as StoredRow);
  }
  return all;
}

const atOf = ({ stamp }: Version) => stamp?.at ?? OLDEST;
const fieldStamp = (side: Version, field: string) => side.stamp?.fields[field] ?? atOf(side);

/** When a field was last touched, its entries with it. */
function wholeStamp(side: Version, field: string): string {
  const own = Object.entries(side.stamp?.fields ?? {}).filter(
    ([name]) => name === field || name.startsWith(`${field}/`),
  );
  return own.reduce((newest, [, stamp]) => later(newest, stamp), atOf(side));
}

/** Which of two values stays: the later one; of two at one moment the one that sorts later, on every device the same. */
const winsFirst = (sa: string, sb: string, a: unknown, b: unknown) =>
  sa === sb ? (canonical(a) ?? '') > (canonical(b) ?? '') : sa > sb;

/**
 * Two versions of one record as one: of each field the later edit, of a list with ids each entry by itself.
 *
 * Method: last writer wins for each field, by hybrid logical clocks; entries of lists are added up, and one that was taken
 * out leaves its stamp behind. The result is the same whichever side is named first.
 *
 * @returns the record, its stamps, and every field that both sides had changed without knowing of each other
 */
export function mergeRecord(
  place: Omit<Entry, 'record'>,
  a: Version,
  b: Version,
): { record: StoredRow; stamp: Stamped; clashes: Clash[] } {
  const clashes: Clash[] = [];
  const record: StoredRow = {};
  const at = later(atOf(a), atOf(b));
  const stamps: Record<string, string> = {};
  const note = (field: string, sa: string | null, sb: string | null) => {
    const newest = later(sa ?? OLDEST, sb ?? OLDEST);
    if (newest > at) stamps[field] = newest;
  };
  const pick = (field: string, va: unknown, vb: unknown, sa: string, sb: string): unknown => {
    if (isSame(va, vb) || (va === undefined && vb === undefined)) return va;
    const first = winsFirst(sa, sb, va, vb);
    const [kept, lost] = first ? [va, vb] : [vb, va];
    const lostAt = first ? sb : sa;
    const unseen = sa === sb ? true : !hasSeen(first ? a.knows : b.knows, lostAt);
    if (unseen) clashes.push({ ...place, field, kept, lost });
    return kept;
  };
  for (const field of [...new Set([...Object.keys(a.record), ...Object.keys(b.record)])].sort()) {
    const [va, vb] = [a.record[field], b.record[field]];
    const [ea, eb] = [entriesOf(va), entriesOf(vb)];
    let value: unknown;
    if (ea && eb) value = mergedEntries(field, ea, eb);
    else {
      value = pick(field, va, vb, wholeStamp(a, field), wholeStamp(b, field));
      note(field, wholeStamp(a, field), wholeStamp(b, field));
    }
    if (value !== undefined) record[field] = value;
  }
  const alive = later(a.stamp?.fields[ALIVE] ?? OLDEST, b.stamp?.fields[ALIVE] ?? OLDEST);
  if (alive > at) stamps[ALIVE] = alive;
  return { record, stamp: { ...place, at, fields: stamps }, clashes };

  function mergedEntries(field: string, ea: Map<string, StoredRow>, eb: Map<string, StoredRow>): StoredRow[] {
    const stampIn = (side: Version, own: Map<string, StoredRow>, id: string) =>
      side.stamp?.fields[`${field}/${id}`] ?? (own.has(id) ? atOf(side) : null);
    const stay = new Map<string, StoredRow>();
    for (const id of new Set([...ea.keys(), ...eb.keys(), ...takenOut(a, field), ...takenOut(b, field)])) {
      const [sa, sb] = [stampIn(a, ea, id), stampIn(b, eb, id)];
      note(`${field}/${id}`, sa, sb);
      // A side without a stamp for an entry has never had it, unless the whole record was made anew after the entry.
      const value =
        sa === null && atOf(a) <= sb!
          ? eb.get(id)
          : sb === null && atOf(b) <= sa!
            ? ea.get(id)
            : pick(`${field}/${id}`, ea.get(id), eb.get(id), sa ?? atOf(a), sb ?? atOf(b));
      if (value !== undefined) stay.set(id, value as StoredRow);
    }
    const [fa, fb] = [fieldStamp(a, field), fieldStamp(b, field)];
    note(field, fa, fb);
    const [first, second] = winsFirst(fa, fb, [...ea.keys()], [...eb.keys()]) ? [ea, eb] : [eb, ea];
    const order = [...first.keys(), ...[...second.keys()].filter((id) => !first.has(id))];
    return order.flatMap((id): StoredRow[] => (stay.has(id) ? [stay.get(id)!] : []));
  }
}

const takenOut = ({ stamp }: Version, field: string) =>
  Object.keys(stamp?.fields ?? {}).flatMap((name) =>
    name.startsWith(`${field}/`) ? [name.slice(field.length + 1)] : [],
  );
