import { exportWorkroom } from '../workroomFile';
import { backupDatabase, dayOf } from '../snapshots';
import { noteDownload } from './settings';

/** A folder of the person's own, as the browser hands it out. */
export type Folder = FileSystemDirectoryHandle & {
  queryPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
  requestPermission?: (how: { mode: 'readwrite' }) => Promise<PermissionState>;
};

const KEY = 'folder';
const WRITE = { mode: 'readwrite' } as const;

/** The folder that was picked; null when there is none. */
export async function readFolder(): Promise<Folder | null> {
  return ((await backupDatabase.settings.get(KEY))?.value as Folder | undefined) ?? null;
}

/** Remembers a folder, or forgets it. */
export async function keepFolder(folder: Folder | null): Promise<void> {
  if (folder) await backupDatabase.settings.put({ key: KEY, value: folder });
  else await backupDatabase.settings.delete(KEY);
}

/** Whether the folder may be written to now: the browser may want to be asked again in each session. */
export const mayWrite = async (folder: Folder): Promise<boolean> =>
  folder.queryPermission === undefined || (await folder.queryPermission(WRITE)) === 'granted';

/** Asks the browser for the folder again; only on a press. */
export const askToWrite = async (folder: Folder): Promise<boolean> =>
  folder.requestPermission === undefined || (await folder.requestPermission(WRITE)) === 'granted';

/**
 * Writes the workroom into the folder, as a file named by the day: the file of the same day is written over.
 *
 * @returns the name of the file
 */
export async function writeToFolder(folder: Folder, now: Date): Promise<string> {
  const { text } = await exportWorkroom(now);
  const name = `bobbet-workroom-${dayOf(now)}.json`;
  const file = await folder.getFileHandle(name, { create: true });
  const stream = await file.createWritable();
  // The file only takes the place of the one before when the stream is closed.
  await stream.write(text);
  await stream.close();
  await noteDownload({ saved: now.toISOString() });
  return name;
}
