import { type RecordChange, isSame, type StoredRow } from './recordChange';

/**
 * The fields that a change of a record touches; of a list whose entries have ids, the entries.
 *
 * @param change - what was done
 * @returns names of fields, and `field/id` for entries; none for a record that was added or removed
 * @example
 * touchedFields({ kind: 'updated', table: 'cloths', id: 'a', change: [{ notes: '' }, { notes: 'x' }] }) // => ['notes']
 */
export function touchedFields(change: RecordChange): string[] {
  if (change.kind !== 'updated') return [];
  const [from, to] = change.change;
  const fields = [...new Set([...Object.keys(from), ...Object.keys(to)])];
  return fields.flatMap((field) => {
    if (isSame(from[field], to[field])) return [];
    const [was, is] = [byId(from[field]), byId(to[field])];
    if (!was || !is) return [field];
    const ids = [...new Set([...was.keys(), ...is.keys()])];
    const entries = ids.filter((id) => !isSame(was.get(id), is.get(id))).map((id) => `${field}/${id}`);
    // Only their order is another one.
    return entries.length > 0 ? entries : [field];
  });
}

/** The entries of a list by id; null for what is no list of entries with ids of their own. */
function byId(value: unknown): Map<string, StoredRow> | null {
  if (!Array.isArray(value)) return null;
  const entries = new Map<string, StoredRow>();
  for (const entry of value as unknown[]) {
    const id = typeof entry === 'object' && entry !== null ? (entry as StoredRow).id : undefined;
    if (typeof id !== 'string' || entries.has(id)) return null;
    entries.set(id, entry as StoredRow);
  }
  return entries;
}
