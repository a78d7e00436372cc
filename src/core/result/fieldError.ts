import type { z } from 'zod';

/** One thing wrong with outside input: the field's path, and what was expected there. */
export interface FieldError {
  path: string;
  message: string;
}

/**
 * The first problem of a failed parse, naming the field and what was there.
 *
 * @param error - what Zod reported
 * @param input - the input that was parsed, to quote the offending value
 * @returns path (dots and brackets) and a message such as `expected a number above 0, got "heavy"`
 * @example
 * formatPath(['lines', 2, 'dialMm']) // => 'lines[2].dialMm'
 */
export function firstFieldError(error: z.ZodError, input: unknown): FieldError {
  return describe(error.issues[0], input, []);
}

/**
 * A path as people read it.
 *
 * @param path - keys and positions from the top
 * @returns `lines[2].dialMm`; `input` when the whole is meant
 * @example
 * formatPath([]) // => 'input'
 */
export function formatPath(path: readonly PropertyKey[]): string {
  const text = path.reduce<string>((done, key) => {
    if (typeof key === 'number') return `${done}[${key}]`;
    return done === '' ? String(key) : `${done}.${String(key)}`;
  }, '');
  return text === '' ? 'input' : text;
}

function describe(issue: z.core.$ZodIssue, input: unknown, above: PropertyKey[]): FieldError {
  const path = [...above, ...issue.path];
  if (issue.code === 'unrecognized_keys') {
    return { path: formatPath([...path, issue.keys[0]]), message: 'unknown field' };
  }
  if (issue.code === 'invalid_union' && issue.errors.length > 0) {
    // The alternative with the least wrong in it is the one the person meant.
    const nearest = [...issue.errors].sort((a, b) => slips(a) - slips(b))[0];
    if (nearest[0].code !== 'invalid_type' || nearest[0].path.length > 0) return describe(nearest[0], input, path);
  }
  const got = issue.code === 'custom' ? '' : `, got ${quote(valueAt(input, path))}`;
  return { path: formatPath(path), message: lower(issue.message) + got };
}

const slips = (issues: z.core.$ZodIssue[]) =>
  issues.reduce((sum, issue) => sum + (issue.code === 'unrecognized_keys' ? issue.keys.length : 1), 0);

function lower(message: string): string {
  return message.replace(/^Invalid input: /, '').replace(/, received .*$/, '');
}

function valueAt(input: unknown, path: readonly PropertyKey[]): unknown {
  return path.reduce<unknown>(
    (at, key) => (at !== null && typeof at === 'object' ? (at as Record<PropertyKey, unknown>)[key] : undefined),
    input,
  );
}

function quote(value: unknown): string {
  if (value === undefined) return 'nothing';
  const text = textOf(value);
  return text.length > 60 ? `${text.slice(0, 57)}...` : text;
}

/** What a value looks like as JSON; what JSON cannot hold is called by its type. */
function textOf(value: unknown): string {
  if (typeof value === 'number' && !Number.isFinite(value)) return String(value);
  try {
    return JSON.stringify(value) ?? typeof value;
  } catch (cause) {
    if (cause instanceof TypeError || cause instanceof RangeError) return typeof value;
    throw cause;
  }
}
