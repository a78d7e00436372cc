import {
  byKey,
  type Changes,
  changesSince,
  changesText,
  type Clash,
  type DeviceState,
  type Entry,
  KIT,
  keyOf,
  mergeChanges,
  type Merged,
  withStamps,
} from '@/core/exchange';
import { canonical, idOf, type LinkedList, linkedId, linksFrom, LISTS, readRecord } from '@/core/file';
import { recordName, type StoredRow } from '@/core/workroom';
import { database } from './database';
import { deviceId, lastStamp, sawStamp } from './device';
import { edit, readRow, replaceStamps, wholeEdit, writeRow } from './edits';
import { readPreference, writePreference } from './preferences';
import { readAll } from './workroomFile';

/** Clashes that are kept to be read; more than anybody reads are listed before the files come together. */
const MOST_CLASHES = 500;

/** What this device has, as it tells another. What is damaged stays here. */
async function stateNow(now: Date): Promise<DeviceState> {
  const all = await readAll(now);
  const records = byKey(
    LISTS.flatMap((list) =>
      (all[list] as readonly object[]).map((record) => ({
        list: list as string,
        id: idOf(list, record),
        record: record as StoredRow,
      })),
    ),
  );
  const kit = { list: KIT, id: KIT };
  records.set(keyOf(kit), { ...kit, record: { ...all.kit, id: KIT } });
  const state = { records, stamps: byKey(all.stamps), deleted: byKey(all.deleted) };
  return { ...state, knows: withStamps(await readPreference('knows'), state) };
}

/**
 * What has changed here since the last such file, as the text of one.
 *
 * @param everything - all of the workroom instead, for a device that has none of it
 */
export async function exportChanges(now: Date, everything: boolean): Promise<string> {
  const upTo = lastStamp();
  const since = everything ? null : await readPreference('told');
  const changes = changesSince(await stateNow(now), deviceId(), since, upTo);
  await writePreference('told', upTo);
  return changesText(changes, now.toISOString());
}

/** How many records of each list would come, change or go. */
export type ChangePlan = { list: string; added: number; changed: number; removed: number }[];

/** What taking in a device's changes would do; or that files between are missing. */
export type ChangesPreview =
  | { kind: 'ready'; changes: Changes; plan: ChangePlan; clashes: Clash[] }
  /** Files between are missing; it is this device's own; its clock is far ahead. */
  | { kind: 'gap' | 'own' | 'ahead' };

/** Later changes are stamped behind the newest one seen, so one from far ahead would carry this device's clock along, ms. */
const FAR_AHEAD = 366 * 24 * 3_600_000;

/** What taking in a device's changes would do. Changes nothing. */
export async function previewChanges(changes: Changes, now: Date): Promise<ChangesPreview> {
  if (changes.device === deviceId()) return { kind: 'own' };
  const newest = [changes.upTo ?? '', ...Object.values(withStamps(changes.knows, changes))].reduce((a, b) =>
    a > b ? a : b,
  );
  if (newest > new Date(now.getTime() + FAR_AHEAD).toISOString()) return { kind: 'ahead' };
  const heard = (await readPreference('heard'))[changes.device] ?? '';
  if (changes.since !== null && heard < changes.since) return { kind: 'gap' };
  const state = await stateNow(now);
  const merged = mergeChanges(state, changes);
  return { kind: 'ready', changes, plan: planOf(state, merged), clashes: named(merged) };
}

/** Clashes with what each is about, as a person calls it. */
const named = ({ clashes, records }: Merged): Clash[] =>
  clashes.map((clash) => ({
    ...clash,
    name: recordName(clash.list, records.get(keyOf(clash))?.record ?? clash.kept ?? clash.lost).slice(0, 300),
  }));

/** What bringing together does to the records of one list. */
function differences(list: string, before: DeviceState, after: DeviceState) {
  const now = [...after.records.values()].filter((one) => one.list === list);
  const was = (one: Entry) => before.records.get(keyOf(one));
  return {
    added: now.filter((one) => !was(one)),
    changed: now.filter((one) => was(one) && canonical(was(one)!.record) !== canonical(one.record)),
    removed: [...before.records.values()].filter((one) => one.list === list && !after.records.has(keyOf(one))),
  };
}

const planOf = (before: DeviceState, after: DeviceState): ChangePlan =>
  [...LISTS, KIT].flatMap((list) => {
    const { added, changed, removed } = differences(list, before, after);
    const counts = { list, added: added.length, changed: changed.length, removed: removed.length };
    return counts.added + counts.changed + counts.removed > 0 ? [counts] : [];
  });

/**
 * Brings this device and another together, all of it or nothing; it can be undone as a whole.
 *
 * @returns the entry under which it can be undone
 */
export async function takeChanges(changes: Changes, text: string, now: Date): Promise<number | null> {
  return wholeEdit(text, async () => {
    await database.transaction('rw', database.tables, async () => {
      const state = await stateNow(now);
      const merged = mergeChanges(state, changes);
      await writeMerged(state, merged);
      await replaceStamps({ stamps: [...merged.stamps.values()], deleted: [...merged.deleted.values()] });
      await noteHeard(changes, merged);
    });
    if (changes.upTo) sawStamp(changes.upTo);
  });
}

async function writeMerged(before: DeviceState, after: DeviceState): Promise<void> {
  for (const list of [...LISTS, KIT]) {
    const { added, changed, removed } = differences(list, before, after);
    const fresh = [...added, ...changed].map(({ record }) => record);
    if (fresh.length > 0) await database.table(list).bulkPut(fresh);
    if (removed.length > 0) await database.table(list).bulkDelete(removed.map(({ id }) => id));
  }
}

async function noteHeard({ device, upTo, since }: Changes, merged: Merged): Promise<void> {
  const put = (key: string, value: unknown) => database.preferences.put({ key, value });
  const heard = { ...(await readPreference('heard')), ...(upTo && { [device]: upTo }) };
  await put('heard', heard);
  await put('knows', merged.knows);
  const open = await readPreference('clashes');
  await put('clashes', [...named(merged), ...open].slice(0, MOST_CLASHES));
  // With a third device, what came from the second has to go on to it: the next file begins where this one did.
  const told = await readPreference('told');
  if (Object.keys(heard).length > 1 && told !== null && (since === null || since < told)) await put('told', since);
}

/**
 * Puts what lost a clash in the place of what stayed, and takes the clash off the list; it can be undone.
 *
 * @returns false where it cannot be: what it belongs to is gone, or it does not go with what is there now
 */
export async function useOther(clash: Clash, text: string): Promise<boolean> {
  const { list, id, field, lost } = clash;
  const now = await readRow(list, id);
  const next = field === null ? (lost as StoredRow) : now && withField(now, field, lost);
  if (!next || (list !== KIT && !readRecord(list as LinkedList, next).ok)) return false;
  const there = await Promise.all(
    linksFrom(list).map(async (link) => {
      const target = linkedId(next, link);
      return target === null || (await readRow(link.to, target)) !== undefined;
    }),
  );
  if (there.includes(false)) return false;
  await edit(text, async () => {
    await writeRow(list, id, next);
    await closeClash(clash);
  });
  return true;
}

/** Takes a clash off the list: what stayed is right. */
export async function closeClash(clash: Clash): Promise<void> {
  const rest = (await readPreference('clashes')).filter((one) => canonical(one) !== canonical(clash));
  await writePreference('clashes', rest);
}

/** A record with another value in a field, an entry of a list (`field/id`) or a part (`field.part`); undefined takes it out. */
function withField(record: StoredRow, field: string, value: unknown): StoredRow {
  const [, name, kind, inner] = /^([^/.]*)([/.]?)(.*)$/s.exec(field)!;
  if (kind === '') return withPart(record, name, value);
  if (kind === '.') return { ...record, [name]: withPart((record[name] ?? {}) as StoredRow, inner, value) };
  const entries = (Array.isArray(record[name]) ? record[name] : []) as StoredRow[];
  const others = entries.filter(({ id }) => id !== inner);
  return { ...record, [name]: value === undefined ? others : [...others, value as StoredRow] };
}

function withPart(record: StoredRow, name: string, value: unknown): StoredRow {
  const next = { ...record };
  if (value === undefined) delete next[name];
  else next[name] = value;
  return next;
}
