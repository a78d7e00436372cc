import type { FindWorker } from './find.worker';
import { talkTo } from './talk';

/** A search over one list, off the main thread. */
export interface Finder {
  /** Places in the list, best first. */
  find: (letters: string) => Promise<number[]>;
  stop: () => void;
}

/**
 * Begins a search over a list.
 *
 * @param texts - the words each of its things answers to
 */
export function findIn(texts: readonly string[]): Finder {
  const worker = new Worker(new URL('./find.worker.ts', import.meta.url), { type: 'module' });
  const remote = talkTo<FindWorker>(worker);
  const ready = remote.read(texts);
  // It may break, or be stopped, before anything is looked for.
  ready.catch(() => undefined);
  return {
    find: async (letters) => {
      await ready;
      return remote.find(letters);
    },
    stop: () => worker.terminate(),
  };
}
