import { database } from './database';
import { backupDatabase } from './snapshots';

/** Why Bobbet cannot start in this browser, or here and now. */
export type StartProblem =
  | 'no-database'
  | 'database-refused'
  | 'database-full'
  | 'database-newer'
  | 'database-held'
  | 'updated-elsewhere'
  | 'no-worker'
  | 'no-random'
  | 'storage-blocked';

/** The library counts in tens what the browser counts in ones. */
const VERSION_STEP = 10;

/**
 * Tries whether this browser has all that Bobbet needs, and opens the databases.
 *
 * @param onProblem - told while it is waiting for another tab, and when another tab brings a newer Bobbet later on
 * @returns what is missing; null when everything is there
 */
export async function startUp(onProblem: (problem: StartProblem | null) => void): Promise<StartProblem | null> {
  if (typeof indexedDB === 'undefined') return 'no-database';
  if (typeof Worker === 'undefined') return 'no-worker';
  if (typeof globalThis.crypto?.getRandomValues !== 'function') return 'no-random';
  if (!storageAllowed()) return 'storage-blocked';
  const held = () => onProblem('database-held');
  database.on('blocked', held);
  database.on('versionchange', () => {
    // A newer Bobbet in another tab needs the database to itself.
    database.close({ disableAutoOpen: true });
    onProblem('updated-elsewhere');
  });
  try {
    await database.open();
    // The library opens what a newer Bobbet has written as well; it would be written over.
    if (database.backendDB().version > database.verno * VERSION_STEP) {
      database.close({ disableAutoOpen: true });
      return 'database-newer';
    }
    await backupDatabase.open();
    onProblem(null);
    return null;
  } catch (cause) {
    return problemOf(cause);
  } finally {
    database.on.blocked.unsubscribe(held);
  }
}

function storageAllowed(): boolean {
  try {
    return globalThis.localStorage !== null;
  } catch (cause) {
    if (cause instanceof DOMException) return false;
    throw cause;
  }
}

/** What the database's own error means; the innermost one tells most. */
function problemOf(cause: unknown): StartProblem {
  const names: string[] = [];
  const texts: string[] = [];
  for (let at = cause; at instanceof Error && names.length < 5; at = (at as { inner?: unknown }).inner) {
    names.push(at.name);
    texts.push(at.message);
  }
  if (names.includes('VersionError')) return 'database-newer';
  if (names.includes('QuotaExceededError') || texts.some((text) => /quota|disk|space/i.test(text)))
    return 'database-full';
  if (names.includes('MissingAPIError')) return 'no-database';
  return 'database-refused';
}
