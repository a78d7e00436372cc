import {
  type Deleted,
  type LinkedList,
  linkedId,
  linksFrom,
  LISTS,
  readRecord,
  type Stamped,
  withoutLink,
} from '../../file';
import { ALIVE, type Clash, mergeRecord, type Version } from './mergeRecord';
import { type DeviceState, type Entry, hasSeen, keyOf, knownToBoth, later, newestOf, OLDEST } from './state';

/** Two devices brought together: what both then have, and every change that lost against one it did not know of. */
export interface Merged extends DeviceState {
  clashes: Clash[];
}

interface Result {
  records: Map<string, Entry>;
  stamps: Map<string, Stamped>;
  deleted: Map<string, Deleted>;
  clashes: Clash[];
}

/**
 * What two devices have together. Nothing is lost but what a later edit of the same field has overwritten; what was
 * deleted on one side and changed later on the other lives.
 *
 * The order makes no difference: `mergeChanges(a, b)` and `mergeChanges(b, a)` hold the same.
 *
 * @param a - one device
 * @param b - the other, or what it tells of itself
 */
export function mergeChanges(a: DeviceState, b: DeviceState): Merged {
  const result: Result = { records: new Map(), stamps: new Map(), deleted: new Map(), clashes: [] };
  const keys = new Set([...a.records.keys(), ...b.records.keys(), ...a.deleted.keys(), ...b.deleted.keys()]);
  for (const key of [...keys].sort()) bringTogether(key, a, b, result);
  keepWhatIsHungOn(a, b, result);
  clearLostLinks(result);
  return { ...result, knows: knownToBoth(a.knows, b.knows) };
}

const versionIn = (side: DeviceState, key: string): Version | null => {
  const entry = side.records.get(key);
  return entry ? { record: entry.record, stamp: side.stamps.get(key), knows: side.knows } : null;
};

function bringTogether(key: string, a: DeviceState, b: DeviceState, result: Result): void {
  const place = placeOf(key, a, b);
  const [va, vb] = [versionIn(a, key), versionIn(b, key)];
  const [da, db] = [a.deleted.get(key), b.deleted.get(key)];
  if (va && vb) return put(key, valid(place, va, vb), result);
  const version = va ?? vb;
  const gone = da && db ? (da.at > db.at ? da : db) : (da ?? db);
  if (!version) return void (gone && result.deleted.set(key, gone));
  const side = va ? a : b;
  const other = va ? b : a;
  const newest = newestOf(version.stamp);
  if (!gone || newest >= gone.at) {
    // The other side deleted it without knowing of what was done to it since: it lives, and that is said.
    if (gone && !hasSeen(side.knows, gone.at))
      result.clashes.push({ ...place, field: null, kept: version.record, lost: null });
    const stamp = version.stamp && { ...version.stamp };
    return put(key, { record: version.record, stamp, clashes: [] }, result);
  }
  if (newest !== OLDEST && !hasSeen(other.knows, newest))
    result.clashes.push({ ...place, field: null, kept: null, lost: version.record });
  // Brought back after this, it counts as new: what was deleted here is not all that there was of it.
  const isAll = gone.was !== undefined && !hasMore(version.stamp, gone.was);
  result.deleted.set(key, isAll ? gone : { ...place, at: gone.at });
}

/** Whether a record has been changed in any way that another state of it does not know of. */
function hasMore(stamp: Stamped | undefined, than: Pick<Stamped, 'at' | 'fields'>): boolean {
  if (!stamp) return false;
  return stamp.at > than.at || Object.entries(stamp.fields).some(([name, at]) => at > (than.fields[name] ?? than.at));
}

const placeOf = (key: string, a: DeviceState, b: DeviceState) => {
  const known = a.records.get(key) ?? b.records.get(key) ?? a.deleted.get(key) ?? b.deleted.get(key)!;
  return { list: known.list, id: known.id };
};

function put(
  key: string,
  { record, stamp, clashes }: { record: Entry['record']; stamp: Stamped | undefined; clashes: Clash[] },
  result: Result,
): void {
  const at = key.indexOf(' ');
  result.records.set(key, { list: key.slice(0, at), id: key.slice(at + 1), record });
  if (stamp) result.stamps.set(key, stamp);
  result.clashes.push(...clashes);
}

/** Fields from two sides may not go together: then the side that was changed last stays whole. */
function valid(place: Omit<Entry, 'record'>, a: Version, b: Version) {
  const merged = mergeRecord(place, a, b);
  const isLinked = (LISTS as readonly string[]).includes(place.list);
  if (!isLinked || readRecord(place.list as LinkedList, merged.record).ok) return merged;
  const [na, nb] = [newestOf(a.stamp), newestOf(b.stamp)];
  const first = na === nb ? JSON.stringify(a.record) > JSON.stringify(b.record) : na > nb;
  const [kept, lost] = first ? [a, b] : [b, a];
  return { ...merged, record: kept.record, clashes: [{ ...place, field: null, kept: kept.record, lost: lost.record }] };
}

/** Whatever is there keeps alive what it cannot stand without, even where that was deleted. */
function keepWhatIsHungOn(a: DeviceState, b: DeviceState, result: Result): void {
  for (let again = true; again;) {
    again = false;
    for (const [key, { list, id, record }] of [...result.records]) {
      for (const link of linksFrom(list).filter(({ ifGone }) => ifGone === 'goes-too')) {
        const target = linkedId(record, link);
        if (target === null) continue;
        const parent = keyOf({ list: link.to, id: target });
        if (result.records.has(parent)) continue;
        again = true;
        const side = [a, b].find(({ records }) => records.has(parent));
        if (!side) {
          // Nobody has it any more: neither can this be kept.
          result.records.delete(key);
          result.stamps.delete(key);
          result.clashes.push({ list, id, field: null, kept: null, lost: record });
          break;
        }
        revive(parent, side, later(newestOf(result.stamps.get(key)), result.deleted.get(parent)?.at ?? OLDEST), result);
      }
    }
  }
}

function revive(key: string, side: DeviceState, alive: string, result: Result): void {
  const entry = side.records.get(key)!;
  const before = side.stamps.get(key) ?? { list: entry.list, id: entry.id, at: OLDEST, fields: {} };
  result.records.set(key, entry);
  result.stamps.set(key, { ...before, fields: { ...before.fields, [ALIVE]: alive } });
  result.deleted.delete(key);
  // That it was deleted, and lives again, has been said of it if at all: now once.
  result.clashes = result.clashes.filter((clash) => keyOf(clash) !== key || clash.field !== null);
  result.clashes.push({ list: entry.list, id: entry.id, field: null, kept: entry.record, lost: null });
}

function clearLostLinks({ records }: Result): void {
  for (const [key, entry] of [...records])
    for (const link of linksFrom(entry.list).filter(({ ifGone }) => ifGone === 'is-cleared')) {
      const now = records.get(key)!;
      const target = linkedId(now.record, link);
      if (target !== null && !records.has(keyOf({ list: link.to, id: target })))
        records.set(key, { ...now, record: withoutLink(now.record, link) });
    }
}
