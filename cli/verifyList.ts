import * as z from 'zod';
import {
  type LinkedList,
  LISTS,
  migrateWorkroom,
  openWorkroom,
  readJson,
  readThing,
  readWorkroom,
  THING_VERSION,
  thingFormat,
  thingOf,
  THINGS,
  type Workroom,
  workroomSchema,
} from '../src/core/file';
import { type FieldError, formatPath } from '../src/core/result';

/** A finding in a file: the path of the field, and what is wrong with it. */
const wrongSchema = z.strictObject({ path: z.string(), text: z.string() });

/** How many records of each list can be used. */
export const countsOf = (file: Pick<Workroom, LinkedList>): Record<string, number> =>
  Object.fromEntries(LISTS.map((list) => [list, file[list].length]));

/** What `verify` answers: what a file is, and how much is in it. */
export const verifiedSchema = z.strictObject({
  format: z.string(),
  version: z.number(),
  counts: z.record(z.string(), z.number()),
});
type Verified = z.output<typeof verifiedSchema>;

/** What `verify --list` answers. */
export const verifyListSchema = verifiedSchema.extend({ wrong: z.array(wrongSchema) });

/**
 * Reads a file as an import would: of a whole workroom, or of one thing.
 *
 * @param text - the file's text
 * @returns what it is, or the first thing wrong with it
 */
export function verify(text: string): { ok: true; value: Verified } | { ok: false; error: FieldError } {
  const json = readJson(text);
  const thing = json.ok ? thingOf(json.value) : null;
  if (thing === null) {
    const read = readWorkroom(text);
    if (!read.ok) return read;
    const { format, version } = read.workroom;
    return { ok: true, value: { format, version, counts: countsOf(read.workroom) } };
  }
  const read = readThing(text);
  if (!read.ok) return read;
  const counts: Record<string, number> = { [THINGS[thing]]: 1 };
  for (const { list } of read.file.with) counts[list] = (counts[list] ?? 0) + 1;
  return { ok: true, value: { format: thingFormat(thing), version: THING_VERSION, counts } };
}

/**
 * Everything that is wrong with a file, as an import would set it aside; a file that cannot be opened is wrong in one place.
 *
 * @param text - the file's text
 * @returns what it is, how much of it can be used, and every finding by path
 */
export function verifyList(text: string): z.output<typeof verifyListSchema> {
  const json = readJson(text);
  if (json.ok && thingOf(json.value) !== null) {
    const read = verify(text);
    if (read.ok) return { ...read.value, wrong: [] };
    return { ...head(json.value), counts: {}, wrong: [{ path: read.error.path, text: read.error.message }] };
  }
  const opened = openWorkroom(text);
  if (opened.ok) {
    const { format, version } = opened.workroom;
    const wrong = opened.setAside.map(({ path, problem }) => ({ path, text: problem }));
    return { format, version, counts: countsOf(opened.workroom), wrong };
  }
  const file = json.ok ? migrateWorkroom(json.value) : null;
  const { path, message } = opened.error;
  const wrong = [{ path, text: message }, ...others(file, path)];
  return { ...head(file), counts: {}, wrong };
}

/** What else the strict reading finds in a file that cannot be opened. */
function others(file: unknown, told: string): { path: string; text: string }[] {
  if (typeof file !== 'object' || file === null || Array.isArray(file)) return [];
  const parsed = workroomSchema.safeParse(file);
  const issues = parsed.success ? [] : parsed.error.issues;
  return issues
    .filter(({ code, path }) => code !== 'unrecognized_keys' || path.length === 0)
    .map(({ path, message }) => ({ path: formatPath(path), text: message }))
    .filter(({ path }) => path !== told && path !== 'input');
}

function head(file: unknown): { format: string; version: number } {
  const { format, version } = (file ?? {}) as { format?: unknown; version?: unknown };
  return {
    format: typeof format === 'string' ? format.slice(0, 200) : 'unknown',
    version: typeof version === 'number' ? version : 0,
  };
}
