import { isObject, type Loose, mapField, mapList } from './loose';

/** Entries of lists within a record get ids of their own: readings, signs, calibration measures, times a card was proven again. */
export function entryIds(file: Loose): Loose {
  let next = mapList(file, 'cloths', (cloth) => mapField(cloth, 'readings', named('reading')));
  next = mapList(next, 'lines', (line) => mapField(line, 'findings', signed));
  next = mapList(next, 'machines', withMeasures);
  return mapList(next, 'cards', (card) => mapField(withMeasures(card), 'provenAgain', named('again')));
}

function withMeasures(record: Loose): Loose {
  const { machine } = record;
  if (!isObject(machine) || !isObject(machine.calibration)) return record;
  const calibration = ['length', 'width', 'bobbin', 'feed'].reduce<Loose>(
    (all, kind) => mapField(all, kind, named(kind)),
    machine.calibration,
  );
  return { ...record, machine: { ...machine, calibration } };
}

/** A sign is on a line once, so its own name tells it apart. */
const signed = (entries: unknown[]): unknown[] => {
  const seen = new Set<unknown>();
  const once = entries.map((entry) => {
    if (!isObject(entry) || entry.id !== undefined || typeof entry.sign !== 'string' || seen.has(entry.sign))
      return entry;
    seen.add(entry.sign);
    return { id: entry.sign, ...entry };
  });
  return named('sign')(once);
};

/** Gives every entry without an id the next free one; the same list gets the same ids wherever it is brought up. */
const named =
  (prefix: string) =>
  (entries: unknown[]): unknown[] => {
    const taken = new Set(entries.map((entry) => (isObject(entry) ? entry.id : undefined)));
    let count = 0;
    return entries.map((entry) => {
      if (!isObject(entry) || entry.id !== undefined) return entry;
      do count += 1;
      while (taken.has(`${prefix}-${count}`));
      return { id: `${prefix}-${count}`, ...entry };
    });
  };
