import type { ClothRecord, MachineRecord } from '../../file';
import type { Job, JobSeam } from '../../job';
import { newRun, type Run } from '../../procedure';
import { KNOWLEDGE } from '../../result';

/**
 * A run of one seam of a project: its operation, fabrics, answers and number of pieces.
 *
 * @param job - the project
 * @param seam - one of its seams
 * @param on - the seam's fabric and the machine
 * @param made - key and moment
 */
export function runOfSeam(
  job: Pick<Job, 'id'>,
  seam: JobSeam,
  { cloth, machine }: { cloth: ClothRecord; machine: MachineRecord },
  { id, at }: { id: string; at: string },
): Run {
  return newRun({
    id,
    procedureId: seam.procedureId,
    clothId: cloth.id,
    clothName: cloth.cloth.name,
    ...(seam.secondClothId && { secondClothId: seam.secondClothId }),
    ...(seam.bandClothId && { bandClothId: seam.bandClothId }),
    knowledge: KNOWLEDGE,
    machineId: machine.id,
    machineName: machine.machine.name,
    answers: seam.answers,
    pieces: seam.count,
    jobId: job.id,
    seamId: seam.id,
    startedAt: at,
  });
}
