import type { Noun } from './nouns';

/** Every list of a workroom whose records point at each other, or are pointed at. */
export type LinkedList = Noun | 'onMachine';

/** One field of one kind of record that holds the id of another record. */
export interface Link {
  from: LinkedList;
  field: string;
  to: Noun;
  /** What becomes of the record when the one it points at is gone: it cannot stand without it, or only the field is emptied. */
  ifGone: 'goes-too' | 'is-cleared';
  /** What an emptied field holds; undefined leaves the field out. */
  empty?: null;
  /** The target belongs to this record alone and is deleted with it. */
  owned?: true;
}

/**
 * Every link that has to hold in a stored workroom.
 *
 * Cards, operations sewn and projects keep the ids of a fabric or machine that is gone: they stand alone, with what they
 * need copied into them, and are not listed.
 */
export const LINKS: readonly Link[] = [
  { from: 'cloths', field: 'photoId', to: 'photos', ifGone: 'is-cleared', owned: true },
  { from: 'cards', field: 'photoId', to: 'photos', ifGone: 'is-cleared', owned: true },
  { from: 'care', field: 'machineId', to: 'machines', ifGone: 'goes-too' },
  { from: 'onMachine', field: 'machineId', to: 'machines', ifGone: 'goes-too' },
  { from: 'onMachine', field: 'needleId', to: 'needles', ifGone: 'is-cleared', empty: null },
  { from: 'swatches', field: 'clothId', to: 'cloths', ifGone: 'goes-too' },
  { from: 'swatches', field: 'machineId', to: 'machines', ifGone: 'goes-too' },
  { from: 'lines', field: 'swatchId', to: 'swatches', ifGone: 'goes-too' },
];

/** The links that go out from a list. */
export const linksFrom = (list: string): Link[] => LINKS.filter((link) => link.from === list);

/** The links that lead to a list. */
export const linksTo = (list: string): Link[] => LINKS.filter((link) => link.to === list);

/** The field that holds the id of a record of a list. */
export const idFieldOf = (list: string): string => (list === 'onMachine' ? 'machineId' : 'id');

/** The id of a record of a list, as it stands there. */
export const idOf = (list: string, record: object): string =>
  String((record as Record<string, unknown>)[idFieldOf(list)]);

/**
 * The id a record holds in a link.
 *
 * @returns the id; null when the link is empty
 */
export function linkedId(record: object, { field }: Pick<Link, 'field'>): string | null {
  const id = (record as Record<string, unknown>)[field];
  return typeof id === 'string' ? id : null;
}

/**
 * A record whose link has been emptied.
 *
 * @example
 * withoutLink({ id: 'on', needleId: 'n1' }, { field: 'needleId', empty: null }) // => { id: 'on', needleId: null }
 */
export function withoutLink<T extends object>(record: T, { field, empty }: Pick<Link, 'field' | 'empty'>): T {
  const next = { ...record } as Record<string, unknown>;
  if (empty === null) next[field] = null;
  else delete next[field];
  return next as T;
}
