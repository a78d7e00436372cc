/**
 * A number of things in words: one of them, or several.
 *
 * @param count - how many
 * @param one - what one is called
 * @param several - what none or several are called; an s is added where this is left out
 * @example
 * countOf(1, 'test') // => '1 test'
 */
export const countOf = (count: number, one: string, several = `${one}s`): string =>
  `${count} ${count === 1 ? one : several}`;
