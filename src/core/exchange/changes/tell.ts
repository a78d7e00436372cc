import { linkedId, linksFrom } from '../../file';
import { type Changes, type DeviceState, type Entry, keyOf, newestOf } from './state';

/**
 * What a device tells another.
 *
 * @param state - what it has
 * @param device - which it is
 * @param since - only what was changed after this stamp; null for everything
 * @param upTo - the newest stamp it has given out or seen
 * @returns the records that were changed, with those they cannot stand without, and what was deleted
 */
export function changesSince(state: DeviceState, device: string, since: string | null, upTo: string | null): Changes {
  const isNew = (stamp: string) => since === null || stamp > since;
  const records = new Map<string, Entry>();
  const add = (key: string) => {
    const entry = state.records.get(key);
    if (!entry || records.has(key)) return;
    records.set(key, entry);
    for (const link of linksFrom(entry.list)) {
      const target = linkedId(entry.record, link);
      if (target !== null) add(keyOf({ list: link.to, id: target }));
    }
  };
  for (const key of state.records.keys()) if (isNew(newestOf(state.stamps.get(key)))) add(key);
  const stamps = new Map(
    [...records.keys()].flatMap((key) => {
      const stamp = state.stamps.get(key);
      return stamp ? [[key, stamp] as const] : [];
    }),
  );
  // What it was is for undoing here, and says nothing to another device.
  const deleted = new Map(
    [...state.deleted].flatMap(([key, { list, id, at }]) => (isNew(at) ? [[key, { list, id, at }] as const] : [])),
  );
  return { records, stamps, deleted, knows: state.knows, device, since, upTo };
}
