import type { Stop } from './timeline';
import type { SeamNow } from './plan';

/** How far a project is: what is sewn, what fits into the time today, what waits and for what. */
export interface Progress {
  done: SeamNow[];
  /** In the order of work, as far as the minutes reach; the first of it at least. */
  today: Stop[];
  /** What does not fit into today. */
  later: Stop[];
  /** Seams that wait, each with what it waits for. */
  blocked: { seamId: string; for: string[] }[];
  share: number;
}

/**
 * Where a job stands.
 *
 * @param seams - all of its seams
 * @param stops - what is left, in order, along the time
 * @param todayMin - minutes there are today
 * @returns done, today, later, and what waits for what
 */
export function progressOf(seams: readonly SeamNow[], stops: readonly Stop[], todayMin: number): Progress {
  const done = seams.filter(({ state }) => state === 'done');
  const fits = stops.findIndex((stop, i) => i > 0 && stop.toMin > todayMin);
  const until = fits < 0 ? stops.length : fits;
  const open = new Map(seams.filter(({ state }) => state !== 'done').map((now) => [now.seam.id, now.seam.name]));
  const scrapFor = (id: string) =>
    stops.flatMap(({ item }) => (item.kind === 'scrap' && item.forSeams.includes(id) ? ['a test'] : []));
  const blocked = seams.flatMap(({ seam, state }) => {
    if (state === 'done') return [];
    const names = seam.after.flatMap(({ seamId }) => open.get(seamId) ?? []);
    const waits = [...names, ...scrapFor(seam.id), ...(seam.clothId === null ? ['a fabric'] : [])];
    return waits.length > 0 ? [{ seamId: seam.id, for: waits }] : [];
  });
  return {
    done,
    today: stops.slice(0, until),
    later: stops.slice(until),
    blocked,
    share: seams.length === 0 ? 0 : done.length / seams.length,
  };
}

/** A run as far as it says whether a seam is sewn. */
export interface SewnRun {
  jobId?: string;
  seamId?: string;
  status: string;
  outcome?: string;
}

/**
 * Whether a seam of a job is sewn: ticked off by hand, or sewn step by step and not to be unpicked.
 *
 * @param job - the job
 * @param seam - one of its seams
 * @param runs - what was sewn
 */
export const isSewn = (job: { id: string }, seam: { id: string; doneAt?: string }, runs: readonly SewnRun[]): boolean =>
  seam.doneAt !== undefined ||
  runs.some((r) => r.jobId === job.id && r.seamId === seam.id && r.status === 'done' && r.outcome !== 'unpick');
