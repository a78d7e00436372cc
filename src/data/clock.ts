/**
 * The moment that new records get: never earlier than the newest one before it, so that what is done later also sorts
 * later, whatever the computer's clock has been set to meanwhile.
 */

const KEY = 'bobbet.newest';
/** A clock may be put right by this much without anybody being told, ms. */
const UNTOLD = 5 * 60_000;

let newest = 0;
/** The newest moment when the clock was first found behind it; null while it is not. */
let behind: number | null = null;
const listeners = new Set<() => void>();

/** Where the newest moment is kept between visits; a browser that keeps nothing starts again each time. */
const box = (): Storage | null => {
  try {
    return globalThis.localStorage ?? null;
  } catch (cause) {
    if (cause instanceof DOMException) return null;
    throw cause;
  }
};

function newestKnown(): number {
  const stored = Number(box()?.getItem(KEY) ?? 0);
  return Math.max(newest, Number.isFinite(stored) ? stored : 0);
}

/**
 * Now, as records keep it.
 *
 * @param clock - what the computer says, ms since 1970
 * @returns ISO text in UTC, later than any given out before
 */
export function momentNow(clock: number = Date.now()): string {
  const floor = newestKnown();
  const at = Math.max(clock, floor + 1);
  setBehind(floor - clock > UNTOLD ? (behind ?? floor) : null);
  keep(at);
  return new Date(at).toISOString();
}

/** Whether the computer's clock stands well before the newest entry; then that entry's moment, ms since 1970. */
export const clockBehind = (): number | null => behind;

/** Follows whether the clock is behind; gives back how to stop. */
export function followClock(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** The person says the clock is right: new entries follow it from now on. */
export function trustClock(clock: number = Date.now()): void {
  newest = 0;
  keep(clock);
  setBehind(null);
}

function keep(at: number): void {
  newest = at;
  try {
    box()?.setItem(KEY, String(at));
  } catch (cause) {
    // A full browser still has it in this page.
    if (!(cause instanceof DOMException)) throw cause;
  }
}

function setBehind(now: number | null): void {
  if (behind === now) return;
  behind = now;
  listeners.forEach((listener) => listener());
}
