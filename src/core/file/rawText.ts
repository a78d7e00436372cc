/**
 * Rows as they are stored, as text and back, with nothing lost: what JSON has no word for is marked.
 *
 * A stored row may be damaged in ways no file of ours ever is, and a backup has to bring back just that.
 */

/** The field that marks a value JSON has no word for. */
const MARK = '$';

type Marked = { [MARK]: string; value?: unknown };

/**
 * Raw rows as JSON text.
 *
 * @param value - objects, lists, text, numbers of any kind, truth values, nothing, dates, big integers and bytes
 * @returns JSON; anything else in it is marked as lost, by its kind
 * @example
 * readRaw(writeRaw({ at: NaN, gone: undefined })) // => { at: NaN, gone: undefined }
 */
export const writeRaw = (value: unknown): string => JSON.stringify(plainValue(value));

/**
 * Raw rows out of such a text.
 *
 * @throws SyntaxError when it is not JSON
 */
export const readRaw = (text: string): unknown => back(JSON.parse(text));

/**
 * A raw value as one that JSON can hold, what it has no word for marked.
 *
 * @returns the value itself where JSON can hold it
 */
export function plainValue(value: unknown): unknown {
  if (value === null || typeof value === 'string' || typeof value === 'boolean') return value;
  if (typeof value === 'number') {
    return Number.isFinite(value) && !Object.is(value, -0)
      ? value
      : marked('number', Object.is(value, -0) ? '-0' : String(value));
  }
  if (value === undefined) return marked('undefined');
  if (typeof value === 'bigint') return marked('bigint', String(value));
  if (value instanceof Date) return marked('date', Number.isNaN(value.getTime()) ? null : value.getTime());
  if (value instanceof Uint8Array) return marked('bytes', [...value]);
  if (Array.isArray(value)) return value.map(plainValue);
  if (typeof value !== 'object' || !isPlain(value)) return marked('lost', kindOf(value));
  const entries = Object.entries(value).map(([key, inside]) => [key, plainValue(inside)] as const);
  // A list of pairs, for an object may have a field of any name, that of the mark or of the prototype among them.
  return entries.some(([key]) => key === MARK || key === '__proto__')
    ? marked('object', entries)
    : Object.fromEntries(entries);
}

const marked = (kind: string, value?: unknown): Marked => ({ [MARK]: kind, ...(value !== undefined && { value }) });

const isPlain = (value: object): boolean => [Object.prototype, null].includes(Object.getPrototypeOf(value) as null);

const kindOf = (value: unknown): string => Object.prototype.toString.call(value).slice(8, -1);

function back(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(back);
  if (typeof value !== 'object' || value === null) return value;
  if (!Object.hasOwn(value, MARK)) {
    return Object.fromEntries(Object.entries(value).map(([key, inside]) => [key, back(inside)]));
  }
  const { [MARK]: kind, value: inside } = value as Marked;
  if (kind === 'number') return Number(inside);
  if (kind === 'bigint') return BigInt(String(inside));
  if (kind === 'date') return new Date(inside === null ? Number.NaN : Number(inside));
  if (kind === 'bytes') return Uint8Array.from(inside as number[]);
  if (kind === 'object')
    return Object.fromEntries((inside as [string, unknown][]).map(([key, one]) => [key, back(one)]));
  return kind === 'lost' ? `lost: ${String(inside)}` : undefined;
}
