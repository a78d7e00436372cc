import type { Deleted, Stamped } from '../../file';
import type { StoredRow } from '../../workroom';

/** The newest stamp seen of each device. */
export type Knows = Readonly<Record<string, string>>;

/** One record with where it belongs. */
export interface Entry {
  list: string;
  id: string;
  record: StoredRow;
}

/** What one device has, by list and id; a record is there or deleted, never both. */
export interface DeviceState {
  records: ReadonlyMap<string, Entry>;
  stamps: ReadonlyMap<string, Stamped>;
  deleted: ReadonlyMap<string, Deleted>;
  knows: Knows;
}

/** What one device tells another: all of it, or what has changed since a stamp. */
export interface Changes extends DeviceState {
  device: string;
  /** Changes after this one are in it; null: everything is. */
  since: string | null;
  /** The newest stamp of the device when it was made; null where it has none. */
  upTo: string | null;
}

export const keyOf = ({ list, id }: { list: string; id: string }): string => `${list} ${id}`;

/** Anything of a record, by its list and id. */
export const byKey = <T extends { list: string; id: string }>(all: readonly T[]): Map<string, T> =>
  new Map(all.map((one) => [keyOf(one), one]));

/** Stands for a moment before there were stamps. */
export const OLDEST = '1970-01-01T00:00:00.000Z-0000-0';

/** The device that gave a stamp. */
export const deviceOf = (stamp: string): string => stamp.slice(30);

/** The later of two stamps. */
export const later = (a: string, b: string): string => (a > b ? a : b);

/** The newest stamp of a record. */
export const newestOf = (stamped: Stamped | undefined): string =>
  stamped ? Object.values(stamped.fields).reduce(later, stamped.at) : OLDEST;

/** Whether a side that knows this has seen a stamp. What is older than stamps was everybody's. */
export const hasSeen = (knows: Knows, stamp: string): boolean =>
  stamp === OLDEST || (knows[deviceOf(stamp)] ?? '') >= stamp;

/** What two sides know together. */
export function knownToBoth(a: Knows, b: Knows): Knows {
  const all: Record<string, string> = { ...a };
  for (const [device, stamp] of Object.entries(b)) all[device] = later(all[device] ?? '', stamp);
  return all;
}

/** The newest stamp of each device among some, added to what is known. */
export function withStamps(knows: Knows, { stamps, deleted }: Pick<DeviceState, 'stamps' | 'deleted'>): Knows {
  const all: Record<string, string> = { ...knows };
  const see = (stamp: string) => {
    if (stamp !== OLDEST) all[deviceOf(stamp)] = later(all[deviceOf(stamp)] ?? '', stamp);
  };
  for (const { at, fields } of stamps.values()) [at, ...Object.values(fields)].forEach(see);
  for (const { at } of deleted.values()) see(at);
  return all;
}
