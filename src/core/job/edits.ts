import type { Job, JobPiece, JobSeam } from './job';
import { withoutRings } from './ring';
import type { Suggested } from './suggest';

/** A cloth of a job, and how much of the job hangs on it. */
export interface ClothUse {
  /** Null for what has no cloth yet. */
  clothId: string | null;
  seams: number;
  pieces: number;
}

const touches = (seam: JobSeam, clothId: string | null) =>
  seam.clothId === clothId || (clothId !== null && (seam.secondClothId === clothId || seam.bandClothId === clothId));

/**
 * The cloths of a job.
 *
 * @param job - the job
 * @returns what has no cloth yet first, then each cloth as it first comes in the seams and pieces
 */
export function clothsOf({ seams, pieces }: Pick<Job, 'seams' | 'pieces'>): ClothUse[] {
  const ids = [
    null,
    ...seams.flatMap((s) => [s.clothId, s.secondClothId, s.bandClothId]),
    ...pieces.map((p) => p.clothId),
  ];
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
  // That a seam has no second cloth, or no band, says that none is sewn there, not that one is missing.
  seams: job.seams.map((seam) => ({
    ...seam,
    clothId: of(seam.clothId),
    secondClothId: seam.secondClothId && of(seam.secondClothId),
    bandClothId: seam.bandClothId && of(seam.bandClothId),
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

/** A job without one of its pieces; no seam touches it any more. */
export function withoutPiece(job: Job, id: string): Job {
  return {
    ...job,
    pieces: job.pieces.filter((piece) => piece.id !== id),
    seams: job.seams.map((seam) => ({ ...seam, pieces: seam.pieces.filter((piece) => piece !== id) })),
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

/**
 * A job in which nothing points at a seam or piece that is not there, and no seams wait for each other in a ring.
 *
 * @param job - a job of any state
 * @returns the job; the links that led nowhere, or closed a ring, are left out
 */
export function tidied(job: Job): Job {
  const seams = new Set(job.seams.map(({ id }) => id));
  const pieces = new Set(job.pieces.map(({ id }) => id));
  const linked = job.seams.map((seam) => ({
    ...seam,
    pieces: seam.pieces.filter((id) => pieces.has(id)),
    after: seam.after.filter(({ seamId }) => seams.has(seamId)),
  }));
  return { ...job, seams: withoutRings(linked) };
}

/**
 * A job in which one seam was ticked off by hand, or is open again.
 *
 * @param job - the job
 * @param id - the seam
 * @param doneAt - the moment it was done; left out, it is open again
 */
export function withSeamDone(job: Job, id: string, doneAt?: string): Job {
  const seams = job.seams.map((seam) => {
    if (seam.id !== id) return seam;
    const open = { ...seam };
    delete open.doneAt;
    return doneAt ? { ...open, doneAt } : open;
  });
  return { ...job, seams };
}

/**
 * A piece with a size of its own: that one is no example any more.
 *
 * @param piece - the piece
 * @param change - what the person typed
 */
export function withSize(piece: JobPiece, change: Partial<Pick<JobPiece, 'widthMm' | 'lengthMm'>>): JobPiece {
  const { examples = [], ...own } = piece;
  const left = examples.filter((key) => !(key in change));
  return { ...own, ...change, ...(left.length > 0 && { examples: left }) };
}

/**
 * A seam with an answer of its own: that one is no example any more.
 *
 * @param seam - the seam
 * @param key - which question
 * @param value - the person's answer
 */
export function withAnswer(seam: JobSeam, key: string, value: number): JobSeam {
  const { examples = [], ...own } = seam;
  const left = examples.filter((one) => one !== key);
  return { ...own, answers: { ...seam.answers, [key]: value }, ...(left.length > 0 && { examples: left }) };
}
