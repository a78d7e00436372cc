import type { ScanWorker } from './scan.worker';
import { talkTo } from './talk';

/** Reads codes out of pictures, off the main thread. */
export interface Scanner {
  /** The text of the code in a picture; null when there is none. */
  read: (picture: ImageData) => Promise<string | null>;
  stop: () => void;
}

/** Starts a worker that reads codes; stop it when it is no longer needed. */
export function startScanner(): Scanner {
  const worker = new Worker(new URL('./scan.worker.ts', import.meta.url), { type: 'module' });
  const remote = talkTo<ScanWorker>(worker);
  return {
    read: ({ data, width, height }) => remote.read(data, width, height),
    stop: () => worker.terminate(),
  };
}
