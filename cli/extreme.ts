import { formatPath } from '../src/core/result';

/** A number of the input that is far from anything that is measured. */
export interface Extreme {
  path: string;
  value: number;
}

/** Below and above this no length, weight, angle or count of sewing lies. */
const LEAST = 1e-6;
const MOST = 1e9;

/**
 * The number of an input that lies furthest from one.
 *
 * @param input - JSON of any shape
 * @returns its path and value; null when all are of a size that is worked with
 */
export function extremeNumber(input: unknown): Extreme | null {
  let found: (Extreme & { by: number }) | null = null;
  const open: { value: unknown; path: PropertyKey[] }[] = [{ value: input, path: [] }];
  while (open.length > 0) {
    const { value, path } = open.pop()!;
    if (typeof value === 'number' && value !== 0) {
      const size = Math.abs(value);
      const by = Math.abs(Math.log(size));
      const isExtreme = size < LEAST || size > MOST;
      if (isExtreme && (!found || by > found.by)) found = { path: formatPath(path), value, by };
    }
    if (typeof value !== 'object' || value === null) continue;
    for (const [key, inside] of Object.entries(value)) {
      open.push({ value: inside, path: [...path, Array.isArray(value) ? Number(key) : key] });
    }
  }
  return found && { path: found.path, value: found.value };
}
