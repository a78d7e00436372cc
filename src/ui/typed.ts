import type { z } from 'zod';
import { firstFieldError } from '@/core/result';
import { type LengthUnit, parseLengthMm } from '@/core/units';

/** What reading a typed text gives: a value, or what was expected instead. */
export type Typed<T> = { ok: true; value: T } | { ok: false; expected: string };

/** A message of the border as it stands beside a field: a sentence, without what the field shows anyway. */
export const sentence = (text: string): string =>
  `${text[0].toUpperCase()}${text.slice(1)}.`.replace(/, got [^]*\.$/, '.');

/**
 * What a schema refused, for the field it belongs to.
 *
 * @param error - what Zod reported
 * @param input - what was parsed
 * @returns the schema's own path, and a sentence
 */
export function fieldProblem(error: z.ZodError, input: unknown): { path: string; text: string } {
  const { path, message } = firstFieldError(error, input);
  return { path, text: sentence(message) };
}

/** Reads a number by a parser. */
export function numberBy(parse: (text: string) => number | null, expected: string) {
  return (text: string): Typed<number> => {
    const value = parse(text);
    return value === null ? { ok: false, expected: `Expected ${expected}.` } : { ok: true, value };
  };
}

/** Reads an optional number by a parser; an empty text is "not known". */
export function optionalBy(parse: (text: string) => number | null, expected: string) {
  const read = numberBy(parse, expected);
  return (text: string): Typed<number | undefined> =>
    text.trim() === '' ? { ok: true, value: undefined } : read(text);
}

/** Narrows a reader by a schema, so that a field says what the border would. */
export function checkedBy<T>(read: (text: string) => Typed<T>, schema: z.ZodType) {
  return (text: string): Typed<T> => {
    const typed = read(text);
    if (!typed.ok) return typed;
    const parsed = schema.safeParse(typed.value);
    return parsed.success ? typed : { ok: false, expected: fieldProblem(parsed.error, typed.value).text };
  };
}

/** Reads words, as far as a schema takes them. */
export const wordsBy = (schema: z.ZodType) => checkedBy<string>((text) => ({ ok: true, value: text.trim() }), schema);

/** Reads a plain number. */
export const plainNumber = (text: string): number | null =>
  /^-?\d*[.,]?\d+$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;

/** Reads a length typed in the unit of its field, or in any unit written with it. */
export const lengthIn = (bare: LengthUnit) => (text: string) => parseLengthMm(text, bare);
