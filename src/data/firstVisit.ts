import * as z from 'zod';
import { readWorkroom, type Workroom } from '@/core/file';
import { readPreference } from './preferences';
import { importWorkroom, openFirst, startEmpty } from './workroomFile';

const startSchema = z.object({ start: z.enum(['demo', 'empty']) });

async function readDemo(): Promise<Workroom> {
  const text = await (await fetch('/demo-workroom.json')).text();
  const read = readWorkroom(text);
  if (!read.ok) throw new Error(`readDemo: ${read.error.path}: ${read.error.message}`);
  return read.workroom;
}

/**
 * Opens the demo workroom in the place of what is here, through the ordinary import.
 *
 * @returns the entry under which it can be undone
 */
export const openDemo = async (): Promise<number | null> =>
  importWorkroom({ workroom: await readDemo() }, 'replace', 'demo');

/** On the first visit, opens the demo or an empty workroom, as the server was started. Later visits change nothing. */
export async function openOnFirstVisit(now: Date, id: string): Promise<void> {
  if ((await readPreference('workroom')) !== 'unopened') return;
  const { start } = startSchema.parse(await (await fetch('/first-visit.json')).json());
  await (start === 'demo' ? openFirst(await readDemo()) : startEmpty(now, id));
}
