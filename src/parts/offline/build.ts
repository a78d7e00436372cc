/** Which build of Bobbet this window shows, next to the one that is kept on the device. */
export type BuildState =
  /** Nothing newer is known. */
  | 'current'
  /** A newer build is on the device and waits to be taken. */
  | 'newer-waits'
  /** Another window has taken a newer build; this one still shows the old. */
  | 'older-window';

let state: BuildState = 'current';
/** Lets the waiting build take over; null while none waits. */
let takeOver: (() => void) | null = null;
let isAsked = false;
const listeners = new Set<() => void>();

function set(next: BuildState): void {
  if (state === next) return;
  state = next;
  listeners.forEach((listener) => listener());
}

export const buildNow = (): BuildState => state;

/** Follows which build is shown; gives back how to stop. */
export function followBuild(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** Takes the build that waits: this window opens again with it. */
export function takeNewBuild(): void {
  isAsked = true;
  takeOver?.();
}

/** Longest that keeping Bobbet waits for a page to have nothing to do, ms. */
const AT_LATEST = 8000;

const idle = () =>
  new Promise<void>((done) => {
    if ('requestIdleCallback' in window) requestIdleCallback(() => done(), { timeout: AT_LATEST });
    else setTimeout(done, AT_LATEST / 4);
  });

/** How long a window may stay open before it asks again whether there is a newer build, ms. */
const ASK_AGAIN = 60 * 60_000;

let keeping: Promise<boolean> | null = null;

/**
 * Keeps Bobbet on the device from now on, where the browser can, and follows newer builds: once for a window, however often
 * it is asked.
 *
 * @returns whether this browser can, here
 */
export const keepOnDevice = (): Promise<boolean> => (keeping ??= startKeeping());

async function startKeeping(): Promise<boolean> {
  if (process.env.NODE_ENV !== 'production' || !window.isSecureContext || !('serviceWorker' in navigator)) return false;
  const { Serwist } = await import('@serwist/window');
  const worker = new Serwist('/sw.js', { scope: '/', updateViaCache: 'none' });
  worker.addEventListener('waiting', () => {
    takeOver = () => worker.messageSkipWaiting();
    set('newer-waits');
  });
  worker.addEventListener('controlling', ({ isUpdate }) => {
    if (isAsked) window.location.reload();
    else if (isUpdate) set('older-window');
  });
  // The first visit comes first: what is kept for later is fetched when there is nothing else to do.
  await idle();
  await worker.register({ immediate: true });
  const ask = () => void worker.update().catch(() => {});
  setInterval(ask, ASK_AGAIN);
  document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && ask());
  return true;
}
