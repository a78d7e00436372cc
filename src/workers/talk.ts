import { type Remote, wrap } from 'comlink';

/**
 * Talks to a worker that may fail to start: a call to one whose file could not be fetched, or that threw while it began,
 * fails with the reason instead of waiting for ever.
 *
 * @param worker - just made
 * @param onBroken - told once, when the worker will not answer any more
 */
export function talkTo<T extends object>(worker: Worker, onBroken: () => void = () => undefined): Remote<T> {
  const broken = new Promise<never>((_, reject) => {
    worker.addEventListener(
      'error',
      (event) => {
        onBroken();
        reject(new Error(event.message || 'This calculation could not be loaded'));
      },
      { once: true },
    );
  });
  // Nobody may be asking anything when it breaks.
  broken.catch(() => undefined);
  const remote = wrap<T>(worker);
  return new Proxy(remote, {
    get: (target, name) => {
      const call = Reflect.get(target, name) as unknown;
      if (typeof call !== 'function' || typeof name === 'symbol') return call;
      return (...said: unknown[]) =>
        Promise.race([(call as (...given: unknown[]) => Promise<unknown>)(...said), broken]);
    },
  });
}
