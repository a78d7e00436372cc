import type { DiagnoseInput } from '@/core/diagnose';
import type { ThreadRecord } from '@/core/file';
import { sameThread, type Thread } from '@/core/kit';

/** What the spools say of a thread: good or cheap only when all of its kind are. */
export function threadQuality(spools: readonly ThreadRecord[], thread: Thread): DiagnoseInput['threadQuality'] {
  const qualities = new Set(spools.filter((spool) => sameThread(spool.thread, thread)).map((spool) => spool.quality));
  return qualities.size === 1 ? [...qualities][0] : 'unknown';
}
