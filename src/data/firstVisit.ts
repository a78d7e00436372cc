import * as z from 'zod';
import { readWorkroom } from '@/core/file';
import { readPreference, writePreference } from './preferences';
import { importWorkroom, startOwn } from './workroomFile';

const startSchema = z.object({ start: z.enum(['demo', 'empty']) });

/** Opens the demo workroom, through the ordinary import. */
export async function openDemo(): Promise<void> {
  const text = await (await fetch('/demo-workroom')).text();
  const read = readWorkroom(text);
  if (!read.ok) throw new Error(`openDemo: ${read.error.path}: ${read.error.message}`);
  await importWorkroom(read.workroom, 'replace');
  await writePreference('workroom', 'demo');
}

/** On the first visit, opens the demo or an empty workroom, as the server was started. Later visits change nothing. */
export async function openOnFirstVisit(now: Date, id: string): Promise<void> {
  if ((await readPreference('workroom')) !== 'unopened') return;
  const { start } = startSchema.parse(await (await fetch('/first-visit')).json());
  await (start === 'demo' ? openDemo() : startOwn(now, id));
}
