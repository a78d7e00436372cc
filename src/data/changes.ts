import {
  type Changes,
  changesSince,
  changesText,
  type Clash,
  type DeviceState,
  KIT,
  keyOf,
  mergeChanges,
  type Merged,
  withStamps,
} from '@/core/exchange';
import { canonical, idOf, type LinkedList, LISTS } from '@/core/file';
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
  const records = new Map(
    LISTS.flatMap((list) =>
      (all[list] as readonly object[]).map((record) => {
        const place = { list: list as string, id: idOf(list, record) };
        return [keyOf(place), { ...place, record: record as StoredRow }] as const;
      }),
    ),
  );
  const kit = { list: KIT, id: KIT };
  records.set(keyOf(kit), { ...kit, record: { ...all.kit, id: KIT } });
  const byKey = <T extends { list: string; id: string }>(some: readonly T[]) =>
    new Map(some.map((one) => [keyOf(one), one]));
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
  { kind: 'ready'; changes: Changes; plan: ChangePlan; clashes: Clash[] } | { kind: 'gap' } | { kind: 'own' };

/** What taking in a device's changes would do. Changes nothing. */
export async function previewChanges(changes: Changes, now: Date): Promise<ChangesPreview> {
  if (changes.device === deviceId()) return { kind: 'own' };
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

function planOf(before: DeviceState, { records }: DeviceState): ChangePlan {
  const count = (list: string) => {
    const now = [...records.values()].filter((one) => one.list === list);
    const was = [...before.records.values()].filter((one) => one.list === list);
    const added = now.filter((one) => !before.records.has(keyOf(one))).length;
    const changed = now.filter(({ record, ...place }) => {
      const old = before.records.get(keyOf(place));
      return old && canonical(old.record) !== canonical(record);
    }).length;
    return { list, added, changed, removed: was.filter((one) => !records.has(keyOf(one))).length };
  };
  return [...LISTS, KIT].map(count).filter(({ added, changed, removed }) => added + changed + removed > 0);
}

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

async function writeMerged(before: DeviceState, { records }: DeviceState): Promise<void> {
  for (const list of [...LISTS, KIT]) {
    const rows = [...records.values()].filter((one) => one.list === list);
    const fresh = rows.filter(({ record, ...place }) => {
      const old = before.records.get(keyOf(place));
      return !old || canonical(old.record) !== canonical(record);
    });
    const gone = [...before.records.values()].filter((one) => one.list === list && !records.has(keyOf(one)));
    if (fresh.length > 0) await database.table(list).bulkPut(fresh.map(({ record }) => record));
    if (gone.length > 0) await database.table(list).bulkDelete(gone.map(({ id }) => id));
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

/** Puts what lost a clash in the place of what stayed, and takes the clash off the list; it can be undone. */
export async function useOther(clash: Clash, text: string): Promise<void> {
  await edit(text, async () => {
    const { list, id, field, lost } = clash;
    const now = (await readRow(list as LinkedList, id)) as StoredRow | undefined;
    if (field === null) await writeRow(list, id, lost as StoredRow);
    else if (now) await writeRow(list, id, withField(now, field, lost));
    await closeClash(clash);
  });
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
