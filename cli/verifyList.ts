import * as z from 'zod';
import { LISTS, migrateWorkroom, openWorkroom, readJson, type Workroom, workroomSchema } from '../src/core/file';
import { formatPath } from '../src/core/result';

/** A finding in a file: the path of the field, and what is wrong with it. */
const wrongSchema = z.strictObject({ path: z.string(), text: z.string() });

/** What `verify --list` answers. */
export const verifyListSchema = z.strictObject({
  format: z.string(),
  version: z.number(),
  counts: z.record(z.string(), z.number()),
  wrong: z.array(wrongSchema),
});

/** How many records of each list can be used. */
export const countsOf = (file: Workroom): Record<string, number> =>
  Object.fromEntries(LISTS.map((list) => [list, file[list].length]));

/**
 * Everything that is wrong with a file, as an import would set it aside; a file that cannot be opened is wrong in one place.
 *
 * @param text - the file's text
 * @returns what it is, how much of it can be used, and every finding by path
 */
export function verifyList(text: string): z.output<typeof verifyListSchema> {
  const opened = openWorkroom(text);
  if (opened.ok) {
    const { format, version } = opened.workroom;
    const wrong = opened.setAside.map(({ path, problem }) => ({ path, text: problem }));
    return { format, version, counts: countsOf(opened.workroom), wrong };
  }
  const json = readJson(text);
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
