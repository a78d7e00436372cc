import { clamp } from '@/core/numbers';
import type { Table } from 'dexie';
import { idOf, type LinkedList, readRecord, type RecordInput, type Records } from '@/core/file';
import { recordName, type StoredRow } from '@/core/workroom';
import { database } from './database';
import { edit, removeRow, writeRow, writeRows } from './edits';
import { readOnce } from './readOnce';
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
 * A repository for one list.
 *
 * Reading never throws away what it cannot understand: such entries are left out of `all` and stay in the table;
 * `findDamage` lists them.
 *
 * @param list - its list, whose table has the same name
 */
export function repository<L extends LinkedList>(list: L): Repository<Records[L][number], RecordInput<L>> {
  type T = Records[L][number];
  const store = () => database.table(list) as Table<unknown, string>;
  const checked = (record: unknown): T => {
    const read = readRecord(list, record);
    if (read.ok) return read.record;
    throw new StoreError(recordName(list, null), read.path, read.problem);
  };
  const readable = (raw: unknown): T | undefined => {
    const read = readOnce(list, raw);
    return read.ok ? read.record : undefined;
  };
  const put = async (record: unknown) => {
    const good = checked(record);
    await edit(null, () => writeRow(list, idOf(list, good), asRow(good)));
  };
  return {
    all: () => inPages(store(), readable),
    get: async (id) => readable(await store().get(id)),
    where: async (index, value) =>
      (await store().where(index).equals(value).toArray()).flatMap((raw) => readable(raw) ?? []),
    put,
    putAll: async (records) => {
      const rows = records.map(checked).map((record) => ({ id: idOf(list, record), to: asRow(record) }));
      await edit(null, () => writeRows(list, rows));
    },
    change: async (id, change) => {
      await edit(null, async () => {
        const next = change(readable(await store().get(id)));
        if (next !== undefined) await put(next);
      });
    },
    remove: async (id) => (await edit(null, () => removeRow(list, id))).value,
  };
}

/** A record as the fields it consists of. */
const asRow = (record: object) => record as StoredRow;

/** Rows in the first page of a table: the first of their kind take longest. */
const FIRST = 10;
/** What reading the rows of one page should take, ms: then the page on screen gets a breath. */
const BREATH_MS = 8;
/** Rows in a page, however quickly they are read. */
const MOST = 400;

/**
 * Reads a table page by page, in the order of its keys.
 *
 * Pages are as long as can be read in one breath: a settings card takes many times as long as a line of a swatch.
 */
export async function inPages<T>(table: Table<unknown, string>, read: (raw: unknown) => T | undefined): Promise<T[]> {
  const out: T[] = [];
  const key = table.schema.primKey.keyPath as string;
  let size = FIRST;
  for (let page = table.toCollection(); ;) {
    const rows = await page.limit(size).toArray();
    const began = performance.now();
    for (const raw of rows) {
      const value = read(raw);
      if (value !== undefined) out.push(value);
    }
    if (rows.length < size) return out;
    page = table.where(key).above((rows[size - 1] as Record<string, string>)[key]);
    const took = Math.max(0.1, performance.now() - began);
    size = clamp(Math.round((size * BREATH_MS) / took), 1, MOST);
  }
}
