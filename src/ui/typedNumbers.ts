import { type Answer, type QuantityAsk, readAnswer } from '@/core/units';
import type { Meant } from './typed';

/** A number to be typed: its field, and what is asked for in it, or how else it is read. */
export type NumberField = NumberFieldFacts & ({ ask: QuantityAsk } | { read: (text: string) => Answer });

interface NumberFieldFacts {
  key: string;
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
  /** Fields that are still to be filled in. */
  missing: readonly string[];
  /** What is wrong, by field, and what may have been meant. */
  problems: Record<string, string>;
  meant: Record<string, readonly Meant[]>;
}

/**
 * Reads the number fields of a form.
 *
 * @param texts - what stands in them
 * @param fields - which there are
 */
export function typedNumbers(texts: Record<string, string>, fields: readonly NumberField[]): TypedNumbers {
  const problems: Record<string, string> = {};
  const meant: Record<string, readonly Meant[]> = {};
  const value: Record<string, number> = {};
  const missing: string[] = [];
  for (const field of fields) {
    const { key, otherwise, optional } = field;
    const text = texts[key] ?? '';
    const answer = 'read' in field ? field.read(text) : readAnswer(text, field.ask);
    if (answer.kind === 'value') value[key] = answer.value;
    else if (answer.kind === 'unclear') {
      [problems[key], meant[key]] = [answer.text, answer.meant];
    } else if (otherwise !== undefined) value[key] = otherwise;
    else if (!optional) missing.push(key);
  }
  const complete = missing.length === 0 && Object.keys(problems).length === 0;
  return { soFar: value, value: complete ? value : null, missing, problems, meant };
}
