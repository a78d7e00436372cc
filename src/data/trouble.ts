import { StoreError } from './storeError';

/** Something that could not be stored or read, in words for the person. */
export interface StoreTrouble {
  kind: 'full' | 'wrong' | 'other';
  text: string;
}

const listeners = new Set<() => void>();
let trouble: StoreTrouble | null = null;

/** What the last failed change was, for a screen that follows it. */
export const troubleNow = (): StoreTrouble | null => trouble;

/** Follows troubles; gives back how to stop. */
export function followTrouble(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Notes a trouble, or that it is over. */
export function setTrouble(next: StoreTrouble | null): void {
  trouble = next;
  listeners.forEach((listener) => listener());
}

/**
 * Says what went wrong with a change, from whatever the database threw.
 *
 * @param cause - what was thrown
 * @returns true when it was a trouble of the store; other listeners handle anything else
 */
export function reportTrouble(cause: unknown): boolean {
  const found = troubleOf(cause);
  if (found) setTrouble(found);
  return found !== null;
}

const REFUSED =
  'Your last change was not saved: the browser’s database refused it. Everything saved before is still here. Reload the page and make the change again.';

/** Names the database's own errors go by; the browser wraps the first in others. */
const DATABASE_ERROR =
  /^(Abort|Quota|Data|Constraint|Transaction|Invalid|Unknown|DatabaseClosed|OpenFailed|VersionError|Timeout|NotFound).*Error$/;

function troubleOf(cause: unknown): StoreTrouble | null {
  if (cause instanceof StoreError) return { kind: 'wrong', text: `Not saved. ${cause.message}.` };
  const chain = causes(cause);
  if (chain.some(({ name, message }) => name === 'QuotaExceededError' || /quota/i.test(message))) {
    return {
      kind: 'full',
      text: 'This browser has no room left, so your last change was not saved. Everything saved before is still here. Export the workroom, then free some room: photos take the most.',
    };
  }
  const first = chain.some(({ name }) => DATABASE_ERROR.test(name));
  return first ? { kind: 'other', text: REFUSED } : null;
}

function causes(cause: unknown): { name: string; message: string }[] {
  const out: { name: string; message: string }[] = [];
  for (let at = cause; at instanceof Error && out.length < 5; at = (at as { inner?: unknown }).inner ?? at.cause) {
    out.push({ name: at.name, message: at.message });
  }
  return out;
}
