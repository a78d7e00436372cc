import type { Job, JobSeam } from './job';
import { ORDER_RULES, STAGES } from './stages';

/** That one seam should come before another, and why. */
export interface Suggested {
  seamId: string;
  after: string;
  why: string;
}

/**
 * What comes before what, as the operations imply; only what is not implied by the rest.
 *
 * Two seams have to do with each other when they touch the same piece; a seam that names no piece touches them all.
 *
 * @param seams - the seams of a job
 * @returns pairs with the reason of each; never a ring, for every rule leads from an earlier stage to a later one
 */
export function suggestedOrder(seams: readonly JobSeam[]): Suggested[] {
  const all = seams.flatMap((then) =>
    seams.flatMap((first) => {
      if (first.id === then.id || !meets(first, then)) return [];
      const rule = ORDER_RULES.find((r) => r.first.includes(first.stage) && r.then.includes(then.stage));
      return rule ? [{ seamId: then.id, after: first.id, why: rule.why }] : [];
    }),
  );
  const before = new Map(seams.map(({ id }) => [id, all.filter((s) => s.seamId === id).map((s) => s.after)]));
  return all.filter(({ seamId, after }) => !before.get(seamId)!.some((via) => before.get(via)!.includes(after)));
}

const meets = (a: JobSeam, b: JobSeam) =>
  a.pieces.length === 0 || b.pieces.length === 0 || a.pieces.some((piece) => b.pieces.includes(piece));

/**
 * Suggestions that a job does not follow yet and that would not form a cycle with what its maker has set.
 *
 * @param seams - the seams of the job
 * @returns pairs that can be added
 */
export function missingOrder(seams: readonly JobSeam[]): Suggested[] {
  const before = allBefore(seams);
  return suggestedOrder(seams).filter(
    ({ seamId, after }) => !before.get(seamId)!.has(after) && !before.get(after)!.has(seamId),
  );
}

/**
 * Everything that comes before each seam, over any number of steps.
 *
 * @param seams - the seams of a job
 * @returns keys by key; a ring makes a seam come before itself
 */
export function allBefore(seams: readonly JobSeam[]): Map<string, Set<string>> {
  const direct = new Map(seams.map(({ id, after }) => [id, after.map(({ seamId }) => seamId)]));
  return new Map(
    seams.map(({ id }) => {
      const found = new Set<string>();
      const open = [...direct.get(id)!];
      while (open.length > 0) {
        const next = open.pop()!;
        if (found.has(next)) continue;
        found.add(next);
        open.push(...(direct.get(next) ?? []));
      }
      return [id, found];
    }),
  );
}

/**
 * The seams of a job in the usual order of construction: by stage, and within it as they were entered. What has to come
 * before comes before.
 *
 * @param job - the job
 * @returns its seams; where they wait for each other in a ring, those of the ring as they were entered
 */
export function usualOrder({ seams }: Pick<Job, 'seams'>): JobSeam[] {
  const left = [...seams].sort((a, b) => STAGES.indexOf(a.stage) - STAGES.indexOf(b.stage));
  const out: JobSeam[] = [];
  while (left.length > 0) {
    const waits = (seam: JobSeam) => seam.after.some(({ seamId }) => left.some((other) => other.id === seamId));
    const next = left.findIndex((seam) => !waits(seam));
    out.push(...left.splice(Math.max(0, next), 1));
  }
  return out;
}
