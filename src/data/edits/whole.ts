import { recoverDrafts } from '../drafts';
import { keepSnapshot, readSnapshot, restoreRows } from '../snapshots';
import { addEntry, historyNow, type WholeChange } from './history';
import { CannotTakeBack } from './takeBack';

/** The snapshots that undoing and redoing of this session may come back to. */
function neededNow(): Set<number> {
  const { done, undone } = historyNow();
  const pairs = [...done, ...undone].flatMap(({ whole }) => (whole ? [whole.before, whole.after] : []));
  return new Set(pairs.filter((number) => number !== undefined));
}

/**
 * Puts another workroom in the place of this one, so that it can be undone.
 *
 * Everything is kept first, row by row as it is stored, readable or not; without room for that nothing is changed.
 *
 * @param text - what is done
 * @param work - replaces the workroom, all of it or nothing
 * @returns the entry under which it can be undone
 */
export async function wholeEdit(text: string, work: () => Promise<void>): Promise<number | null> {
  const before = await keepSnapshot('before', text, neededNow());
  await work();
  return addEntry({ text, changes: [], whole: { before } });
}

/**
 * Brings back the workroom from before or after a change of the whole.
 *
 * What is here now is kept first. If bringing back fails, everything stays as it is, the snapshot too.
 *
 * @returns the pair of snapshots with the one of now in it
 */
export async function restoreWhole(whole: WholeChange, way: 'undo' | 'redo'): Promise<WholeChange> {
  const wanted = way === 'undo' ? whole.before : whole.after;
  const rows = wanted === undefined ? null : await readSnapshot(wanted);
  if (!rows) throw new CannotTakeBack('The copy of the workroom needed for this is no longer kept.');
  const now = await keepSnapshot('before', way === 'undo' ? 'Undo' : 'Redo', neededNow());
  await restoreRows(rows);
  // What was being typed lies in the browser's text box too.
  await recoverDrafts();
  return way === 'undo' ? { ...whole, after: now } : { ...whole, before: now };
}
