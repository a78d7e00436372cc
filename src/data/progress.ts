/** Reports how far long work is, and can stop it. */
export interface Progress {
  /** How much of it is done, 0 to 1. */
  onShare?: (share: number) => void;
  signal?: AbortSignal;
}

/** Raised within long work that a person stopped: the edit it is in keeps nothing of it. */
export class StoppedError extends Error {
  constructor() {
    super('It was stopped. Nothing here has changed.');
    this.name = 'StoppedError';
  }
}

/**
 * Does something with the entries of several lists, some at a time.
 *
 * @param lists - each with its entries
 * @param at - how many are taken together
 * @param work - what is done with some of one list
 * @throws StoppedError as soon as it was stopped
 */
export async function inParts<L, T>(
  lists: readonly (readonly [L, readonly T[]])[],
  at: number,
  work: (list: L, some: readonly T[]) => Promise<unknown>,
  { onShare, signal }: Progress,
): Promise<void> {
  const total = lists.reduce((sum, [, entries]) => sum + entries.length, 0);
  let done = 0;
  for (const [list, entries] of lists)
    for (let from = 0; from < entries.length; from += at) {
      if (signal?.aborted) throw new StoppedError();
      const some = entries.slice(from, from + at);
      await work(list, some);
      done += some.length;
      onShare?.(done / total);
    }
  if (signal?.aborted) throw new StoppedError();
}
