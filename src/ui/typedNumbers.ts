import { plainNumber } from './typed';

/** A number to be typed: its field, and what is expected in it. */
export interface NumberField {
  key: string;
  expected: string;
  /** A plain number unless said otherwise. */
  parse?: (text: string) => number | null;
  /** Stands for an empty text. */
  otherwise?: number;
  /** Whether the whole is complete without it. */
  optional?: boolean;
}

/** What was typed into the number fields of a form. */
export interface TypedNumbers {
  /** What can be read so far, by field. */
  soFar: Record<string, number | undefined>;
  /** All of them, optional ones where typed; null while one is missing or wrong. */
  value: Record<string, number> | null;
  /** What is wrong, by field. */
  problems: Record<string, string>;
}

/**
 * Reads the number fields of a form.
 *
 * @param texts - what stands in them
 * @param fields - which there are
 */
export function typedNumbers(texts: Record<string, string>, fields: readonly NumberField[]): TypedNumbers {
  const problems: Record<string, string> = {};
  const value: Record<string, number> = {};
  let complete = true;
  for (const { key, expected, parse = plainNumber, otherwise, optional } of fields) {
    const text = (texts[key] ?? '').trim();
    const read = text === '' ? (otherwise ?? null) : parse(text);
    if (read !== null) value[key] = read;
    else if (text !== '') problems[key] = `Expected ${expected}.`;
    if (read === null && (text !== '' || !optional)) complete = false;
  }
  return { soFar: value, value: complete ? value : null, problems };
}
