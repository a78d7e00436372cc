/**
 * A value as text in which the order of keys says nothing, to tell whether two entries are the same.
 *
 * @param value - anything JSON can hold
 * @returns JSON with sorted keys
 * @example
 * canonical({ b: 1, a: 2 }) // => '{"a":2,"b":1}'
 */
export function canonical(value: unknown): string {
  return JSON.stringify(value, (_, part: unknown) =>
    part && typeof part === 'object' && !Array.isArray(part)
      ? Object.fromEntries(Object.entries(part).sort(([a], [b]) => (a < b ? -1 : 1)))
      : part,
  );
}
