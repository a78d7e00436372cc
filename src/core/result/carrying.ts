import type { z } from 'zod';

/** Fields that a shape does not know, with where they stand. */
interface Unknown {
  path: PropertyKey[];
  keys: string[];
}

/**
 * Reads a stored record with a strict shape and carries along what the shape does not know: another version may have
 * written it, and it goes out again as it came in.
 *
 * Everything the shape does know is checked as strictly as ever.
 *
 * @param schema - a strict shape
 * @param raw - the record as it was found
 * @returns what the schema makes of it, with unknown fields back in their places; or what is wrong with it
 */
export function parseCarrying<T>(schema: z.ZodType<T>, raw: unknown): z.ZodSafeParseResult<T> {
  const strict = schema.safeParse(raw);
  if (strict.success) return strict;
  const unknown = unknownIn(strict.error.issues, []);
  if (unknown.length === 0) return strict;
  const known = structuredClone(raw);
  for (const { path, keys } of unknown) for (const key of keys) delete fieldsAt(known, path)?.[key];
  const parsed = schema.safeParse(known);
  if (!parsed.success) return parsed;
  for (const { path, keys } of unknown) {
    const [from, to] = [fieldsAt(raw, path), fieldsAt(parsed.data, path)];
    // What a check turned into something else has no place for it; then the record is not one of ours.
    if (!from || !to) return strict;
    for (const key of keys) to[key] = from[key];
  }
  return parsed;
}

/** The unknown fields among what is wrong; of alternatives, those of one in which nothing else is wrong. */
function unknownIn(issues: readonly z.core.$ZodIssue[], above: PropertyKey[]): Unknown[] {
  return issues.flatMap((issue) => {
    const path = [...above, ...issue.path];
    if (issue.code === 'unrecognized_keys') return [{ path, keys: issue.keys }];
    if (issue.code !== 'invalid_union') return [];
    const fits = issue.errors.find((inner) => inner.length > 0 && inner.every((i) => i.code === 'unrecognized_keys'));
    return fits ? unknownIn(fits, path) : [];
  });
}

function fieldsAt(value: unknown, path: readonly PropertyKey[]): Record<string, unknown> | null {
  const at = path.reduce<unknown>(
    (here, key) =>
      typeof here === 'object' && here !== null ? (here as Record<PropertyKey, unknown>)[key] : undefined,
    value,
  );
  return typeof at === 'object' && at !== null ? (at as Record<string, unknown>) : null;
}
