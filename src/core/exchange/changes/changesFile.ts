import * as z from 'zod';
import {
  deletedSchema,
  kitRecordSchema,
  type LinkedList,
  LISTS,
  readJson,
  readRecord,
  stampedSchema,
  stampSchema,
} from '../../file';
import { type FieldError, firstFieldError, idSchema, momentSchema } from '../../result';
import type { StoredRow } from '../../workroom';
import { byKey, type Changes, keyOf } from './state';

/** Name and version written into a file of changes. */
export const CHANGES_FORMAT = 'bobbet-changes';
const VERSION = 1;
/** The one record that is in no list: what is owned. */
export const KIT = 'kit';

const deviceSchema = z.string().regex(/^[0-9a-z]{1,16}$/, 'expected a device');
const fileSchema = z.strictObject({
  format: z.literal(CHANGES_FORMAT),
  version: z.literal(VERSION, { error: `expected version ${VERSION}` }),
  exportedAt: momentSchema,
  device: deviceSchema,
  since: stampSchema.nullable(),
  upTo: stampSchema.nullable(),
  knows: z.record(deviceSchema, stampSchema),
  records: z.array(z.strictObject({ list: z.enum([KIT, ...LISTS]), id: idSchema, record: z.unknown() })).max(200_000),
  stamps: z.array(stampedSchema).max(200_000),
  deleted: z.array(deletedSchema).max(200_000),
});

/** Changes as the text of a file. */
export function changesText({ records, stamps, deleted, ...rest }: Changes, at: string): string {
  const file = {
    format: CHANGES_FORMAT,
    version: VERSION,
    exportedAt: at,
    ...rest,
    records: [...records.values()],
    stamps: [...stamps.values()],
    deleted: [...deleted.values()],
  };
  return `${JSON.stringify(file)}\n`;
}

/** A file of changes that was read, or the first thing wrong with it. */
export type ReadChanges = { ok: true; changes: Changes; exportedAt: string } | { ok: false; error: FieldError };

/**
 * Reads a file of changes; all of it has to be right, for half of a device's changes would be worse than none.
 *
 * @returns the changes, or the path of the first wrong field and what was expected there; never throws
 */
export function readChanges(text: string): ReadChanges {
  const json = readJson(text);
  if (!json.ok) return json;
  const parsed = fileSchema.safeParse(json.value);
  if (!parsed.success) return { ok: false, error: firstFieldError(parsed.error, json.value) };
  const { records: raw, stamps, deleted, exportedAt, device, since, upTo, knows } = parsed.data;
  const records: Changes['records'] & Map<string, { list: string; id: string; record: StoredRow }> = new Map();
  for (const [i, { list, id, record }] of raw.entries()) {
    const read = list === KIT ? readKit(record) : readRecord(list as LinkedList, record);
    if (!read.ok) return { ok: false, error: { path: `records[${i}].record.${read.path}`, message: read.problem } };
    records.set(keyOf({ list, id }), { list, id, record: read.record as StoredRow });
  }
  const changes = { records, stamps: byKey(stamps), deleted: byKey(deleted), knows, device, since, upTo };
  return { ok: true, changes, exportedAt };
}

function readKit(record: unknown): { ok: true; record: unknown } | { ok: false; path: string; problem: string } {
  const rest = { ...(record as Record<string, unknown> | null) };
  delete rest.id;
  const parsed = kitRecordSchema.safeParse(rest);
  if (parsed.success) return { ok: true, record: { ...parsed.data, id: KIT } };
  const { path, message } = firstFieldError(parsed.error, rest);
  return { ok: false, path, problem: message };
}
