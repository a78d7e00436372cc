import { exportText } from './workroomFile';

/** Everything in the workroom as text, without when and where each of it was written: undoing is a change of its own. */
export async function contentText(now: Date): Promise<string> {
  const file = JSON.parse(await exportText(now)) as Record<string, unknown>;
  return JSON.stringify({ ...file, stamps: [], deleted: [] });
}
