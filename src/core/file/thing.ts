import * as z from 'zod';
import { clothsOf, type Job } from '../job';
import { type FieldError, firstFieldError, idSchema, momentSchema, words } from '../result';
import { readJson } from './json';
import { idOf, linkedId, type LinkedList, linksFrom } from './links';
import { migrateThing } from './migrations';
import { isObject } from './migrations/loose';
import { newerVersion } from './readFile';
import { LISTS, readRecord, type Records } from './sortOut';

/** What can go out as a file of its own, and the list it is kept in. */
export const THINGS = {
  card: 'cards',
  cloth: 'cloths',
  machine: 'machines',
  job: 'jobs',
  scrap: 'swatches',
} as const satisfies Record<string, LinkedList>;
export type Thing = keyof typeof THINGS;

/** The version of every file of one thing. */
export const THING_VERSION = 3;

/** The name of a thing's format, written into its file. */
export const thingFormat = (thing: Thing): string => `bobbet-${thing}`;

/** A name of something that the item points at and that is not in the file. */
const namedSchema = z.strictObject({ list: z.enum(['cloths', 'machines']), id: idSchema, name: words('a name', 120) });

/** What stands around the item: its records are checked one by one by the shape of their list. */
const frameSchema = z.strictObject({
  format: z.string(),
  version: z.literal(THING_VERSION),
  exportedAt: momentSchema,
  item: z.unknown(),
  with: z
    .array(z.strictObject({ list: z.enum(LISTS as [LinkedList, ...LinkedList[]]), record: z.unknown() }))
    .max(5000),
  names: z.array(namedSchema).max(500).default([]),
});

/** One thing with the records it points at, those that could be found. */
export interface ThingFile {
  thing: Thing;
  exportedAt: string;
  item: Records[(typeof THINGS)[Thing]][number];
  with: { list: LinkedList; record: object }[];
  /** Names of what it points at and what is not in the file; only older files have any. */
  names: z.output<typeof namedSchema>[];
}

/** A file of one thing that was read, or the first thing wrong with it. */
export type ReadThing = { ok: true; file: ThingFile } | { ok: false; error: FieldError };

/**
 * Which thing a file is of, by its format.
 *
 * @returns null for a file of something else
 * @example
 * thingOf({ format: 'bobbet-card' }) // => 'card'
 */
export function thingOf(input: unknown): Thing | null {
  const format = isObject(input) ? input.format : undefined;
  return (Object.keys(THINGS) as Thing[]).find((thing) => thingFormat(thing) === format) ?? null;
}

/**
 * Reads a file of one thing.
 *
 * @param text - the file's text
 * @param wanted - which thing it has to be; any of them when left out
 * @returns the thing with what it points at, or the path of the first wrong field and what was expected there; never throws
 * @example
 * readThing('[]').ok // => false
 */
export function readThing(text: string, wanted?: Thing): ReadThing {
  const wrong = (path: string, message: string): ReadThing => ({ ok: false, error: { path, message } });
  const json = readJson(text);
  if (!json.ok) return json;
  const thing = thingOf(json.value);
  if (thing === null || (wanted !== undefined && thing !== wanted)) {
    const formats = wanted ? [wanted] : (Object.keys(THINGS) as Thing[]);
    return wrong('format', `expected ${formats.map((one) => `"${thingFormat(one)}"`).join(' or ')}`);
  }
  const newer = newerVersion(json.value, thingFormat(thing), THING_VERSION);
  if (newer) return { ok: false, error: newer };
  const brought = migrateThing(thing, json.value);
  const frame = frameSchema.safeParse(brought);
  if (!frame.success) return { ok: false, error: firstFieldError(frame.error, brought) };
  // Errors in an older file name its own fields.
  const at = brought === json.value ? 'item' : 'job';
  const item = readRecord(THINGS[thing], frame.data.item);
  if (!item.ok) return wrong(item.path === 'input' ? at : `${at}.${item.path}`, item.problem);
  const beside: ThingFile['with'] = [];
  for (const [i, { list, record }] of frame.data.with.entries()) {
    const read = readRecord(list, record);
    if (!read.ok) return wrong(`with[${i}].record${read.path === 'input' ? '' : `.${read.path}`}`, read.problem);
    beside.push({ list, record: read.record });
  }
  const file = { thing, exportedAt: frame.data.exportedAt, item: item.record, with: beside, names: frame.data.names };
  const lost = lostLink(file as ThingFile);
  return lost ? wrong(lost.path, lost.message) : { ok: true, file: file as ThingFile };
}

/** The first link without which a record cannot stand, and that leads out of the file. */
function lostLink({ thing, item, with: beside }: ThingFile): FieldError | null {
  const all = [{ list: THINGS[thing] as LinkedList, record: item as object, at: 'item' }].concat(
    beside.map(({ list, record }, i) => ({ list, record, at: `with[${i}].record` })),
  );
  const has = (list: LinkedList, id: string) =>
    all.some((one) => one.list === list && (one.record as { id?: unknown }).id === id);
  for (const { list, record, at } of all) {
    for (const link of linksFrom(list)) {
      const target = linkedId(record, link);
      if (target === null || has(link.to, target)) continue;
      return { path: `${at}.${link.field}`, message: `expected a key that is in this file, got "${target}"` };
    }
  }
  return null;
}

/** Lists of records to pick from. */
export type PickFrom = Pick<Records, LinkedList>;

/**
 * One thing as the text of a file, with everything it points at.
 *
 * @param thing - what it is
 * @param item - its record
 * @param from - the lists of the workroom
 * @param at - the moment of the export, ISO text
 */
export function thingText(thing: Thing, item: object, from: PickFrom, at: string): string {
  const beside = new Map<string, ThingFile['with'][number]>();
  const add = (list: LinkedList, record: object) => {
    const key = `${list} ${(record as { id: string }).id}`;
    if (record === item || beside.has(key)) return;
    beside.set(key, { list, record });
    follow(list, record);
  };
  const follow = (list: LinkedList, record: object) => {
    for (const target of pointsAt(list, record)) {
      const found = (from[target.list] as readonly { id?: string }[]).find(({ id }) => id === target.id);
      if (found) add(target.list, found);
    }
  };
  follow(THINGS[thing], item);
  if (thing === 'scrap') {
    const { id } = item as { id: string };
    from.lines.filter(({ swatchId }) => swatchId === id).forEach((line) => add('lines', line));
  }
  const file = {
    format: thingFormat(thing),
    version: THING_VERSION,
    exportedAt: at,
    item,
    with: [...beside.values()],
  };
  return `${JSON.stringify(file, null, 1)}\n`;
}

/** The records that one record points at, by links that have to hold and by those that need not. */
function pointsAt(list: LinkedList, record: object): { list: LinkedList; id: string }[] {
  const field = (to: LinkedList, name: string) => {
    const id = linkedId(record, { field: name });
    return id === null ? [] : [{ list: to, id }];
  };
  const links = linksFrom(list).flatMap((link) => field(link.to, link.field));
  if (list === 'jobs') {
    const cloths = clothsOf(record as Job).flatMap(({ clothId }) =>
      clothId === null ? [] : [{ list: 'cloths' as const, id: clothId }],
    );
    return [...links, ...cloths, ...field('machines', 'machineId')];
  }
  if (list !== 'cards' && list !== 'swatches') return links;
  return [...links, ...field('cloths', 'clothId'), ...field('cloths', 'secondId'), ...field('machines', 'machineId')];
}

/** The lists of a file of one thing, with what is here already left out, save for the thing itself. */
export function listsOfThing(
  { thing, item, with: beside }: ThingFile,
  isHere: (list: LinkedList, id: string) => boolean,
): Records {
  const lists = Object.fromEntries(LISTS.map((list) => [list, [] as object[]])) as Record<LinkedList, object[]>;
  for (const { list, record } of beside) {
    if (!isHere(list, idOf(list, record))) lists[list].push(record);
  }
  lists[THINGS[thing]].push(item);
  return lists as unknown as Records;
}
