/** Words of the page itself. */
export const WORDS_TEXT = {
  title: 'Words',
  find: 'Find a word',
  none: 'No word found with that name.',
  also: (names: string) => `also: ${names}`,
  list: 'Words and what they mean',
} as const;
