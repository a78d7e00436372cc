import { readPreference } from '@/data';

/**
 * Keeps backups by themselves: a packed copy once a day of use, a file in the folder the person has picked, and the
 * browser's promise to keep what is stored.
 *
 * Fetched after the workroom is open: nothing on screen waits for it.
 *
 * @param onError - told what failed
 * @returns how to stop
 */
export function keepBackups(onError: (cause: unknown) => void): () => void {
  const keep = () => void keepNow(new Date()).catch(onError);
  keep();
  // A page that stays open for days comes back into sight each morning.
  const onSight = () => {
    if (document.visibilityState === 'visible') keep();
  };
  document.addEventListener('visibilitychange', onSight);
  return () => document.removeEventListener('visibilitychange', onSight);
}

/** One after the other: two looks at the same morning make one copy. */
let running: Promise<void> = Promise.resolve();

function keepNow(now: Date): Promise<void> {
  const next = running.then(() => keepOnce(now));
  running = next.catch(() => undefined);
  return next;
}

async function keepOnce(now: Date): Promise<void> {
  const backups = await import('@/data/backups');
  if ((await backups.readDownloads()).first === null) await backups.noteDownload({ first: now.toISOString() });
  const { packRows } = await import('@/workers/packClient');
  const kept = await backups.keepDay(now, packRows);
  if ((await readPreference('workroom')) !== 'own') return;
  if ((await backups.readPersistence()) === 'not promised') await backups.askToPersist();
  const folder = await backups.readFolder();
  if (kept !== null && folder && (await backups.mayWrite(folder))) await backups.writeToFolder(folder, now);
}
