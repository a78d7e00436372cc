import * as z from 'zod';
import { database, type StoredDraft } from './database';
import { reportTrouble } from './trouble';

const textsSchema = z.record(z.string(), z.string().max(20000));
type Draft = Omit<StoredDraft, 'key'>;
const draftSchema: z.ZodType<Draft> = z.object({ at: z.number().nonnegative(), texts: textsSchema });
/** Drafts were once kept without their moment: any that has one is newer. */
const storedSchema = z.union([draftSchema, textsSchema.transform((texts): Draft => ({ at: 0, texts }))]);

/**
 * Drafts lie in two places. Local storage has them at once, before any transaction ends, so that a tab may go at any
 * moment; but the browser writes it out seconds later. The database is written out at once, so that the browser may go.
 */
const PREFIX = 'bobbet.draft.';

/** What was typed and not yet kept; an empty draft when there is none, or when it is damaged. */
export function readDraft(key: string): Record<string, string> {
  return stored(key)?.texts ?? {};
}

/** Keeps what is being typed; nothing but empty texts clears the draft. */
export function writeDraft(key: string, texts: Record<string, string>): void {
  // Later than the one before, whatever the clock has been set to: the later of two is the one that is read.
  const at = Math.max(Date.now(), (stored(key)?.at ?? 0) + 1);
  const draft = draftSchema.parse({ at, texts });
  store(key, draft);
  database.drafts.put({ key, ...draft }).catch((cause: unknown) => {
    if (!reportTrouble(cause)) throw cause;
  });
}

/** Before any draft is read: brings back what the database has of later, for the browser may have been killed. */
export async function recoverDrafts(): Promise<void> {
  for (const { key, ...rest } of await database.drafts.toArray()) {
    const draft = draftSchema.safeParse(rest).data;
    if (draft && draft.at > (stored(key)?.at ?? -1)) store(key, draft);
    if (!draft || isEmpty(draft)) await database.drafts.delete(key);
  }
}

/** Forgets every draft, with the workroom it belonged to. */
export async function clearDrafts(): Promise<void> {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
  await database.drafts.clear();
}

function stored(key: string): Draft | undefined {
  const text = localStorage.getItem(PREFIX + key);
  if (text === null) return undefined;
  try {
    return storedSchema.safeParse(JSON.parse(text)).data;
  } catch (cause) {
    if (cause instanceof SyntaxError) return undefined;
    throw cause;
  }
}

function store(key: string, draft: Draft): void {
  if (isEmpty(draft)) localStorage.removeItem(PREFIX + key);
  else localStorage.setItem(PREFIX + key, JSON.stringify(draft));
}

const isEmpty = ({ texts }: Draft) => Object.values(texts).every((text) => text === '');
