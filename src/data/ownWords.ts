import { useLiveQuery } from 'dexie-react-hooks';
import { database } from './database';

/** Fields that a person writes in. */
const WRITTEN = ['where', 'notes', 'note', 'pack', 'kept', 'colourName', 'clothNamed'];
/** The tables with such fields. A name is the person's own but where Bobbet makes it up: of a swatch, a card, a sewn operation. */
const TABLES = {
  cloths: ['name', ...WRITTEN],
  machines: ['name', ...WRITTEN],
  kit: WRITTEN,
  threads: WRITTEN,
  needles: WRITTEN,
  swatches: WRITTEN,
  lines: WRITTEN,
  cards: WRITTEN,
  runs: WRITTEN,
  jobs: ['name', ...WRITTEN],
  views: ['name'],
} as const;

/**
 * Everything a person wrote that is shown elsewhere: names, places, notes.
 *
 * @param wanted - false reads nothing
 * @returns each text once; undefined while they are read
 */
export const useOwnWords = (wanted: boolean): readonly string[] | undefined =>
  useLiveQuery(async () => {
    const words = new Set<string>();
    if (wanted)
      for (const [table, fields] of Object.entries(TABLES))
        for (const row of await database.table(table).toArray()) writtenIn(row, new Set(fields), words);
    return [...words];
  }, [wanted]);

/** Adds what stands in the fields of a value, however deep, to `into`; of a field with several texts, each. */
export function writtenIn(value: unknown, fields: ReadonlySet<string>, into: Set<string>, own = false): void {
  if (typeof value === 'string' && own) into.add(value);
  if (typeof value !== 'object' || value === null) return;
  for (const [key, part] of Object.entries(value)) writtenIn(part, fields, into, own || fields.has(key));
}
