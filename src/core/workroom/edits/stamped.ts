import { type RecordChange, isSame, type StoredRow } from './recordChange';

/**
 * The fields that a change of a record touches; of a list whose entries have ids, the entries; of a part with fields of its
 * own, those fields.
 *
 * @param change - what was done
 * @returns names of fields, `field/id` for entries and `field.part` for parts; none for a record that was added or removed
 * @example
 * touchedFields({ kind: 'updated', table: 'cloths', id: 'a', change: [{ cloth: { a: 1, b: 1 } }, { cloth: { a: 2, b: 1 } }] }) // => ['cloth.a']
 * touchedFields({ kind: 'updated', table: 'cloths', id: 'a', change: [{ notes: '' }, { notes: 'x' }] }) // => ['notes']
 */
export function touchedFields(change: RecordChange): string[] {
  if (change.kind !== 'updated') return [];
  const [from, to] = change.change;
  const fields = [...new Set([...Object.keys(from), ...Object.keys(to)])];
  return fields.flatMap((field) => {
    if (isSame(from[field], to[field])) return [];
    if (isParts(from[field]) && isParts(to[field])) {
      const [was, is] = [from[field], to[field]];
      const parts = [...new Set([...Object.keys(was), ...Object.keys(is)])];
      return parts.filter((part) => !isSame(was[part], is[part])).map((part) => `${field}.${part}`);
    }
    const [was, is] = [byId(from[field]), byId(to[field])];
    if (!was || !is) return [field];
    const ids = [...new Set([...was.keys(), ...is.keys()])];
    const entries = ids.filter((id) => !isSame(was.get(id), is.get(id))).map((id) => `${field}/${id}`);
    // Only their order is another one.
    return entries.length > 0 ? entries : [field];
  });
}

/** Whether a value has fields of its own. */
export const isParts = (value: unknown): value is StoredRow =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The entries of a list by id; null for what is no list of entries with ids of their own. */
export function byId(value: unknown): Map<string, StoredRow> | null {
  if (!Array.isArray(value)) return null;
  const entries = new Map<string, StoredRow>();
  for (const entry of value as unknown[]) {
    const id = typeof entry === 'object' && entry !== null ? (entry as StoredRow).id : undefined;
    if (typeof id !== 'string' || entries.has(id)) return null;
    entries.set(id, entry as StoredRow);
  }
  return entries;
}
