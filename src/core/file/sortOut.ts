import type * as z from 'zod';
import { cardSchema } from '../card';
import { jobSchema } from '../job';
import { viewSchema } from '../ledger';
import { firstFieldError, formatPath, parseCarrying } from '../result';
import { runSchema } from '../procedure';
import { lineSchema, swatchSchema } from '../swatch';
import { idFieldOf, idOf, type LinkedList, linkedId, LINKS, linksFrom, withoutLink } from './links';
import { NOUNS } from './nouns';
import {
  careRecordSchema,
  clothRecordSchema,
  machineRecordSchema,
  onMachineSchema,
  photoRecordSchema,
} from './records';
import type { SetAside } from './setAside';
import { needleRecordSchema, threadRecordSchema } from './needleStock';

/** The shape of a record of each list. */
export const RECORD = {
  cloths: clothRecordSchema,
  machines: machineRecordSchema,
  swatches: swatchSchema,
  lines: lineSchema,
  cards: cardSchema,
  needles: needleRecordSchema,
  threads: threadRecordSchema,
  care: careRecordSchema,
  photos: photoRecordSchema,
  runs: runSchema,
  jobs: jobSchema,
  views: viewSchema,
  onMachine: onMachineSchema,
} satisfies Record<LinkedList, z.ZodType>;

/** Lists in the order they stand in a file. */
export const LISTS: readonly LinkedList[] = [...NOUNS, 'onMachine'];

/** The lists of a workroom, each record checked. */
export type Records = { [L in LinkedList]: z.output<(typeof RECORD)[L]>[] };

/** What may be given for a record of a list: fields with a default may be missing. */
export type RecordInput<L extends LinkedList> = z.input<(typeof RECORD)[L]>;

/** A record that was read, or what is wrong with it: the path within it and what was expected there. */
export type ReadRecord<T extends object = object> =
  { ok: true; record: T } | { ok: false; path: string; problem: string };

/**
 * Checks one record of a list. A field that its shape does not know is carried along.
 *
 * @param list - which list
 * @param raw - the record as it was found
 * @returns the record with its defaults filled in, or the first thing wrong with it; never throws
 */
export function readRecord<L extends LinkedList>(list: L, raw: unknown): ReadRecord<Records[L][number]> {
  const schema: z.ZodType = RECORD[list];
  const parsed = parseCarrying(schema, raw);
  if (!parsed.success) {
    const { path, message } = firstFieldError(parsed.error, raw);
    return { ok: false, path, problem: message };
  }
  const hidden = protoPath(raw);
  if (hidden !== null) return { ok: false, path: hidden, problem: 'unknown field' };
  return { ok: true, record: parsed.data as Records[L][number] };
}

/** The path of a field called `__proto__`, which a schema drops without a word; null when there is none. */
function protoPath(raw: unknown, above: PropertyKey[] = []): string | null {
  if (typeof raw !== 'object' || raw === null) return null;
  for (const key of Object.keys(raw)) {
    const path = [...above, Array.isArray(raw) ? Number(key) : key];
    if (key === '__proto__') return formatPath(path);
    const inside = protoPath((raw as Record<string, unknown>)[key], path);
    if (inside !== null) return inside;
  }
  return null;
}

/** Records that hold together, and what had to be set aside. */
export interface SortedOut {
  records: Records;
  setAside: SetAside[];
}

/** A record on its way in, with where it stood. */
interface Entry {
  list: LinkedList;
  index: number;
  id: string;
  raw: unknown;
  record: object;
}

/**
 * Sorts the records of a workroom into those that can be used and those that cannot.
 *
 * A record of the wrong shape, the second one of an id, and one that cannot stand because what it points at is missing
 * or was itself set aside, is set aside whole. A link that may be empty is emptied where it leads nowhere; the record as
 * it was is set aside beside it.
 *
 * @param lists - the raw records of each list
 * @returns what holds together, in the order it stood, and what is set aside with its path from the top
 */
export function sortOut(lists: Record<LinkedList, readonly unknown[]>): SortedOut {
  const setAside: SetAside[] = [];
  const read = LISTS.flatMap((list) => readList(list, lists[list], setAside));
  const { kept, dropped } = linked(read);
  setAside.push(...dropped);
  const records = Object.fromEntries(
    LISTS.map((list) => [list, kept.filter((entry) => entry.list === list).map(({ record }) => record)]),
  );
  return { records: records as unknown as Records, setAside };
}

function readList(list: LinkedList, raws: readonly unknown[], setAside: SetAside[]): Entry[] {
  const seen = new Set<string>();
  return raws.flatMap((raw, index) => {
    const aside = (path: string, problem: string) => {
      setAside.push(entryFor({ list, id: idIn(list, raw), path: joined(list, index, path), problem, record: raw }));
      return [];
    };
    const read = readRecord(list, raw);
    if (!read.ok) return aside(read.path, read.problem);
    const id = idOf(list, read.record);
    if (seen.has(id)) return aside(idFieldOf(list), `expected each key once, got "${id}" again`);
    seen.add(id);
    return [{ list, index, id, raw, record: read.record }];
  });
}

/** Follows every link until nothing that is kept points at what is not. */
function linked(entries: readonly Entry[]): { kept: Entry[]; dropped: SetAside[] } {
  const dropped: SetAside[] = [];
  const known = new Map<string, Set<string>>();
  for (const { list, id } of entries) known.set(list, (known.get(list) ?? new Set()).add(id));
  const holds = (to: string, id: string) => known.get(to)?.has(id) ?? false;
  const aside = ({ list, index, id, raw }: Entry, field: string, target: string, cleared: boolean) =>
    dropped.push(
      entryFor({
        list,
        id,
        path: joined(list, index, field),
        problem: `expected a key that is in this file, got "${target}"`,
        cleared,
        record: raw,
      }),
    );
  let kept = [...entries];
  for (let before = -1; before !== kept.length;) {
    before = kept.length;
    kept = kept.filter((entry) => {
      const broken = linksFrom(entry.list).find((link) => {
        const target = linkedId(entry.record, link);
        return link.ifGone === 'goes-too' && target !== null && !holds(link.to, target);
      });
      if (!broken) return true;
      aside(entry, broken.field, linkedId(entry.record, broken)!, false);
      known.get(entry.list)!.delete(entry.id);
      return false;
    });
  }
  const cleared = kept.map((entry) => {
    let { record } = entry;
    for (const link of linksFrom(entry.list)) {
      const target = linkedId(record, link);
      if (link.ifGone !== 'is-cleared' || target === null || holds(link.to, target)) continue;
      aside(entry, link.field, target, true);
      record = withoutLink(record, link);
    }
    return { ...entry, record };
  });
  return { kept: cleared, dropped };
}

/**
 * Where links of a workroom lead nowhere.
 *
 * @param records - lists of records that have the right shape
 * @returns one finding for each link that does not hold
 */
export function brokenLinks(records: Pick<Records, LinkedList>): { path: (string | number)[]; message: string }[] {
  return LINKS.flatMap((link) => {
    const known = new Set(records[link.to].map((entry) => entry.id));
    return (records[link.from] as readonly object[]).flatMap((record, index) => {
      const id = linkedId(record, link);
      if (id === null || known.has(id)) return [];
      return [{ path: [link.from, index, link.field], message: `expected a key that is in this file, got "${id}"` }];
    });
  });
}

/**
 * Where an id stands twice in one list.
 *
 * @param records - lists of records that have the right shape
 * @returns one finding for each record that repeats an id
 */
export function repeatedIds(records: Pick<Records, LinkedList>): { path: (string | number)[]; message: string }[] {
  return LISTS.flatMap((list) => {
    const seen = new Set<string>();
    return (records[list] as readonly object[]).flatMap((record, index) => {
      const field = idFieldOf(list);
      const id = (record as Record<string, string>)[field];
      const again = seen.has(id);
      seen.add(id);
      return again ? [{ path: [list, index, field], message: `expected each key once, got "${id}" again` }] : [];
    });
  });
}

/** An entry with its texts cut to what is worth reading. */
export const entryFor = (entry: Omit<SetAside, 'cleared'> & { cleared?: boolean }): SetAside => ({
  cleared: false,
  ...entry,
  id: entry.id?.slice(0, 200) ?? null,
  path: entry.path.slice(0, 400),
  problem: entry.problem.slice(0, 1000),
});

const joined = (list: string, index: number, path: string) =>
  path === 'input' ? `${list}[${index}]` : `${list}[${index}]${path.startsWith('[') ? '' : '.'}${path}`;

/** The id of a record nobody has checked yet. */
function idIn(list: LinkedList, raw: unknown): string | null {
  const id = typeof raw === 'object' && raw !== null ? (raw as Record<string, unknown>)[idFieldOf(list)] : undefined;
  return typeof id === 'string' ? id : null;
}
