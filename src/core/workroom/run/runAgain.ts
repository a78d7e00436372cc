import { newRun, type Run } from '../../procedure';

/**
 * The same operation once more: what it is stays, how far it was and how it went begins again.
 *
 * @param run - the one that was sewn
 * @param made - key and moment of the new one
 */
export function runAgain(run: Run, { id, at }: { id: string; at: string }): Run {
  const { procedureId, clothId, clothName, secondClothId, bandClothId, machineId, machineName } = run;
  const { answers, outline, setup, cardId, pieces, jobId, seamId, knowledge } = run;
  return newRun({
    ...{ procedureId, clothId, clothName, secondClothId, bandClothId, machineId, machineName },
    ...{ answers, outline, setup, cardId, pieces, jobId, seamId, knowledge },
    id,
    status: 'sewing',
    startedAt: at,
  });
}
