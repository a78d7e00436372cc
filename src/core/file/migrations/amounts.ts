import { type FindCloth, findCloth } from './clothIds';
import { isObject, type Loose, mapList, objectsIn } from './loose';

/** Amounts become sums of dated entries: hours of needles and machines, metres on a spool. */
export function amounts(file: Loose): Loose {
  const find = findCloth(file);
  const tin = new Set(objectsIn(file, 'needles').map(({ id }) => id));
  let next = mapList(file, 'needles', (needle) => needleEntries(needle, find));
  next = mapList(next, 'machines', ({ sewnHours, ...machine }) =>
    sewnHours === undefined ? machine : { ...machine, sewn: single(sewnHours, machine.addedAt) },
  );
  next = mapList(next, 'threads', ({ metresLeft, ...spool }) =>
    metresLeft === undefined ? spool : { ...spool, metres: single(metresLeft, spool.addedAt) },
  );
  return mapList(next, 'onMachine', ({ needleHours, ...on }) => {
    if (needleHours === undefined) return on;
    // A needle of the tin keeps its own hours.
    return tin.has(on.needleId) ? on : { ...on, needleSewn: single(needleHours, on.since) };
  });
}

/** One entry that says it all; what is no number stays as it is, for the check that follows to name. */
function single(value: unknown, at: unknown): unknown {
  if (typeof value !== 'number') return value;
  return value === 0 ? [] : [{ id: 'before', at, by: value }];
}

function needleEntries({ hours, sewed, ...needle }: Loose, find: FindCloth): Loose {
  if (hours === undefined && sewed === undefined) return needle;
  if (hours !== undefined && typeof hours !== 'number') return { ...needle, sewn: hours };
  const known = (Array.isArray(sewed) ? sewed.filter(isObject) : []).map(({ what, hours: by }, i, { length }) => {
    const clothId = find(what, null);
    return {
      id: `sewed-${i + 1}`,
      at: later(needle.addedAt, length - i),
      by: typeof by === 'number' ? by : 0,
      ...(clothId !== null && { clothId }),
      what,
    };
  });
  const rest = Number(((hours ?? 0) - known.reduce((sum, { by }) => sum + by, 0)).toFixed(9));
  const before = rest === 0 ? [] : [{ id: 'before', at: needle.addedAt, by: rest }];
  return { ...needle, sewn: [...before, ...known] };
}

/** A moment some milliseconds later: what was sewed last stays the newest. */
function later(at: unknown, ms: number): unknown {
  const time = typeof at === 'string' ? Date.parse(at) : NaN;
  return Number.isNaN(time) ? at : new Date(time + ms).toISOString();
}
