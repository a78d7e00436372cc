import * as z from 'zod';

const draftSchema = z.record(z.string(), z.string().max(20000));

/** Drafts lie beside the database: what is typed has to be safe at once, before any transaction ends. */
const PREFIX = 'bobbet.draft.';

/** What was typed and not yet kept; an empty draft when there is none, or when it is damaged. */
export function readDraft(key: string): Record<string, string> {
  const text = localStorage.getItem(PREFIX + key);
  if (text === null) return {};
  try {
    return draftSchema.safeParse(JSON.parse(text)).data ?? {};
  } catch (cause) {
    if (cause instanceof SyntaxError) return {};
    throw cause;
  }
}

/** Keeps what is being typed; nothing but empty texts clears the draft. */
export function writeDraft(key: string, value: Record<string, string>): void {
  if (Object.values(value).every((text) => text === '')) localStorage.removeItem(PREFIX + key);
  else localStorage.setItem(PREFIX + key, JSON.stringify(draftSchema.parse(value)));
}

/** Forgets every draft, with the workroom it belonged to. */
export function clearDrafts(): void {
  for (const key of Object.keys(localStorage)) if (key.startsWith(PREFIX)) localStorage.removeItem(key);
}
