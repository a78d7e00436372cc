import * as z from 'zod';

/** What a field expects, said the same way for a wrong type and a wrong size. */
const number = (expected: string) => z.number({ error: `expected ${expected}` });

/**
 * A number above zero, for a Zod schema.
 *
 * @param what - what it is, for the message
 * @param max - the largest sensible value, which a slip of the keyboard would pass
 */
export const above0 = (what = 'a number', max = 1e6) =>
  number(`${what} above 0`).gt(0, `expected ${what} above 0`).lte(max, `expected ${what} of at most ${max}`);

/** A number within closed limits, for a Zod schema. */
export const within = (min: number, max: number, what = 'a number') => {
  const expected = `${what} from ${min} to ${max}`;
  return number(expected).min(min, `expected ${expected}`).max(max, `expected ${expected}`);
};

/** A whole number within closed limits, for a Zod schema. */
export const wholeWithin = (min: number, max: number, what = 'a whole number') => {
  const expected = `${what} from ${min} to ${max}`;
  return within(min, max, what).int(`expected ${expected}`);
};

/** One of a list of words, for a Zod schema. */
export const oneOf = <const T extends readonly [string, ...string[]]>(words: T) =>
  z.enum(words, { error: `expected one of ${words.join(', ')}` });

/** Text that is not empty, for a Zod schema. */
export const words = (what = 'some text', max = 200) =>
  z
    .string({ error: `expected ${what}` })
    .trim()
    .min(1, `expected ${what}`)
    .max(max, `expected at most ${max} letters`);
