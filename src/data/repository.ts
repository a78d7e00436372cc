import type { Table } from 'dexie';
import type { z } from 'zod';
import { firstFieldError, parseCarrying } from '@/core/result';
import type { Row } from '@/core/workroom';
import { database } from './database';
import { edit, removeRow, writeRow, writeRows } from './edits';
import { StoreError } from './storeError';

/** Reads and writes one kind of thing, checked both ways. Every change is an edit that can be undone. */
export interface Repository<T, In = T> {
  all: () => Promise<T[]>;
  get: (id: string) => Promise<T | undefined>;
  /** Those that hold a value in an indexed field; nothing else is read. */
  where: (index: string, value: string) => Promise<T[]>;
  put: (record: In) => Promise<void>;
  /** Stores many, all of them or none. */
  putAll: (records: readonly In[]) => Promise<void>;
  /** Changes what is stored now, whatever the screen still shows; two quick changes never undo each other. */
  change: (id: string, edit: (now: T | undefined) => T | undefined) => Promise<void>;
  /** Deletes one with what cannot stand without it; gives back what was there. */
  remove: (id: string) => Promise<unknown>;
}

/**
 * A repository for one table.
 *
 * Reading never throws away what it cannot understand: such entries are left out of `all` and stay in the table;
 * `findDamage` lists them.
 *
 * @param noun - what is stored, for messages
 * @param table - its name
 * @param schema - its shape
 * @param keyOf - its key
 */
export function repository<T, In = T>(
  noun: string,
  table: string,
  schema: z.ZodType<T, In>,
  keyOf: (record: T) => string,
): Repository<T, In> {
  const store = () => database.table(table) as Table<unknown, string>;
  const check = (record: unknown) => parseCarrying<T>(schema, record);
  const checked = (record: unknown): T => {
    const parsed = check(record);
    if (parsed.success) return parsed.data;
    const { path, message } = firstFieldError(parsed.error, record);
    throw new StoreError(noun, path, message);
  };
  const readable = (raw: unknown): T[] => {
    const read = check(raw);
    return read.success ? [read.data] : [];
  };
  const put = async (record: unknown) => {
    const good = checked(record);
    await edit(null, () => writeRow(table, keyOf(good), good as Row));
  };
  return {
    all: () => inPages(store(), (raw) => check(raw).data),
    get: async (id) => check(await store().get(id)).data,
    where: async (index, value) => (await store().where(index).equals(value).toArray()).flatMap(readable),
    put,
    putAll: async (records) => {
      const rows = records.map(checked).map((record) => ({ id: keyOf(record), to: record as Row }));
      await edit(null, () => writeRows(table, rows));
    },
    change: async (id, change) => {
      await edit(null, async () => {
        const next = change(check(await store().get(id)).data);
        if (next !== undefined) await put(next);
      });
    },
    remove: async (id) => (await edit(null, () => removeRow(table, id))).value,
  };
}

/** Entries read and checked in one go; more than that, and the page gets a breath between them. */
const PAGE = 60;

/** Reads a table page by page, in the order of its keys. */
export async function inPages<T>(table: Table<unknown, string>, read: (raw: unknown) => T | undefined): Promise<T[]> {
  const out: T[] = [];
  const key = table.schema.primKey.keyPath as string;
  for (let page = table.toCollection(); ;) {
    const rows = await page.limit(PAGE).toArray();
    for (const raw of rows) {
      const value = read(raw);
      if (value !== undefined) out.push(value);
    }
    if (rows.length < PAGE) return out;
    page = table.where(key).above((rows[PAGE - 1] as Record<string, string>)[key]);
  }
}
