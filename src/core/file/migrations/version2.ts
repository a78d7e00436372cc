import { isObject, type Loose } from './loose';

const list = (value: unknown): unknown[] => (Array.isArray(value) ? value : []);

/**
 * A cloth of version 1 as version 2 keeps it: every reading names its gauge.
 *
 * @param cloth - a stored cloth
 * @returns the cloth; what is not a cloth stays as it is, for the check that follows to name
 */
export function clothOfVersion2(cloth: unknown): unknown {
  if (!isObject(cloth) || !Array.isArray(cloth.readings)) return cloth;
  const readings = cloth.readings.map((r: unknown) =>
    isObject(r) && !('gauge' in r) ? { gauge: 'stretch', ...r } : r,
  );
  return { ...cloth, readings };
}

/** A kit of version 2 with the needles and spools that version 1 only ticked. */
export interface KitOfVersion2 {
  kit: unknown;
  needles: unknown[];
  threads: unknown[];
}

/**
 * A kit of version 1 (kinds, ticked) as version 2 keeps it: one needle and one spool for every kind that was ticked.
 *
 * @param kit - the ticked kit, or null for "everything may be chosen"
 * @param addedAt - the moment to note for the new entries, ISO text
 * @returns kit, needles and threads
 */
export function kitOfVersion2(kit: unknown, addedAt: string): KitOfVersion2 {
  if (kit === null || kit === undefined) return { kit: {}, needles: [], threads: [] };
  if (!isObject(kit)) return { kit, needles: [], threads: [] };
  const { needles, threads, feet, plates, overlocker } = kit;
  const key = (part: unknown) => (isObject(part) ? Object.values(part).join('-') : 'unknown');
  return {
    kit: {
      feet: feet ?? null,
      plates: plates ?? null,
      needles: needles === undefined ? 'any' : 'owned',
      threads: threads === undefined ? 'any' : 'owned',
      ...(overlocker !== undefined && { overlocker }),
    },
    needles: list(needles).map((needle) => ({ id: `tin-${key(needle)}`, needle, addedAt })),
    threads: list(threads).map((thread) => ({ id: `spool-${key(thread)}`, thread, colour: '#d8d2c4', addedAt })),
  };
}

/** A whole file of version 1 as version 2 keeps it. */
export function fileOfVersion2(file: Loose): Loose {
  const at = typeof file.exportedAt === 'string' ? file.exportedAt : '1970-01-01T00:00:00Z';
  const old = isObject(file.kit) ? file.kit.kit : file.kit;
  return {
    ...file,
    cloths: Array.isArray(file.cloths) ? file.cloths.map(clothOfVersion2) : file.cloths,
    ...kitOfVersion2(old, at),
    care: [],
    photos: [],
  };
}
