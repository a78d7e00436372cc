import { canonical, type Deleted, type Stamped } from '../../file';
import { type RecordChange, touchedFields } from '../../workroom';
import { idFromText } from '../code';
import { ALIVE } from './mergeRecord';
import { OLDEST } from './state';

/** What a change leaves behind: the stamps of a record that is there, or a note that it was deleted. */
export type Stamping = { kind: 'there'; stamp: Stamped } | { kind: 'deleted'; note: Deleted };

const sumOf = (record: object) => idFromText(canonical(record));

/**
 * Stamps one change of one record.
 *
 * What was deleted and is brought back just as it was has the stamps of then, and one that says it is there again: undoing
 * a deletion is no edit of every field, and must not win against what another device has done meanwhile.
 *
 * @param change - what was done
 * @param at - the moment of it
 * @param stampBefore - the stamp the record had
 * @param noteBefore - the note of its deletion, for one that comes back
 */
export function stampChange(
  change: RecordChange,
  at: string,
  stampBefore: Stamped | undefined,
  noteBefore: Deleted | undefined,
): Stamping {
  const { table: list, id } = change;
  const before = stampBefore ?? { list, id, at: OLDEST, fields: {} };
  if (change.kind === 'removed')
    return {
      kind: 'deleted',
      note: { list, id, at, was: { at: before.at, fields: before.fields, sum: sumOf(change.from) } },
    };
  if (change.kind === 'added') {
    const was = noteBefore?.was;
    const isBack = was !== undefined && was.sum === sumOf(change.to);
    return {
      kind: 'there',
      stamp: isBack ? { list, id, at: was.at, fields: { ...was.fields, [ALIVE]: at } } : { list, id, at, fields: {} },
    };
  }
  const fields = Object.fromEntries(touchedFields(change).map((field) => [field.slice(0, 200), at]));
  return { kind: 'there', stamp: { ...before, list, id, fields: { ...before.fields, ...fields } } };
}
