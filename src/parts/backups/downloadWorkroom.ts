import { saveFile, today } from '../workspace';

/**
 * Hands the whole workroom to the person as a file, once it has been read back.
 *
 * @returns how many entries could not be read and travel in a part of their own
 */
export async function downloadWorkroom(): Promise<number> {
  const now = new Date();
  const { exportWorkroom } = await import('@/data/workroomFile');
  const { text, setAside } = await exportWorkroom(now);
  saveFile(`bobbet-workroom-${today()}.json`, text, 'application/json');
  const { noteDownload } = await import('@/data/backups');
  await noteDownload({ saved: now.toISOString() });
  return setAside;
}
