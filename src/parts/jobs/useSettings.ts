'use client';

import { useMemo } from 'react';
import { clothOf as clothIn } from '@/core/cloth';
import type { MachineRecord } from '@/core/file';
import { type Job, type JobSeam, otherClothId, seamQuestions, seamSetting, type SeamSetting } from '@/core/job';
import { matchedBy, procedureOf, rowsQuestion } from '@/core/procedure';
import { useCards, useCloths } from '@/data';
import { useFromWorker } from '../asking';
import { useAskOf } from '../learned';
import { useStale } from '../staleness';

/** The settings of a job's seams: null for one that is still worked out, or that nothing safe was found for. */
export interface Settings {
  of: (seam: JobSeam) => SeamSetting;
  /** Nothing is being worked out any more. */
  settled: boolean;
}

/** The setting of every seam of a job; undefined while the workroom is read. */
export function useSettings(job: Job | undefined, machine: MachineRecord | null): Settings | undefined {
  const cards = useCards();
  const cloths = useCloths();
  const stale = useStale();
  const askOf = useAskOf(machine);
  const recordOf = (id: string | null) => cloths?.find((one) => one.id === id) ?? null;
  const clothOf = (id: string | null) => {
    const record = recordOf(id);
    return record && clothIn(record);
  };
  const from = { machineId: machine?.id ?? null, cards: cards ?? [], clothOf };
  const questions = job && cards && cloths && askOf ? seamQuestions(job.seams, from) : [];
  const inputs = questions.map(({ key, seam, operation, schools }) => ({
    key,
    procedure: matchedBy(procedureOf(seam.procedureId)!),
    question: rowsQuestion(
      askOf!(recordOf(seam.clothId)!, operation, schools, otherClothId(seam)),
      clothOf(seam.bandClothId),
    ),
  }));
  const { value, isCurrent } = useFromWorker(inputs.length > 0 ? JSON.stringify(inputs) : null, (worker) =>
    Promise.all(inputs.map(async (one) => [one.key, await worker.matchRows(one.procedure, one.question)] as const)),
  );
  const answered = useMemo(() => new Map(isCurrent ? value : []), [value, isCurrent]);
  if (!cards || !cloths || !stale) return undefined;
  return {
    of: (seam) => seamSetting(seam, from, (card) => stale(card).length > 0, answered),
    settled: askOf !== undefined && (inputs.length === 0 || (isCurrent && value !== null)),
  };
}
