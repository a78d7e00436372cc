/** JSON of which nothing is known yet. */
export type Loose = Record<string, unknown>;

/** Whether a value has fields that can be looked at. */
export const isObject = (value: unknown): value is Loose =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** The records of a list that have fields; none where there is no such list. */
export const objectsIn = (file: Loose, list: string): Loose[] => {
  const found = file[list];
  return Array.isArray(found) ? found.filter(isObject) : [];
};

/** A file with every record of a list changed; what is no record stays as it is, for the check that follows to name. */
export function mapList(file: Loose, list: string, change: (record: Loose) => Loose): Loose {
  const found = file[list];
  if (!Array.isArray(found)) return file;
  return { ...file, [list]: found.map((record: unknown) => (isObject(record) ? change(record) : record)) };
}

/** An object with one field changed, where it holds a list. */
export const mapField = (record: Loose, field: string, change: (entries: unknown[]) => unknown[]): Loose =>
  Array.isArray(record[field]) ? { ...record, [field]: change(record[field] as unknown[]) } : record;
