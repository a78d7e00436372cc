import type { z } from 'zod';
import { type FieldError, firstFieldError } from '../result';
import { readJson } from './json';

/** What a file of ours is: its name, its version, its shape, and how older ones are brought up to it. */
export interface FileKind<T> {
  format: string;
  version: number;
  schema: z.ZodType<T>;
  newest?: (input: unknown) => unknown;
}

/** What was read, or the first thing wrong with it. */
export type ReadFile<T> = { ok: true; value: T } | { ok: false; error: FieldError };

/**
 * Reads a file of ours.
 *
 * @param text - the file's text
 * @param kind - what it should be
 * @returns its value, or the path of the first wrong field and what was expected there; never a part of it
 */
export function readFile<T>(
  text: string,
  { format, version, schema, newest = (input) => input }: FileKind<T>,
): ReadFile<T> {
  const json = readJson(text);
  if (!json.ok) return json;
  const newer = newerVersion(json.value, format, version);
  if (newer) return { ok: false, error: newer };
  const brought = newest(json.value);
  const parsed = schema.safeParse(brought);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, error: firstFieldError(parsed.error, brought) };
}

/**
 * What is said of a file that a newer Bobbet wrote.
 *
 * @returns null when it is not newer
 */
export function newerVersion(input: unknown, format: string, version: number): FieldError | null {
  const found = (input ?? {}) as { format?: unknown; version?: unknown };
  if (found.format !== format || typeof found.version !== 'number' || found.version <= version) return null;
  return {
    path: 'version',
    message: `expected ${version}, got ${found.version}: this file was written by a newer Bobbet`,
  };
}
