import type { Table } from 'dexie';
import type { z } from 'zod';
import { firstFieldError } from '@/core/result';

/** A stored thing that no longer has the shape it should: kept as it is, and told. */
export interface Unreadable {
  noun: string;
  id: string;
  problem: string;
}

/** Raised when something wrong is about to be stored; names the field. */
export class StoreError extends Error {
  constructor(
    readonly noun: string,
    readonly path: string,
    problem: string,
  ) {
    super(`${noun}: ${path}: ${problem}`);
    this.name = 'StoreError';
  }
}

/** Reads and writes one kind of thing, checked both ways. */
export interface Repository<T, In = T> {
  all: () => Promise<T[]>;
  get: (id: string) => Promise<T | undefined>;
  put: (record: In) => Promise<void>;
  /** Stores many, all of them or none. */
  putAll: (records: readonly In[]) => Promise<void>;
  /** Changes what is stored now, whatever the screen still shows; two quick changes never undo each other. */
  change: (id: string, edit: (now: T | undefined) => T | undefined) => Promise<void>;
  remove: (id: string) => Promise<T | undefined>;
  /** Takes one out; gives back how it is put in again, just as it was stored. */
  take: (id: string) => Promise<() => Promise<void>>;
  unreadable: () => Promise<Unreadable[]>;
}

/**
 * A repository for one table.
 *
 * Reading never throws away what it cannot understand: such entries are left out of `all`, stay in the table, and
 * are listed by `unreadable`.
 *
 * @param noun - what is stored, for messages
 * @param table - where
 * @param schema - its shape
 * @param keyOf - its key
 */
export function repository<T, In = T>(
  noun: string,
  table: () => Table<T, string>,
  schema: z.ZodType<T, In>,
  keyOf: (record: T) => string,
): Repository<T, In> {
  const check = (record: unknown) => schema.safeParse(record);
  const checked = (record: unknown): T => {
    const parsed = check(record);
    if (parsed.success) return parsed.data;
    const { path, message } = firstFieldError(parsed.error, record);
    throw new StoreError(noun, path, message);
  };
  const put = async (record: unknown) => {
    await table().put(checked(record));
  };
  const remove = async (id: string) => {
    const store = table();
    return store.db.transaction('rw', store, async () => {
      const before = await store.get(id);
      await store.delete(id);
      return before;
    });
  };
  return {
    all: () => inPages(table(), (raw) => check(raw).data),
    get: async (id) => check(await table().get(id)).data,
    put,
    putAll: async (records) => {
      const list = records.map(checked);
      const store = table();
      await store.db.transaction('rw', store, () => store.bulkPut(list));
    },
    change: async (id, edit) => {
      const store = table();
      await store.db.transaction('rw', store, async () => {
        const next = edit(check(await store.get(id)).data);
        if (next !== undefined) await put(next);
      });
    },
    remove,
    take: async (id) => {
      const before = await remove(id);
      return async () => void (before && (await table().put(before)));
    },
    unreadable: async () =>
      inPages(table(), (raw) => {
        const parsed = check(raw);
        if (parsed.success) return undefined;
        const { path, message } = firstFieldError(parsed.error, raw);
        return { noun, id: String(keyOf(raw as T) ?? '?'), problem: `${path}: ${message}` };
      }),
  };
}

/** Entries read and checked in one go; more than that, and the page gets a breath between them. */
const PAGE = 60;

/** Reads a table page by page, in the order of its keys. */
async function inPages<T>(table: Table<unknown, string>, read: (raw: unknown) => T | undefined): Promise<T[]> {
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
