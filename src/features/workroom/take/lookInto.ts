import { CHANGES_FORMAT, readCardText, readChanges } from '@/core/exchange';
import { readJson, type ThingFile, thingOf } from '@/core/file';
import { previewChanges } from '@/data/changes';
import { askedByLink, unpackText } from '@/data/packedText';
import { planThing, previewThing } from '@/data/thingFile';
import { previewImport } from '@/data/workroomFile';
import type { Previewed } from '../files/ImportPreview';
import { TAKE_TEXT } from './text';

/**
 * What a text holds and would do: a workroom or one thing as JSON, or a card in plain lines. Changes nothing.
 *
 * @param text - what was in a file, a link, the clipboard
 * @param fileName - what the person knows it by
 */
export async function lookInto(text: string, fileName: string, now: Date): Promise<Previewed> {
  if (!/^\s*[{[]/.test(text)) {
    if (/bobbet settings card/i.test(text)) return asCard(text, fileName, now);
    const asked = askedByLink(text);
    if (asked && 'take' in asked) return asLink(asked.take, fileName, now);
  }
  const json = readJson(text);
  if (json.ok && (json.value as { format?: unknown } | null)?.format === CHANGES_FORMAT)
    return asChanges(text, fileName, now);
  return json.ok && thingOf(json.value) !== null
    ? { fileName, kind: 'thing', ...(await previewThing(text, now)) }
    : { fileName, kind: 'workroom', ...(await previewImport(text, now)) };
}

/** What a link holds: a card in plain lines, packed. */
async function asLink(packed: string, fileName: string, now: Date): Promise<Previewed> {
  const text = unpackText(packed);
  return text === null ? refused(fileName, TAKE_TEXT.theLink, TAKE_TEXT.linkBroken) : asCard(text, fileName, now);
}

const refused = (fileName: string, path: string, message: string): Previewed => ({
  fileName,
  kind: 'thing',
  read: { ok: false, error: { path, message } },
  plan: null,
  is: 'new',
});

async function asChanges(text: string, fileName: string, now: Date): Promise<Previewed> {
  const read = readChanges(text);
  if (!read.ok) return refused(fileName, read.error.path, read.error.message);
  const { exportedAt, changes } = read;
  return { fileName, kind: 'changes', exportedAt, preview: await previewChanges(changes, now) };
}

async function asCard(text: string, fileName: string, now: Date): Promise<Previewed> {
  const found = readCardText(text, now.toISOString());
  if (!found.ok) return refused(fileName, found.line === 'text' ? TAKE_TEXT.theText : found.line, found.expected);
  const file: ThingFile = { thing: 'card', exportedAt: now.toISOString(), item: found.card, with: [], names: [] };
  return { fileName, kind: 'thing', ...(await planThing(file, now)) };
}
