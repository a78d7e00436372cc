import {
  idFieldOf,
  idOf,
  type Link,
  type LinkedList,
  linkedId,
  linksFrom,
  linksTo,
  LISTS,
  migrateRecord,
  plainValue,
  readRecord,
  withoutLink,
} from '@/core/file';
import { mended, placeholders, recordName, type StoredRow } from '@/core/workroom';
import { database } from '../database';
import { edit, readRow, rowsPointing, writeRow } from '../edits';
import { addSetAside, listSetAside, type StoredSetAside } from '../setAside';
import type { Damage } from './state';

/** What a repair came to: done, with what the person should know, or not, and why. */
export type Repaired = { ok: true; entry: number | null; told: string } | { ok: false; why: string };

/**
 * Repairs one record: what is wrong in it is left out, or what it hangs on is put there again under a name of its own.
 *
 * What was left out is kept whole among what is set aside. It can be undone, except that a stand-in stays for as long as
 * something hangs on it.
 *
 * @param wrong - from `findDamage`
 * @param at - now, ISO text
 */
export async function repair(wrong: Damage, at: string): Promise<Repaired> {
  const { table, id } = wrong;
  const raw = await readRow(table, id);
  if (raw === undefined) return { ok: false, why: 'It is no longer here.' };
  if (wrong.kind === 'unreadable') return repairShape(wrong, raw);
  const { value, entry } = await edit(`Repaired: ${wrong.name}`, async () => {
    let row = raw;
    const made: string[] = [];
    for (const link of linksFrom(table)) {
      const target = linkedId(row, link);
      if (target === null || (await readable(link.to, target))) continue;
      if (link.ifGone === 'is-cleared') row = withoutLink(row, link);
      else made.push(...(await putThere(link.to, target, at)));
    }
    if (row !== raw) await writeRow(table, id, row);
    return made;
  });
  const told = value.length > 0 ? `Added so that it can be used: ${value.join(', ')}. Enter what you remember.` : '';
  return { ok: true, entry, told };
}

async function repairShape(wrong: Damage, raw: StoredRow): Promise<Repaired> {
  const { table, id, name, path, problem } = wrong;
  const mend = mended(table, raw);
  if (!mend.ok || mend.record[idFieldOf(table)] !== id) {
    return { ok: false, why: 'Too much of it is damaged. Set it aside: it is kept unchanged.' };
  }
  const { entry } = await edit(`Repaired: ${name}`, async () => {
    await addSetAside([{ list: table, id, path, problem, cleared: true, record: plainValue(raw) }]);
    await writeRow(table, id, mend.record);
  });
  return { ok: true, entry, told: `Left out: ${mend.dropped.join(', ')}.` };
}

async function readable(table: string, id: string): Promise<boolean> {
  const row = await readRow(table, id);
  return row !== undefined && readRecord(table as LinkedList, row).ok;
}

/** Puts a record there again that others point at; one that is there but damaged is left for its own repair. */
async function putThere(table: string, id: string, at: string): Promise<string[]> {
  if ((await readRow(table, id)) !== undefined) return [];
  const machine = await database.machines.toCollection().first();
  const made = placeholders(table, id, at, machine?.id ?? null);
  for (const one of made) await writeRow(one.table, one.id, one.row);
  return made.map((one) => recordName(one.table, one.row));
}

/**
 * Sets one record aside whole, with everything that cannot stand without it; it can be undone.
 *
 * @param wrong - from `findDamage`
 */
export async function putAside({ table, id, name, path, problem }: Damage): Promise<number | null> {
  const { entry } = await edit(`Set aside: ${name}`, () => aside(table, id, path, problem));
  return entry;
}

async function aside(table: LinkedList, id: string, path: string, problem: string): Promise<void> {
  const record = await readRow(table, id);
  if (record === undefined) return;
  await addSetAside([{ list: table, id: String(id), path, problem, cleared: false, record: plainValue(record) }]);
  await writeRow(table, id, undefined);
  for (const link of linksTo(table)) {
    for (const child of await rowsPointing(link, id)) {
      const why = `its ${recordName(table, null)} was set aside`;
      if (link.ifGone === 'goes-too') await aside(link.from, child.id, link.field, why);
      else await writeRow(link.from, child.id, withoutLink(child.row, link));
    }
  }
}

/**
 * Puts something that was set aside back where it belongs, repaired if need be.
 *
 * @param key - its key among what is set aside
 */
export async function putBack(key: string): Promise<Repaired> {
  const entry = (await listSetAside()).find((one) => one.key === key);
  if (!entry) return { ok: false, why: 'It is no longer here.' };
  const list = LISTS.find((one) => one === entry.list);
  if (!list) return { ok: false, why: 'It does not belong to a list, so it can only be saved as a file.' };
  const mend = mended(list, migrateRecord(list, entry.record));
  if (!mend.ok) return { ok: false, why: `It still cannot be read: ${entry.path}: ${entry.problem}.` };
  return placed(entry, list, mend.record, mend.dropped);
}

async function placed(
  entry: StoredSetAside,
  list: LinkedList,
  record: StoredRow,
  dropped: string[],
): Promise<Repaired> {
  const id = idOf(list, record);
  const there = await readRow(list, id);
  if (there !== undefined) return entry.cleared ? relinked(entry, list, record, there) : taken(list, there);
  let row = record;
  for (const link of linksFrom(list)) {
    const target = linkedId(row, link);
    if (target === null || (await readable(link.to, target))) continue;
    if (link.ifGone === 'goes-too') return notHere(link);
    row = withoutLink(row, link);
  }
  return { ...(await back(entry, list, row)), told: dropped.length > 0 ? `Left out: ${dropped.join(', ')}.` : '' };
}

/** The record is in use, perhaps written on since: only the links it had lost are put back into it. */
async function relinked(
  entry: StoredSetAside,
  list: LinkedList,
  record: StoredRow,
  there: StoredRow,
): Promise<Repaired> {
  const lost = linksFrom(list).filter((link) => linkedId(record, link) !== null && linkedId(there, link) === null);
  if (lost.length === 0)
    return { ok: false, why: 'The record is in use without it. Save this as a file, or delete it.' };
  for (const link of lost) if (!(await readable(link.to, linkedId(record, link)!))) return notHere(link);
  const links = Object.fromEntries(lost.map(({ field }) => [field, record[field]]));
  return { ...(await back(entry, list, { ...there, ...links })), told: '' };
}

async function back(
  entry: StoredSetAside,
  list: LinkedList,
  row: StoredRow,
): Promise<{ ok: true; entry: number | null }> {
  const done = await edit(`Put back: ${recordName(list, row)}`, async () => {
    await writeRow(list, idOf(list, row), row);
    await writeRow('setAside', entry.key, undefined);
  });
  return { ok: true, entry: done.entry };
}

const taken = (list: LinkedList, there: StoredRow): Repaired => ({
  ok: false,
  why: `There is another ${recordName(list, there)} with the same key.`,
});
const notHere = ({ to }: Link): Repaired => ({
  ok: false,
  why: `Its ${recordName(to, null)} is not here. Put that back first.`,
});

/** Deletes something that was set aside; it can be undone. */
export const deleteSetAside = async (key: string): Promise<number | null> =>
  (await edit('Damaged record deleted', () => writeRow('setAside', key, undefined))).entry;
