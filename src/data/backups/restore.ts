import { canonical, idOf, type LinkedList, LISTS } from '@/core/file';
import { wholeEdit } from '../edits';
import { type RawRows, readRows, restoreRows } from '../snapshots';

/** What going back to a snapshot would do to one list. */
export interface RestorePlan {
  list: LinkedList;
  /** Deleted since, and back again. */
  back: number;
  changed: number;
  /** Added since, and gone again. */
  gone: number;
}

/**
 * What going back to a snapshot would change, without doing it.
 *
 * @param rows - what is in the snapshot
 * @returns the lists in which anything would change
 */
export async function planRestore(rows: RawRows): Promise<RestorePlan[]> {
  const now = await readRows();
  return LISTS.flatMap((list) => {
    const keyed = (all: RawRows[string] | undefined) =>
      new Map((all ?? []).map((row) => [idOf(list, row), canonical(row)]));
    const [here, then] = [keyed(now[list]), keyed(rows[list])];
    const back = [...then.keys()].filter((id) => !here.has(id)).length;
    const gone = [...here.keys()].filter((id) => !then.has(id)).length;
    const changed = [...then].filter(([id, row]) => here.has(id) && here.get(id) !== row).length;
    return back + gone + changed > 0 ? [{ list, back, changed, gone }] : [];
  });
}

/**
 * Goes back to a snapshot; it can be undone.
 *
 * @param rows - what is in it
 * @param text - what is done, for the list of what was done
 * @returns the entry under which it can be undone
 */
export const goBackTo = (rows: RawRows, text: string): Promise<number | null> =>
  wholeEdit(text, () => restoreRows(rows));
