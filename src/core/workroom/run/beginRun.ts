import type { ClothRecord, MachineRecord } from '../../file';
import { newRun, type Numbers, type Run } from '../../procedure';
import { KNOWLEDGE } from '../../result';

/**
 * A run of an operation, its questions still to be answered.
 *
 * On the same fabric the answers of last time are the best to begin with.
 *
 * @param procedureId - the operation
 * @param on - fabric and machine
 * @param runs - all runs, newest first
 * @param made - key and moment
 * @param known - answers that are known already
 */
export function beginRun(
  procedureId: string,
  { cloth, machine }: { cloth: ClothRecord; machine: MachineRecord },
  runs: readonly Run[],
  { id, at }: { id: string; at: string },
  known: Numbers = {},
): Run {
  const last = runs.find((run) => run.procedureId === procedureId && run.clothId === cloth.id);
  return newRun({
    id,
    procedureId,
    clothId: cloth.id,
    clothName: cloth.cloth.name,
    machineId: machine.id,
    machineName: machine.machine.name,
    knowledge: KNOWLEDGE,
    answers: { ...last?.answers, ...known },
    ...(last?.outline && { outline: last.outline }),
    startedAt: at,
  });
}
