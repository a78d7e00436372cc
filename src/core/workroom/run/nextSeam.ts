import type { Cloth } from '../../cloth';
import { clothProfile } from '../../cloth';
import { isSewn, type Job, type JobSeam } from '../../job';
import { type ProcedureId, procedureOf, type Run, usualOperation } from '../../procedure';
import type { OperationKind } from '../../setup';

/** What a test has just proved a setting for. */
export interface Proven {
  /** The operation it was sewn for; null where none was named. */
  procedureId: string | null;
  kind: OperationKind;
  clothId: string;
  cloth: Cloth;
  machineId: string;
}

/** What is sewn next: an operation that waits, a seam of a project, or the usual operation of that kind. */
export type NextSeam =
  | { kind: 'run'; run: Run }
  | { kind: 'seam'; job: Job; seam: JobSeam }
  | { kind: 'operation'; procedureId: ProcedureId };

/**
 * What a passed test was sewn for: the operation that waits for it, else a seam of a project on the same fabric, else the usual operation.
 *
 * @param proven - what was proved
 * @param jobs - the projects
 * @param runs - operations begun and sewn, newest first
 * @returns null where no operation of that kind suits the fabric
 */
export function seamAfterTest(proven: Proven, jobs: readonly Job[], runs: readonly Run[]): NextSeam | null {
  const { procedureId, kind, clothId, cloth, machineId } = proven;
  const isOf = (id: string) => (procedureId ? id === procedureId : procedureOf(id)?.kind === kind);
  const run = runs.find(
    (one) => one.status !== 'done' && one.clothId === clothId && one.machineId === machineId && isOf(one.procedureId),
  );
  if (run) return { kind: 'run', run };
  for (const job of jobs.filter(({ doneAt }) => doneAt === undefined)) {
    const seam = inOrder(job).find(
      (one) => one.clothId === clothId && isOf(one.procedureId) && canBeSewn(job, one, runs),
    );
    if (seam) return { kind: 'seam', job, seam };
  }
  const named = procedureId ? procedureOf(procedureId)?.id : undefined;
  const usual = named ?? usualOperation(kind, { fabric: clothProfile(cloth) });
  return usual ? { kind: 'operation', procedureId: usual } : null;
}

/**
 * The seam of a project that comes after what was just sewn, in the order of work.
 *
 * @param job - the project
 * @param runs - what was sewn
 * @returns null where everything is sewn, or what is left waits for something
 */
export const seamAfterSeam = (job: Job, runs: readonly Run[]): JobSeam | null =>
  inOrder(job).find((seam) => seam.clothId !== null && canBeSewn(job, seam, runs)) ?? null;

function inOrder({ order, seams }: Job): JobSeam[] {
  const place = (id: string) => (order.includes(id) ? order.indexOf(id) : Infinity);
  return [...seams].sort((a, b) => place(a.id) - place(b.id) || 0);
}

/** It is not sewn, and all that has to come before it is. */
function canBeSewn(job: Job, seam: JobSeam, runs: readonly Run[]): boolean {
  const sewn = (one: JobSeam | undefined) => one === undefined || isSewn(job, one, runs);
  return !sewn(seam) && seam.after.every(({ seamId }) => sewn(job.seams.find(({ id }) => id === seamId)));
}
