import * as z from 'zod';
import { canonical, type Stamped } from '../../file';
import { idSchema } from '../../result';
import { byId, isParts, isSame, type StoredRow } from '../../workroom';
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
  /** What the record is called. */
  name: z.string().max(300).optional(),
});
export type Clash = z.infer<typeof clashSchema>;

/** The name under which a record's being there is stamped, apart from its fields. */
export const ALIVE = '*';

const atOf = ({ stamp }: Version) => stamp?.at ?? OLDEST;
const fieldStamp = (side: Version, field: string) => side.stamp?.fields[field] ?? atOf(side);

/** When a field was last touched, its entries with it. */
function wholeStamp(side: Version, field: string): string {
  const own = Object.entries(side.stamp?.fields ?? {}).filter(
    ([name]) => name === field || name.startsWith(`${field}/`) || name.startsWith(`${field}.`),
  );
  return own.reduce((newest, [, stamp]) => later(newest, stamp), atOf(side));
}

/** Which of two values stays: the later one; of two at one moment the one that sorts later, on every device the same. */
const winsFirst = (sa: string, sb: string, a: unknown, b: unknown) =>
  sa === sb ? (canonical(a) ?? '') > (canonical(b) ?? '') : sa > sb;

/**
 * Two versions of one record as one: of each field the later edit, of a list with ids each entry by itself, of a part with
 * fields of its own each of those.
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
  const merging = new Merging(place, a, b);
  const record: StoredRow = {};
  for (const field of keysOf(a.record, b.record)) {
    const value = merging.field(field, a.record[field], b.record[field]);
    if (value !== undefined) record[field] = value;
  }
  merging.note(ALIVE, a.stamp?.fields[ALIVE] ?? null, b.stamp?.fields[ALIVE] ?? null);
  return { record, stamp: { ...place, at: merging.at, fields: merging.stamps }, clashes: merging.clashes };
}

const keysOf = (a: object, b: object) => [...new Set([...Object.keys(a), ...Object.keys(b)])].sort();

/** The stamps and clashes of one record, as its fields are gone through. */
class Merging {
  readonly at: string;
  readonly stamps: Record<string, string> = {};
  readonly clashes: Clash[] = [];

  constructor(
    private readonly place: Omit<Entry, 'record'>,
    private readonly a: Version,
    private readonly b: Version,
  ) {
    this.at = later(atOf(a), atOf(b));
  }

  note(field: string, sa: string | null, sb: string | null): void {
    const newest = later(sa ?? OLDEST, sb ?? OLDEST);
    if (newest > this.at) this.stamps[field] = newest;
  }

  field(field: string, va: unknown, vb: unknown): unknown {
    const [ea, eb] = [byId(va), byId(vb)];
    if (ea && eb) return this.entries(field, ea, eb);
    if (isParts(va) && isParts(vb)) return this.parts(field, va, vb);
    const [sa, sb] = [wholeStamp(this.a, field), wholeStamp(this.b, field)];
    this.note(field, sa, sb);
    return this.pick(field, va, vb, sa, sb);
  }

  /** The later of two values; the other is listed where the side that wins had not seen it. */
  private pick(field: string, va: unknown, vb: unknown, sa: string, sb: string): unknown {
    if (isSame(va, vb) || (va === undefined && vb === undefined)) return va;
    const first = winsFirst(sa, sb, va, vb);
    const [kept, lost] = first ? [va, vb] : [vb, va];
    const seen = sa !== sb && hasSeen(first ? this.a.knows : this.b.knows, first ? sb : sa);
    if (!seen) this.clashes.push({ ...this.place, field, kept, lost });
    return kept;
  }

  private parts(field: string, va: StoredRow, vb: StoredRow): StoredRow {
    const [fa, fb] = [fieldStamp(this.a, field), fieldStamp(this.b, field)];
    this.note(field, fa, fb);
    const parts: StoredRow = {};
    for (const part of keysOf(va, vb)) {
      const name = `${field}.${part}`;
      const [sa, sb] = [this.a.stamp?.fields[name] ?? fa, this.b.stamp?.fields[name] ?? fb];
      this.note(name, sa, sb);
      const value = this.pick(name, va[part], vb[part], sa, sb);
      if (value !== undefined) parts[part] = value;
    }
    return parts;
  }

  private entries(field: string, ea: Map<string, StoredRow>, eb: Map<string, StoredRow>): StoredRow[] {
    const { a, b } = this;
    const stampIn = (side: Version, own: Map<string, StoredRow>, id: string) =>
      side.stamp?.fields[`${field}/${id}`] ?? (own.has(id) ? atOf(side) : null);
    const stay = new Map<string, StoredRow>();
    for (const id of new Set([...ea.keys(), ...eb.keys(), ...takenOut(a, field), ...takenOut(b, field)])) {
      const [sa, sb] = [stampIn(a, ea, id), stampIn(b, eb, id)];
      this.note(`${field}/${id}`, sa, sb);
      // A side without a stamp for an entry has never had it, unless the whole record was added after the entry.
      const value =
        sa === null && atOf(a) <= sb!
          ? eb.get(id)
          : sb === null && atOf(b) <= sa!
            ? ea.get(id)
            : this.pick(`${field}/${id}`, ea.get(id), eb.get(id), sa ?? atOf(a), sb ?? atOf(b));
      if (value !== undefined) stay.set(id, value as StoredRow);
    }
    const [fa, fb] = [fieldStamp(a, field), fieldStamp(b, field)];
    this.note(field, fa, fb);
    const [first, second] = winsFirst(fa, fb, [...ea.keys()], [...eb.keys()]) ? [ea, eb] : [eb, ea];
    const order = [...first.keys(), ...[...second.keys()].filter((id) => !first.has(id))];
    return order.flatMap((id): StoredRow[] => (stay.has(id) ? [stay.get(id)!] : []));
  }
}

const takenOut = ({ stamp }: Version, field: string) =>
  Object.keys(stamp?.fields ?? {}).flatMap((name) =>
    name.startsWith(`${field}/`) ? [name.slice(field.length + 1)] : [],
  );
