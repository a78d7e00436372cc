import { proxy } from 'comlink';
import type { Schedule, ScheduleInput } from '@/core/job';
import type { OrderWorker } from './order.worker';
import { talkTo } from './talk';

/**
 * Looks for the best order off the main thread. The worker is stopped at the end, and at once when the signal says so.
 *
 * @param input - the question
 * @param onProgress - told how far it is, 0 … 1
 * @param signal - stops it
 * @returns the order; null when it was stopped
 */
export async function findOrder(
  input: ScheduleInput,
  onProgress: (share: number) => void,
  signal: AbortSignal,
): Promise<Schedule | null> {
  const worker = new Worker(new URL('./order.worker.ts', import.meta.url), { type: 'module' });
  const stopped = new Promise<null>((resolve) => signal.addEventListener('abort', () => resolve(null), { once: true }));
  try {
    return await Promise.race([talkTo<OrderWorker>(worker).schedule(input, proxy(onProgress)), stopped]);
  } finally {
    worker.terminate();
  }
}
