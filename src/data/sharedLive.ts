import { liveQuery } from 'dexie';
import { useSyncExternalStore } from 'react';
import { reportTrouble } from './trouble';

/**
 * A hook that follows one query for all who use it: it is asked once, and again after every change in any tab.
 *
 * @param query - reads the database
 * @returns a hook: undefined while it is first read, then the value now
 */
export function sharedLive<T>(query: () => Promise<T>): () => T | undefined {
  let value: T | undefined;
  let following = false;
  const listeners = new Set<() => void>();
  const follow = () => {
    following = true;
    liveQuery(query).subscribe({
      next: (now) => {
        value = now;
        listeners.forEach((listener) => listener());
      },
      error: (cause: unknown) => {
        following = false;
        if (!reportTrouble(cause)) throw cause;
      },
    });
  };
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    if (!following) follow();
    return () => void listeners.delete(listener);
  };
  const now = () => value;
  return () => useSyncExternalStore(subscribe, now, () => undefined);
}
