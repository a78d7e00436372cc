import type { Remote } from 'comlink';
import type { PackWorker } from './pack.worker';
import { talkTo } from './talk';

/** Raw rows by table. */
type Rows = Record<string, Record<string, unknown>[]>;

/** Packs rows small, off the main thread. The worker is stopped afterwards. */
export const packRows = (rows: Rows): Promise<Uint8Array> => withWorker((worker) => worker.pack(rows));

/** Takes packed rows apart, off the main thread. */
export const unpackRows = (packed: Uint8Array): Promise<Rows> =>
  withWorker(async (worker) => (await worker.unpack(packed)) as Rows);

async function withWorker<T>(work: (worker: Remote<PackWorker>) => Promise<T>): Promise<T> {
  const worker = new Worker(new URL('./pack.worker.ts', import.meta.url), { type: 'module' });
  try {
    return await work(talkTo<PackWorker>(worker));
  } finally {
    worker.terminate();
  }
}
