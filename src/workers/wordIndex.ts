import MiniSearch from 'minisearch';
import { inBoth } from '@/core/units';

/** Letters of a word for which no slip is forgiven: of so few anything could be meant. */
const TOO_FEW = 3;

/** A word without its accents and its capitals: nobody looks for them on the keyboard. */
const plain = (term: string) => term.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Finds texts by a few letters of their words. */
export interface WordIndex {
  /** Places of what answers to all that is typed, best first. */
  find: (letters: string) => number[];
}

/**
 * An index over the words of texts: a word is found by its beginning, and with a slip of the keyboard for every five letters,
 * in British or American English.
 *
 * @param texts - what is looked through, each by its place
 */
export function wordIndex(texts: readonly string[]): WordIndex {
  const index = new MiniSearch<{ id: number; text: string }>({ fields: ['text'], storeFields: [], processTerm: plain });
  index.addAll(texts.map((text, id) => ({ id, text: inBoth(text) })));
  const fuzzy = (term: string) => (term.length > TOO_FEW ? 0.2 : false);
  return {
    find: (letters) => index.search(letters, { prefix: true, fuzzy, combineWith: 'AND' }).map(({ id }) => id as number),
  };
}
