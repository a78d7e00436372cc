import { findCycle } from './order';

/** As much of a seam as says what it waits for. */
interface Waiting {
  id: string;
  name: string;
  after: readonly { seamId: string }[];
}

/** The one place in a job that makes seams wait for each other in a ring. */
export interface Ring {
  /** Position of the seam that waits, and of the entry in its `after` that closes the ring. */
  seam: number;
  after: number;
  /** The seams in it. */
  ids: string[];
  message: string;
}

/**
 * Finds seams that wait for themselves, or for each other in a ring, so that none of them could ever be sewn.
 *
 * @param seams - the seams of a job
 * @returns the entry that closes the ring, with a message that names the seams in it; null when there is none
 * @example
 * ringIn([{ id: 'hem', name: 'Hem', after: [{ seamId: 'hem' }] }])
 * // => { seam: 0, after: 0, ids: ['hem'], message: 'waits for itself' }
 */
export function ringIn(seams: readonly Waiting[]): Ring | null {
  const cycle = findCycle(seams.map(({ id, after }) => ({ id, after: after.map(({ seamId }) => seamId) })));
  if (!cycle) return null;
  const [waits, first] = cycle;
  const seam = seams.findIndex(({ id }) => id === waits);
  const after = seams[seam].after.findIndex(({ seamId }) => seamId === first);
  const nameOf = (id: string) => seams.find((one) => one.id === id)?.name ?? id;
  const message =
    cycle.length === 2
      ? 'waits for itself'
      : `waits for itself through ${cycle.map((id) => `“${nameOf(id)}”`).join(' after ')}`;
  return { seam, after, ids: cycle.slice(1), message };
}

/**
 * A list of seams with every ring opened: the entry that closes it no longer waits.
 *
 * @param seams - the seams of a job
 */
export function withoutRings<T extends Waiting>(seams: readonly T[]): T[] {
  let open = [...seams];
  for (let ring = ringIn(open); ring; ring = ringIn(open)) {
    const { seam, after } = ring;
    open = open.map((one, i) => (i === seam ? { ...one, after: one.after.filter((_, k) => k !== after) } : one));
  }
  return open;
}
