import type { FieldError } from '../result';

/** Levels of lists and objects within each other beyond which no file of ours goes. */
const DEEPEST = 200;

/** JSON that was read, or why it was not. */
export type ReadJson = { ok: true; value: unknown } | { ok: false; error: FieldError };

/**
 * Reads a JSON text, whatever it holds: a byte order mark is skipped, text that is not JSON or is nested too deep is refused.
 *
 * @param text - the text
 * @param what - what it is called in a message
 * @returns its value, or what is wrong; never throws
 * @example
 * readJson('{').ok // => false
 */
export function readJson(text: string, what = 'file'): ReadJson {
  let value: unknown;
  try {
    value = JSON.parse(text.charCodeAt(0) === 0xfeff ? text.slice(1) : text);
  } catch (cause) {
    const why = cause instanceof SyntaxError ? cause.message : 'nested too deep';
    return { ok: false, error: { path: what, message: `expected JSON (${why})` } };
  }
  const deep = tooDeep(value);
  return deep === null
    ? { ok: true, value }
    : { ok: false, error: { path: deep, message: `expected at most ${DEEPEST} levels within each other` } };
}

/** Levels that a path is followed down before it is cut off. */
const NAMED = 3;

/** The path of what is nested too deep, cut after a few levels; null when nothing is. Walks without recursion. */
function tooDeep(value: unknown): string | null {
  let level: { value: unknown; path: string }[] = [{ value, path: '' }];
  for (let depth = 0; level.length > 0; depth += 1) {
    const inside = level.filter((at) => typeof at.value === 'object' && at.value !== null);
    if (depth > DEEPEST && inside.length > 0) return inside[0].path || 'input';
    level = inside.flatMap((at) =>
      Object.entries(at.value as object).map(([key, child]) => ({
        value: child as unknown,
        path: depth < NAMED ? step(at.path, key, Array.isArray(at.value)) : at.path,
      })),
    );
  }
  return null;
}

const step = (path: string, key: string, listed: boolean) =>
  listed ? `${path || 'input'}[${key}]` : path === '' ? key : `${path}.${key}`;
