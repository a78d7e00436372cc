import type { z } from 'zod';
import { type FieldError, firstFieldError } from '../result';

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
  let input: unknown;
  try {
    input = JSON.parse(text);
  } catch (cause) {
    return { ok: false, error: { path: 'file', message: `expected JSON (${(cause as SyntaxError).message})` } };
  }
  const found = (input ?? {}) as { format?: unknown; version?: unknown };
  if (found.format === format && typeof found.version === 'number' && found.version > version) {
    const message = `expected ${version}, got ${found.version}: this file was written by a newer Bobbet`;
    return { ok: false, error: { path: 'version', message } };
  }
  const brought = newest(input);
  const parsed = schema.safeParse(brought);
  return parsed.success
    ? { ok: true, value: parsed.data }
    : { ok: false, error: firstFieldError(parsed.error, brought) };
}
