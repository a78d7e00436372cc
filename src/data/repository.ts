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
export interface Repository<T> {
  all: () => Promise<T[]>;
  get: (id: string) => Promise<T | undefined>;
  put: (record: T) => Promise<void>;
  /** Changes what is stored now, whatever the screen still shows; two quick changes never undo each other. */
  change: (id: string, edit: (now: T | undefined) => T | undefined) => Promise<void>;
  remove: (id: string) => Promise<T | undefined>;
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
export function repository<T>(
  noun: string,
  table: () => Table<T, string>,
  schema: z.ZodType<T>,
  keyOf: (record: T) => string,
): Repository<T> {
  const check = (record: unknown) => schema.safeParse(record);
  const put = async (record: T) => {
    const parsed = check(record);
    if (!parsed.success) {
      const { path, message } = firstFieldError(parsed.error, record);
      throw new StoreError(noun, path, message);
    }
    await table().put(parsed.data);
  };
  return {
    all: async () => (await table().toArray()).flatMap((raw) => check(raw).data ?? []),
    get: async (id) => check(await table().get(id)).data,
    put,
    change: async (id, edit) => {
      const store = table();
      await store.db.transaction('rw', store, async () => {
        const next = edit(check(await store.get(id)).data);
        if (next !== undefined) await put(next);
      });
    },
    remove: async (id) => {
      const before = await table().get(id);
      await table().delete(id);
      return before;
    },
    unreadable: async () =>
      (await table().toArray()).flatMap((raw) => {
        const parsed = check(raw);
        if (parsed.success) return [];
        const { path, message } = firstFieldError(parsed.error, raw);
        return [{ noun, id: String(keyOf(raw) ?? '?'), problem: `${path}: ${message}` }];
      }),
  };
}
