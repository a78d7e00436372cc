import type * as z from 'zod';
import { type FieldError, firstFieldError, momentSchema, parseCarrying, words } from '../result';
import { schoolsSchema, USUAL_SCHOOLS } from '../setup';
import { readJson } from './json';
import type { LinkedList } from './links';
import { migrateWorkroom } from './migrations';
import { newerVersion } from './readFile';
import { kitRecordSchema } from './records';
import { type SetAside, setAsideSchema } from './setAside';
import { entryFor, LISTS, sortOut } from './sortOut';
import { deletedSchema, stampedSchema } from './stamps';
import { type Workroom, WORKROOM_FORMAT, WORKROOM_VERSION } from './workroom';

/** A file that could be opened, with what had to be set aside; or why none of it can be used. */
export type OpenedWorkroom = { ok: true; workroom: Workroom; setAside: SetAside[] } | { ok: false; error: FieldError };

/** Lists that files from before there were any of them do not have. */
const LATER: readonly string[] = ['runs', 'jobs', 'views'];

/** Parts that are not lists: their shape, and what stands for one that cannot be read. */
const SINGLE = {
  name: { schema: words('a name', 120), usual: 'My workroom' },
  exportedAt: { schema: momentSchema, usual: '1970-01-01T00:00:00Z' },
  kit: { schema: kitRecordSchema, usual: kitRecordSchema.parse({}) },
  schools: { schema: schoolsSchema.prefault({}), usual: USUAL_SCHOOLS },
} satisfies Record<string, { schema: z.ZodType; usual: unknown }>;

/** Lists beside the records; a file may lack them. */
const SIDE = ['setAside', 'stamps', 'deleted'];

const KEYS = new Set<string>(['format', 'version', ...SIDE, ...Object.keys(SINGLE), ...LISTS]);

/**
 * Opens a workroom file, taking everything in it that can be used.
 *
 * Text that is no JSON, another format, a newer version, an unknown part and a list that is no list refuse the file whole.
 * Anything smaller that is wrong is set aside and named; what remains holds together.
 *
 * @param text - the file's text
 * @returns the workroom and what was set aside from it, or the first thing that makes the file useless; never throws
 * @example
 * openWorkroom('[]').ok // => false
 */
export function openWorkroom(text: string): OpenedWorkroom {
  const json = readJson(text);
  if (!json.ok) return json;
  const newer = newerVersion(json.value, WORKROOM_FORMAT, WORKROOM_VERSION);
  if (newer) return { ok: false, error: newer };
  const file = migrateWorkroom(json.value);
  const useless = whyUseless(file);
  return useless ? { ok: false, error: useless } : openParts(file as Record<string, unknown>);
}

function whyUseless(file: unknown): FieldError | null {
  const error = (path: string, message: string): FieldError => ({ path, message });
  if (typeof file !== 'object' || file === null || Array.isArray(file))
    return error('file', 'expected a workroom file');
  const parts = file as Record<string, unknown>;
  const got = (value: unknown) => (value === undefined ? 'nothing' : (JSON.stringify(value).slice(0, 60) ?? 'nothing'));
  if (parts.format !== WORKROOM_FORMAT) {
    return error('format', `expected "${WORKROOM_FORMAT}", got ${got(parts.format)}`);
  }
  if (parts.version !== WORKROOM_VERSION) {
    return error('version', `expected ${WORKROOM_VERSION}, got ${got(parts.version)}`);
  }
  const unknown = Object.keys(parts).find((key) => !KEYS.has(key));
  if (unknown !== undefined) return error(unknown.slice(0, 200), 'unknown field');
  const lists = [...LISTS, ...SIDE];
  const noList = lists.find((list) => !Array.isArray(parts[list] ?? (mayLack(list) ? [] : undefined)));
  return noList === undefined ? null : error(noList, `expected a list, got ${got(parts[noList])}`);
}

const mayLack = (list: string) => LATER.includes(list) || SIDE.includes(list);

function openParts(file: Record<string, unknown>): OpenedWorkroom {
  const setAside: SetAside[] = [];
  const part = <K extends keyof typeof SINGLE>(key: K) => {
    const { schema, usual } = SINGLE[key];
    const parsed = parseCarrying<unknown>(schema, file[key]);
    if (parsed.success) return parsed.data;
    const { path, message } = firstFieldError(parsed.error, file[key]);
    setAside.push(
      entryFor({
        list: key,
        id: null,
        path: path === 'input' ? key : `${key}.${path}`,
        problem: message,
        record: file[key] ?? null,
      }),
    );
    return usual;
  };
  const single = Object.fromEntries(Object.keys(SINGLE).map((key) => [key, part(key as keyof typeof SINGLE)]));
  const lists = Object.fromEntries(LISTS.map((list) => [list, file[list] ?? []])) as Record<LinkedList, unknown[]>;
  const sorted = sortOut(lists);
  const entries = (list: string) => (file[list] ?? []) as unknown[];
  const before = sideList('setAside', setAsideSchema, entries('setAside'));
  const stamps = sideList('stamps', stampedSchema, entries('stamps'));
  const deleted = sideList('deleted', deletedSchema, entries('deleted'));
  const workroom = {
    format: WORKROOM_FORMAT,
    version: WORKROOM_VERSION,
    ...single,
    ...sorted.records,
    ...(before.kept.length > 0 && { setAside: before.kept }),
    stamps: stamps.kept,
    deleted: deleted.kept,
  } as Workroom;
  const wrong = [...before.wrong, ...stamps.wrong, ...deleted.wrong];
  return { ok: true, workroom, setAside: [...setAside, ...wrong, ...sorted.setAside] };
}

/** The entries of a list beside the records that can be read, and those that cannot. */
function sideList<T>(
  list: string,
  schema: z.ZodType<T>,
  entries: readonly unknown[],
): { kept: T[]; wrong: SetAside[] } {
  const kept: T[] = [];
  const wrong: SetAside[] = [];
  entries.forEach((entry, i) => {
    const parsed = schema.safeParse(entry);
    if (parsed.success) return kept.push(parsed.data);
    const { path, message } = firstFieldError(parsed.error, entry);
    return wrong.push(
      entryFor({
        list,
        id: null,
        path: `${list}[${i}]${path === 'input' ? '' : `.${path}`}`,
        problem: message,
        record: entry ?? null,
      }),
    );
  });
  return { kept, wrong };
}

/** A file that was read, or the first thing wrong with it. */
export type ReadWorkroom = { ok: true; workroom: Workroom } | { ok: false; error: FieldError };

/**
 * Reads a workroom file in which nothing may be wrong.
 *
 * @param text - the file's text
 * @returns the workroom, or the path of the first wrong field and what was expected there; never a part of it
 * @example
 * readWorkroom('{').ok // => false
 */
export function readWorkroom(text: string): ReadWorkroom {
  const opened = openWorkroom(text);
  if (!opened.ok) return opened;
  const [wrong] = opened.setAside;
  return wrong
    ? { ok: false, error: { path: wrong.path, message: wrong.problem } }
    : { ok: true, workroom: opened.workroom };
}
