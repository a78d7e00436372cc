import { expose } from 'comlink';
import { wordIndex } from './wordIndex';

let index = wordIndex([]);

const api = {
  /** Takes the texts of a list, by their place in it. */
  read(texts: readonly string[]) {
    index = wordIndex(texts);
  },
  find: (letters: string): number[] => index.find(letters),
};
export type FindWorker = typeof api;

expose(api);
