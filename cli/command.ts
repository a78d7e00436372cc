import type { z } from 'zod';
import type { FieldError } from '../src/core/result';

/** What every command says of itself. */
interface Described {
  about: string;
  input: z.ZodType;
  output: z.ZodType;
  /** What `help` lists beside it, a line each. */
  lists?: readonly string[];
}

/** One thing the command can do with a question: what it takes, what it gives, and how. */
export interface Command extends Described {
  /** Brings input that an older version wrote up to this one, unchecked. */
  brought?: (input: unknown) => unknown;
  run: (input: never) => unknown;
  /** Draws what `run` tells, as a PNG file. */
  picture?: (input: never) => Uint8Array | null;
}

/** What came of reading a file: its answer, or the first thing wrong with it. */
export type Read = { ok: true; value: unknown } | { ok: false; error: FieldError };

/** One thing the command can do with a file: it takes the text itself, whatever is in it. */
export interface TextCommand extends Described {
  read: (text: string) => Read;
}

/** One thing the command can do with a picture: it takes the words after its name, and reads the file they name. */
export interface PictureCommand extends Described {
  measure: (
    words: readonly string[],
    readBytes: (file: string) => Uint8Array,
  ) => { ok: true; value: unknown } | { ok: false; error: string };
}

/** A command whose three parts agree with each other. */
export function command<I extends z.ZodType, O extends z.ZodType>(
  about: string,
  input: I,
  output: O,
  run: (input: z.output<I>) => z.output<O>,
  picture?: (input: z.output<I>) => Uint8Array | null,
): Command {
  return { about, input, output, run, picture };
}
