import type { z } from 'zod';

/** One thing the command can do: what it takes, what it gives, and how. */
export interface Command {
  about: string;
  input: z.ZodType;
  output: z.ZodType;
  /** Brings input that an older version wrote up to this one, unchecked. */
  brought?: (input: unknown) => unknown;
  run: (input: never) => unknown;
  /** Draws what `run` tells, as a PNG file. */
  picture?: (input: never) => Uint8Array;
}

/** A command whose three parts agree with each other. */
export function command<I extends z.ZodType, O extends z.ZodType>(
  about: string,
  input: I,
  output: O,
  run: (input: z.output<I>) => z.output<O>,
  picture?: (input: z.output<I>) => Uint8Array,
): Command {
  return { about, input, output, run, picture };
}
