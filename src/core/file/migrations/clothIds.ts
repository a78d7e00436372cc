import { isObject, type Loose, mapField, mapList, objectsIn } from './loose';

/**
 * Names of cloths become ids: what a machine is set for, the second cloth of a card or a swatch, and what a feed was
 * measured on.
 *
 * A name is followed to the one cloth that answers to it; where several do, to the one of them that was sewn on that
 * machine; where none does, to the cloth that was called so when it was sewn. Where that is not one cloth either, what a
 * machine is set for keeps the name, so that the person can be asked.
 */
export function clothIds(file: Loose): Loose {
  const find = findCloth(file);
  const second = (record: Loose): Loose => {
    if (record.secondId !== undefined || !isObject(record.operation) || !isObject(record.operation.second))
      return record;
    return { ...record, secondId: find(record.operation.second.name, record.machineId) };
  };
  const feeds = (machine: unknown, machineId: unknown): unknown =>
    isObject(machine) && isObject(machine.calibration)
      ? {
          ...machine,
          calibration: mapField(machine.calibration, 'feed', (entries) =>
            entries.map((entry) =>
              isObject(entry) && entry.clothId === undefined
                ? { ...entry, clothId: find(entry.clothName, machineId) }
                : entry,
            ),
          ),
        }
      : machine;
  let next = mapList(file, 'onMachine', ({ clothName, ...on }) => {
    if (clothName === undefined) return on;
    const clothId = find(clothName, on.machineId);
    return { ...on, clothId, ...(clothId === null && clothName !== null && { clothNamed: clothName }) };
  });
  next = mapList(next, 'cards', (card) => {
    const seconded = second(card);
    return 'machine' in seconded ? { ...seconded, machine: feeds(seconded.machine, seconded.machineId) } : seconded;
  });
  next = mapList(next, 'swatches', second);
  return mapList(next, 'machines', (record) =>
    'machine' in record ? { ...record, machine: feeds(record.machine, record.id) } : record,
  );
}

/** Finds the cloth that a name means; null where it does not tell. */
export type FindCloth = (name: unknown, machineId: unknown) => string | null;

/** How names of cloths in a file are followed. */
export function findCloth(file: Loose): FindCloth {
  const cloths = objectsIn(file, 'cloths').map(({ id, cloth }) => ({ id, name: isObject(cloth) ? cloth.name : null }));
  const here = new Set(cloths.map(({ id }) => id));
  const sewn = [
    ...objectsIn(file, 'runs').map(({ clothId, clothName, machineId }) => ({ clothId, name: clothName, machineId })),
    ...objectsIn(file, 'cards').map(({ clothId, cloth, machineId }) => ({
      clothId,
      name: isObject(cloth) ? cloth.name : null,
      machineId,
    })),
    ...objectsIn(file, 'swatches').map(({ clothId, machineId }) => ({ clothId, name: null, machineId })),
  ];
  return (name, machineId) => {
    if (typeof name !== 'string') return null;
    const called = cloths.filter((cloth) => cloth.name === name).map(({ id }) => id);
    if (called.length > 1) {
      return only(sewn.filter((s) => s.machineId === machineId && called.includes(s.clothId)).map((s) => s.clothId));
    }
    return only(called) ?? only(sewn.filter((s) => s.name === name && here.has(s.clothId)).map((s) => s.clothId));
  };
}

/** The one id among some; null where there is none, or more than one. */
function only(ids: readonly unknown[]): string | null {
  const different = [...new Set(ids)];
  return different.length === 1 && typeof different[0] === 'string' ? different[0] : null;
}
