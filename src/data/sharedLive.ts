import { liveQuery, type Subscription } from 'dexie';
import { useSyncExternalStore } from 'react';
import { reportTrouble } from './trouble';

/** How long a query is followed after the last screen that showed it has gone: the next one may want it again, ms. */
const LINGER_MS = 20_000;

/**
 * A hook that follows one query for all who use it: it is asked once, and again after every change in any tab. A while
 * after nobody shows it any more it is let go, with all that it had read.
 *
 * @param query - reads the database
 * @param lingerMs - how long it is kept then
 * @returns a hook: undefined while it is first read, then the value now
 */
export function sharedLive<T>(query: () => Promise<T>, lingerMs?: number): () => T | undefined {
  const { subscribe, now } = followed(query, lingerMs);
  return () => useSyncExternalStore(subscribe, now, () => undefined);
}

/** What such a hook stands on: a value that can be listened to. */
export function followed<T>(query: () => Promise<T>, lingerMs = LINGER_MS) {
  let value: T | undefined;
  let following: Subscription | null = null;
  let leaving: ReturnType<typeof setTimeout> | null = null;
  const listeners = new Set<() => void>();
  const follow = () => {
    following = liveQuery(query).subscribe({
      next: (now) => {
        value = now;
        listeners.forEach((listener) => listener());
      },
      error: (cause: unknown) => {
        following = null;
        if (!reportTrouble(cause)) throw cause;
      },
    });
  };
  const letGo = () => {
    leaving = null;
    following?.unsubscribe();
    following = null;
    value = undefined;
  };
  const subscribe = (listener: () => void) => {
    listeners.add(listener);
    if (leaving !== null) clearTimeout(leaving);
    leaving = null;
    if (!following) follow();
    return () => {
      listeners.delete(listener);
      if (listeners.size === 0 && leaving === null) leaving = setTimeout(letGo, lingerMs);
    };
  };
  return { subscribe, now: () => value };
}
