import type { z } from 'zod';
import { parseLengthMm } from '@/core/units';
import type { Typed } from './Field';

/** Reads an optional number by a parser; an empty text is "not known". */
export function optionalBy(parse: (text: string) => number | null, expected: string) {
  return (text: string): Typed<number | undefined> => {
    if (text.trim() === '') return { ok: true, value: undefined };
    const value = parse(text);
    return value === null ? { ok: false, expected: `Expected ${expected}.` } : { ok: true, value };
  };
}

/** Narrows a reader by a schema, so that a field says what the border would. */
export function checkedBy<T>(read: (text: string) => Typed<T>, schema: z.ZodType) {
  return (text: string): Typed<T> => {
    const typed = read(text);
    if (!typed.ok) return typed;
    const parsed = schema.safeParse(typed.value);
    if (parsed.success) return typed;
    const message = parsed.error.issues[0].message;
    return { ok: false, expected: `${message[0].toUpperCase()}${message.slice(1)}.` };
  };
}

/** Reads a plain number. */
export const plainNumber = (text: string): number | null =>
  /^-?\d*[.,]?\d+$/.test(text.trim()) ? Number(text.trim().replace(',', '.')) : null;

/** Reads a length typed in mm, or in any unit written with it. */
export const lengthIn = (bare: 'mm' | 'cm' | 'in') => (text: string) => parseLengthMm(text, bare);
