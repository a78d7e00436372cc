import type { Wrong } from './find';

let found: readonly Wrong[] = [];
const listeners = new Set<() => void>();

/** What is wrong in the workroom, as last looked at. */
export const wrongNow = (): readonly Wrong[] => found;

/** Follows what is wrong; gives back how to stop. */
export function followWrong(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Notes what was found. */
export function setWrong(next: readonly Wrong[]): void {
  found = next;
  listeners.forEach((listener) => listener());
}
