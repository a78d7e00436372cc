import { plainNumber } from '@/ui';

/** A number to be typed: its field, and what is expected in it. */
export interface NumberField {
  key: string;
  expected: string;
  parse?: (text: string) => number | null;
  /** Stands for an empty text; without one, nothing is built until it is typed. */
  otherwise?: number;
}

/** The numbers of a form: null while one is missing or wrong, with what is wrong by field. */
export function typedNumbers(
  texts: Record<string, string>,
  fields: readonly NumberField[],
): { value: Record<string, number> | null; problems: Record<string, string> } {
  const problems: Record<string, string> = {};
  const value: Record<string, number> = {};
  let missing = false;
  for (const { key, expected, parse = plainNumber, otherwise } of fields) {
    const text = (texts[key] ?? '').trim();
    const read = text === '' ? (otherwise ?? null) : parse(text);
    if (read === null) {
      missing = true;
      if (text !== '') problems[key] = `Expected ${expected}.`;
    } else value[key] = read;
  }
  return { value: missing ? null : value, problems };
}
