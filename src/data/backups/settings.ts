import { backupDatabase } from '../snapshots';

/** Moments that the reminder to download a file goes by, ISO text. */
export interface DownloadTimes {
  /** When this browser was first used. */
  first: string | null;
  /** When a file was last downloaded, or written into the folder. */
  saved: string | null;
  /** When the reminder was put off. */
  later: string | null;
}

const TIMES = 'downloads';

/** When files were last taken out of this browser. */
export async function readDownloads(): Promise<DownloadTimes> {
  const stored = (await backupDatabase.settings.get(TIMES))?.value as Partial<DownloadTimes> | undefined;
  const text = (value: unknown) => (typeof value === 'string' ? value : null);
  return { first: text(stored?.first), saved: text(stored?.saved), later: text(stored?.later) };
}

/** Notes one of these moments. */
export async function noteDownload(change: Partial<DownloadTimes>): Promise<void> {
  await backupDatabase.transaction('rw', backupDatabase.settings, async () => {
    await backupDatabase.settings.put({ key: TIMES, value: { ...(await readDownloads()), ...change } });
  });
}

const DAY_MS = 24 * 3600 * 1000;
/** A file is asked for after so many days without one, and again so many days after it was put off. */
const ASK_AFTER_DAYS = 30;
const ASK_AGAIN_DAYS = 7;

/**
 * Whether it is time to ask for a file outside this browser.
 *
 * @param times - from `readDownloads`
 * @param now - the moment
 */
export function isDownloadDue({ first, saved, later }: DownloadTimes, now: Date): boolean {
  const days = (from: string) => (now.getTime() - Date.parse(from)) / DAY_MS;
  const since = saved ?? first;
  if (since === null || days(since) < ASK_AFTER_DAYS) return false;
  return later === null || days(later) >= ASK_AGAIN_DAYS;
}
