import type { z } from 'zod';
import { firstFieldError } from '@/core/result';
import { type MeantValue, type QuantityAsk, readAnswer } from '@/core/units';

/** A number that may have been meant, for a button beside the field. */
export type Meant = MeantValue;

/** What reading a typed text gives: a value, or what was expected instead and what may have been meant. */
export type Typed<T> = { ok: true; value: T } | { ok: false; expected: string; meant?: readonly Meant[] };

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

/**
 * Reads a number, the way people write it.
 *
 * @param ask - what is asked for
 * @param empty - what to say where nothing stands
 */
export const quantity =
  (ask: QuantityAsk, empty = 'Type a number.') =>
  (text: string): Typed<number> => {
    const answer = readAnswer(text, ask);
    if (answer.kind === 'value') return { ok: true, value: answer.value };
    return answer.kind === 'empty'
      ? { ok: false, expected: empty }
      : { ok: false, expected: answer.text, meant: answer.meant };
  };

/** As `quantity`; an empty text is "not known". */
export const optionalQuantity =
  (ask: QuantityAsk) =>
  (text: string): Typed<number | undefined> =>
    text.trim() === '' ? { ok: true, value: undefined } : quantity(ask)(text);

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
