/** Whether an error says that a part of the program could not be fetched. */
export const isNotLoaded = ({ name, message }: Error): boolean =>
  name === 'ChunkLoadError' || /loading chunk|dynamically imported module|failed to load/i.test(message);

/** Whether the program that serves the pages answers. */
export async function serverAnswers(): Promise<boolean> {
  try {
    return (await fetch('/first-visit.json', { cache: 'no-store' })).ok;
  } catch (cause) {
    if (cause instanceof TypeError) return false;
    throw cause;
  }
}

/** Waiting for the server: called once the person has seen that it is back. */
let goOn: (() => void) | null = null;
let waiting: Promise<void> | null = null;
const listeners = new Set<() => void>();

/** Whether a page is waiting for a server that has stopped. */
export const serverAwaited = (): boolean => waiting !== null;

/** Follows whether a page is waiting; gives back how to stop. */
export function followServer(listener: () => void): () => void {
  listeners.add(listener);
  return () => void listeners.delete(listener);
}

/** The server is back: what waited goes on. */
export function serverIsBack(): void {
  goOn?.();
  goOn = null;
  waiting = null;
  listeners.forEach((listener) => listener());
}

function waitForServer(): Promise<void> {
  waiting ??= new Promise((done) => {
    goOn = done;
  });
  listeners.forEach((listener) => listener());
  return waiting;
}

/**
 * Keeps a page that cannot be fetched from being replaced by the browser's own bare one.
 *
 * The router asks for the next station with a request of its own, and leaves it to the browser when that fails. Here the
 * request waits instead until the server is back. What is only fetched ahead may fail as ever.
 *
 * @returns how to stop
 */
export function holdNavigation(): () => void {
  const plain = window.fetch;
  const holding: typeof window.fetch = async (input, init) => {
    for (;;) {
      try {
        return await plain(input, init);
      } catch (cause) {
        if (!(cause instanceof TypeError) || !isNavigation(init)) throw cause;
        await waitForServer();
      }
    }
  };
  window.fetch = holding;
  return () => {
    if (window.fetch === holding) window.fetch = plain;
  };
}

function isNavigation(init: RequestInit | undefined): boolean {
  const headers = new Headers(init?.headers);
  return headers.has('rsc') && !headers.has('next-router-prefetch') && !headers.has('next-router-segment-prefetch');
}
