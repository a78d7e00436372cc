import type { Job, JobPiece, JobSeam } from './job';
import type { Suggested } from './suggest';

/** A cloth of a job, and how much of the job hangs on it. */
export interface ClothUse {
  /** Null for what has no cloth yet. */
  clothId: string | null;
  seams: number;
  pieces: number;
}

const touches = (seam: JobSeam, clothId: string | null) =>
  seam.clothId === clothId || (clothId !== null && seam.secondClothId === clothId);

/**
 * The cloths of a job.
 *
 * @param job - the job
 * @returns what has no cloth yet first, then each cloth as it first comes in the seams and pieces
 */
export function clothsOf({ seams, pieces }: Pick<Job, 'seams' | 'pieces'>): ClothUse[] {
  const ids = [null, ...seams.flatMap((s) => [s.clothId, s.secondClothId]), ...pieces.map((p) => p.clothId)];
  return [...new Set(ids)]
    .map((clothId) => ({
      clothId,
      seams: seams.filter((seam) => touches(seam, clothId)).length,
      pieces: pieces.filter((piece) => piece.clothId === clothId).length,
    }))
    .filter((use) => use.seams + use.pieces > 0);
}

/**
 * A job with other cloths in the place of its own, in every seam and piece.
 *
 * @param job - the job
 * @param of - what comes for each cloth, and for null, where there is none yet
 */
export const mapCloths = (job: Job, of: (id: string | null) => string | null): Job => ({
  ...job,
  // That a seam has no second cloth says that no two meet there, not that one is missing.
  seams: job.seams.map((seam) => ({
    ...seam,
    clothId: of(seam.clothId),
    secondClothId: seam.secondClothId && of(seam.secondClothId),
  })),
  pieces: job.pieces.map((piece) => ({ ...piece, clothId: of(piece.clothId) })),
});

/**
 * A job with one cloth in the place of another, in every seam and piece.
 *
 * @param job - the job
 * @param from - the cloth that goes; null for what has none yet
 * @param to - the cloth that comes
 */
export const withCloth = (job: Job, from: string | null, to: string | null): Job =>
  mapCloths(job, (id) => (id === from ? to : id));

/**
 * A job with the cloths it had before, whatever else has changed meanwhile.
 *
 * @param job - the job now
 * @param before - the job as it was
 */
export function withClothsOf(job: Job, before: Job): Job {
  return {
    ...job,
    seams: job.seams.map((seam) => {
      const old = before.seams.find(({ id }) => id === seam.id);
      return old ? { ...seam, clothId: old.clothId, secondClothId: old.secondClothId } : seam;
    }),
    pieces: job.pieces.map((piece) => ({
      ...piece,
      clothId: (before.pieces.find(({ id }) => id === piece.id) ?? piece).clothId,
    })),
  };
}

/** A job without one of its pieces; no seam touches it any more. */
export function withoutPiece(job: Job, id: string): Job {
  return {
    ...job,
    pieces: job.pieces.filter((piece) => piece.id !== id),
    seams: job.seams.map((seam) => ({ ...seam, pieces: seam.pieces.filter((piece) => piece !== id) })),
  };
}

/** A job with a piece that was taken out: in its place, and touched by the seams that touched it. */
export function withPieceBack(job: Job, before: Job, id: string): Job {
  const touched = new Map(before.seams.map((seam) => [seam.id, seam.pieces]));
  return {
    ...job,
    pieces: putBack(job.pieces, before.pieces, id),
    seams: job.seams.map((seam) => ({ ...seam, pieces: putBack(seam.pieces, touched.get(seam.id) ?? [], id) })),
  };
}

/** A job without one of its seams; nothing waits for it any more. */
export function withoutSeam(job: Job, id: string): Job {
  return {
    ...job,
    seams: job.seams
      .filter((seam) => seam.id !== id)
      .map((seam) => ({ ...seam, after: seam.after.filter(({ seamId }) => seamId !== id) })),
  };
}

/** A job with a seam that was taken out: in its place, and waited for by those that waited for it. */
export function withSeamBack(job: Job, before: Job, id: string): Job {
  const waited = new Map(before.seams.map((seam) => [seam.id, seam.after]));
  const there = new Set([...job.seams.map((seam) => seam.id), id]);
  const pieces = new Set(job.pieces.map((piece) => piece.id));
  const seams = job.seams.map((seam) => ({ ...seam, after: putBack(seam.after, waited.get(seam.id) ?? [], id) }));
  return {
    ...job,
    seams: putBack(seams, before.seams, id).map((seam) =>
      // What it waited for or touched may have been taken out since.
      seam.id === id
        ? {
            ...seam,
            after: seam.after.filter(({ seamId }) => there.has(seamId)),
            pieces: seam.pieces.filter((piece) => pieces.has(piece)),
          }
        : seam,
    ),
  };
}

type Keyed = string | JobPiece | JobSeam | JobSeam['after'][number];
const keyOf = (entry: Keyed): string =>
  typeof entry === 'string' ? entry : 'seamId' in entry ? entry.seamId : entry.id;

/** A list with one entry of an older one again, behind what stood before it there. */
function putBack<T extends Keyed>(now: readonly T[], before: readonly T[], id: string): T[] {
  const entry = before.find((one) => keyOf(one) === id);
  if (!entry || now.some((one) => keyOf(one) === id)) return [...now];
  const earlier = new Set(before.slice(0, before.indexOf(entry)).map(keyOf));
  const at = now.findLastIndex((one) => earlier.has(keyOf(one))) + 1;
  return [...now.slice(0, at), entry, ...now.slice(at)];
}

/**
 * A job in which more seams wait for others.
 *
 * @param job - the job
 * @param more - pairs to be put in
 */
export function withOrder(job: Job, more: readonly Suggested[]): Job {
  return {
    ...job,
    seams: job.seams.map((seam) => ({
      ...seam,
      after: [
        ...seam.after,
        ...more.filter((m) => m.seamId === seam.id).map(({ after, why }) => ({ seamId: after, why })),
      ],
    })),
  };
}

/** A job in which some pairs no longer wait. */
export function withoutOrder(job: Job, pairs: readonly Pick<Suggested, 'seamId' | 'after'>[]): Job {
  const goes = (seamId: string, after: string) => pairs.some((p) => p.seamId === seamId && p.after === after);
  return {
    ...job,
    seams: job.seams.map((seam) => ({ ...seam, after: seam.after.filter((a) => !goes(seam.id, a.seamId)) })),
  };
}
