import Dexie, { type Transaction } from 'dexie';
import { idFieldOf, linkedId, linksFrom, LISTS, type Stamped } from '@/core/file';
import { after, before, type RecordChange, changeOf, recordName, type StoredRow } from '@/core/workroom';
import { database } from '../database';
import { StoreError } from '../storeError';
import { STAMP_TABLES, stampChanges } from './stamps';

/** The tables whose changes can be undone; what is being typed has its own place. */
export const EDITED_TABLES: readonly string[] = [...LISTS, 'kit', 'preferences', 'setAside'];

/** The field that is the key of a table. */
export const keyField = (table: string): string =>
  table === 'preferences' || table === 'setAside' ? 'key' : idFieldOf(table);

/** What one write does to a record. */
interface Noted {
  from?: StoredRow;
  to?: StoredRow;
  stamp?: Stamped;
}

/** Gathers what one transaction does to each record: what it was first, and what it is last. */
export class Recorder {
  private readonly seen = new Map<string, { table: string; id: string } & Noted>();

  /** Notes that a record has gone from one state to another, and the stamp it had. */
  note(table: string, id: string, noted: Noted): void {
    const key = JSON.stringify([table, id]);
    const first = this.seen.get(key);
    this.seen.set(key, { table, id, ...(first ?? noted), to: noted.to });
  }

  /** The stamp a record had before anything was done to it. */
  stampBefore = (table: string, id: string): Stamped | undefined => this.seen.get(JSON.stringify([table, id]))?.stamp;

  /** What was done in all, record by record; what came back to what it was is left out. */
  changes(): RecordChange[] {
    return [...this.seen.values()].flatMap(({ table, id, from, to }) => changeOf(table, id, from, to) ?? []);
  }
}

const recorders = new WeakMap<object, Recorder>();

/** The recorder of the transaction that is running, or of one it runs in. */
export function recorderNow(): Recorder | null {
  for (let at: Transaction | undefined = Dexie.currentTransaction; at; at = at.parent) {
    const recorder = recorders.get(at);
    if (recorder) return recorder;
  }
  return null;
}

/**
 * Runs some work in one transaction and records what it changes.
 *
 * @param work - reads and writes the database, and waits for nothing else
 * @returns what the work gives back, and what it changed; an error leaves everything as it was
 */
export async function recorded<T>(work: () => Promise<T>): Promise<{ value: T; changes: RecordChange[] }> {
  const recorder = new Recorder();
  const value = await database.transaction('rw', [...EDITED_TABLES, ...STAMP_TABLES], async (transaction) => {
    recorders.set(transaction, recorder);
    const result = await work();
    const changes = recorder.changes();
    await Promise.all([checkLinks(changes), stampChanges(changes, recorder.stampBefore)]);
    return result;
  });
  return { value, changes: recorder.changes() };
}

/**
 * Refuses what would be stored without what it cannot stand without: a line of a swatch that was deleted meanwhile, say.
 *
 * @throws StoreError naming the link that would lead nowhere
 */
async function checkLinks(changes: readonly RecordChange[]): Promise<void> {
  const set = changes.flatMap((change) => {
    const [from, to] = [before(change), after(change)];
    if (!to) return [];
    return linksFrom(change.table).flatMap((link) => {
      const target = linkedId(to, link);
      // A link that led nowhere before the edit is not this edit's doing.
      if (target === null || (from && linkedId(from, link) === target)) return [];
      return [{ change, to, link, target }];
    });
  });
  for (const list of new Set(set.map(({ link }) => link.to))) {
    const asked = set.filter(({ link }) => link.to === list);
    const ids = [...new Set(asked.map(({ target }) => target))];
    const there = new Set<unknown>(await database.table(list).where(':id').anyOf(ids).primaryKeys());
    const lost = asked.find(({ target }) => !there.has(target));
    if (!lost) continue;
    throw new StoreError(
      recordName(lost.change.table, lost.to),
      lost.link.field,
      `its ${recordName(list, null)} is missing`,
    );
  }
}

/** Whether an edit is running. */
export const inEdit = (): boolean => recorderNow() !== null;
