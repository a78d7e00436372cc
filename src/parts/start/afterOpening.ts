import { watchDamage } from '@/data/damage';
import { keepBackups } from '../backups';
import { isNotLoaded, preloadPlates } from '../boundary';
import { preloadHistory } from '../history';

/**
 * What goes on once the workroom is open, and nothing on screen waits for: damage is looked for, copies are kept, and what
 * may be needed when the server is gone is fetched ahead.
 *
 * @param onError - told what failed
 * @returns how to stop
 */
export function afterOpening(onError: (cause: unknown) => void): () => void {
  const stops = [watchDamage(onError), keepBackups(onError)];
  Promise.all([preloadPlates(), preloadHistory()]).catch((cause: unknown) => {
    // What cannot be fetched now is fetched, or missed, when it is needed.
    if (!(cause instanceof Error) || !isNotLoaded(cause)) onError(cause);
  });
  return () => stops.forEach((stop) => stop());
}
