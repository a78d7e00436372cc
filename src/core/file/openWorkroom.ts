import type * as z from 'zod';
import { type FieldError, firstFieldError, momentSchema, words } from '../result';
import { schoolsSchema, USUAL_SCHOOLS } from '../setup';
import { readJson } from './json';
import type { LinkedList } from './links';
import { migrateWorkroom } from './migrate';
import { newerVersion } from './readFile';
import { kitRecordSchema } from './records';
import { type SetAside, setAsideSchema } from './setAside';
import { entryFor, LISTS, sortOut } from './sortOut';
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

const KEYS = new Set<string>(['format', 'version', 'setAside', ...Object.keys(SINGLE), ...LISTS]);

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
  const lists = [...LISTS, 'setAside'];
  const noList = lists.find((list) => !Array.isArray(parts[list] ?? (mayLack(list) ? [] : undefined)));
  return noList === undefined ? null : error(noList, `expected a list, got ${got(parts[noList])}`);
}

const mayLack = (list: string) => LATER.includes(list) || list === 'setAside';

function openParts(file: Record<string, unknown>): OpenedWorkroom {
  const setAside: SetAside[] = [];
  const part = <K extends keyof typeof SINGLE>(key: K) => {
    const { schema, usual } = SINGLE[key];
    const parsed = schema.safeParse(file[key]);
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
  const before = carried((file.setAside ?? []) as unknown[]);
  const workroom = {
    format: WORKROOM_FORMAT,
    version: WORKROOM_VERSION,
    ...single,
    ...sorted.records,
    ...(before.kept.length > 0 && { setAside: before.kept }),
  } as Workroom;
  return { ok: true, workroom, setAside: [...setAside, ...before.wrong, ...sorted.setAside] };
}

/** What an earlier export had already set aside. */
function carried(entries: readonly unknown[]): { kept: SetAside[]; wrong: SetAside[] } {
  const kept: SetAside[] = [];
  const wrong: SetAside[] = [];
  entries.forEach((entry, i) => {
    const parsed = setAsideSchema.safeParse(entry);
    if (parsed.success) return kept.push(parsed.data);
    const { path, message } = firstFieldError(parsed.error, entry);
    return wrong.push(
      entryFor({
        list: 'setAside',
        id: null,
        path: `setAside[${i}]${path === 'input' ? '' : `.${path}`}`,
        problem: message,
        record: entry ?? null,
      }),
    );
  });
  return { kept, wrong };
}
