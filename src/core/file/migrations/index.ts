import { amounts } from './amounts';
import { clothIds } from './clothIds';
import { entryIds } from './entryIds';
import { jobWith } from './jobWith';
import { isObject, type Loose } from './loose';
import { fileOfVersion2 } from './version2';

export { clothOfVersion2, type KitOfVersion2, kitOfVersion2 } from './version2';

/** One change of shape: of a workroom, in a file and in the database alike, or of the file of one thing. */
export interface Migration {
  /** Its name; never renamed, and what it does is never changed once it has been released. */
  id: string;
  /** What it is a change of. */
  of: 'workroom' | 'job';
  /** The version of the file that it belongs to. */
  to: number;
  /** Brings it up; lists of records that are up already stay as they are. */
  run: (file: Loose) => Loose;
}

/** Every change there ever was, oldest first. */
export const MIGRATIONS: readonly Migration[] = [
  { id: 'workroom/2-gauges-and-tin', of: 'workroom', to: 2, run: fileOfVersion2 },
  { id: 'workroom/3-cloth-ids', of: 'workroom', to: 3, run: clothIds },
  { id: 'workroom/3-entry-ids', of: 'workroom', to: 3, run: entryIds },
  { id: 'workroom/3-amounts', of: 'workroom', to: 3, run: amounts },
  { id: 'job/3-with', of: 'job', to: 3, run: jobWith },
];

const NEWEST = Math.max(...MIGRATIONS.map(({ to }) => to));

/** Lists of records of an older version as the newest one keeps them. */
export const migrateLists = (lists: Loose, from: number): Loose => brought('workroom', lists, from);

const brought = (what: Migration['of'], from: Loose, version: number): Loose =>
  MIGRATIONS.filter(({ of, to }) => of === what && to > version).reduce((now, { run }) => run(now), from);

/**
 * A workroom file of an older version as the newest one.
 *
 * @param input - the file's JSON, unchecked
 * @returns the same for what is not an older file; the check that follows says what is wrong with it
 */
export function migrateWorkroom(input: unknown): unknown {
  if (!isObject(input) || typeof input.version !== 'number') return input;
  const { version } = input;
  if (!Number.isInteger(version) || version < 1 || version >= NEWEST) return input;
  return { ...migrateLists(input, version), version: NEWEST };
}

/**
 * A file of one thing of an older version as the newest one; only projects had any before this version.
 *
 * @param thing - what the file is of
 * @param input - the file's JSON, unchecked
 * @returns the very same for what is not an older file
 */
export function migrateThing(thing: string, input: unknown): unknown {
  if (thing !== 'job' || !isObject(input) || input.version !== 1) return input;
  return { ...brought('job', input, 1), version: NEWEST };
}

/** A card as the newest version keeps it, whatever version it was written by. */
export const migrateCard = (card: unknown): unknown => migrateRecord('cards', card);

/**
 * One record as the newest version keeps it, whatever version it was written by.
 *
 * Names in it that only other records could resolve stay unresolved.
 *
 * @param list - which list it is of
 * @param record - the record, unchecked
 */
export function migrateRecord(list: string, record: unknown): unknown {
  const { [list]: brought } = migrateLists({ [list]: [record] }, 2);
  return (brought as unknown[])[0];
}
