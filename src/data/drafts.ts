import * as z from 'zod';
import { database } from './database';

const draftSchema = z.record(z.string(), z.string().max(20000));

/** What was typed and not yet kept; an empty draft when there is none, or when it is damaged. */
export async function readDraft(key: string): Promise<Record<string, string>> {
  const stored = await database.drafts.get(key);
  return draftSchema.safeParse(stored?.value).data ?? {};
}

/** Keeps what is being typed; nothing but empty texts clears the draft. */
export async function writeDraft(key: string, value: Record<string, string>): Promise<void> {
  if (Object.values(value).every((text) => text === '')) await database.drafts.delete(key);
  else await database.drafts.put({ key, value: draftSchema.parse(value) });
}
