'use client';

import { useRouter } from 'next/navigation';
import type { Numbers, Run } from '@/core/procedure';
import { beginRun } from '@/core/workroom';
import { runs as store } from '@/data';
import { type AskedNow, newId, nowText } from '../workspace';

/**
 * Lays an operation out for the fabric and machine in question, and goes to its questions.
 *
 * @param asked - what is matched now; without a fabric and a machine nothing is begun
 * @param runs - what was sewn before: its answers are taken again
 * @returns begins an operation by its id, with answers that are known already
 */
export function useBeginRun(asked: AskedNow | undefined, runs: readonly Run[]) {
  const router = useRouter();
  return async (procedureId: string, answers: Numbers = {}) => {
    const { cloth, machine } = asked ?? {};
    if (!cloth || !machine) return;
    const run = beginRun(procedureId, { cloth, machine }, runs, { id: newId(), at: nowText() }, answers);
    await store.put(run);
    router.push(`/sew?run=${run.id}`);
  };
}
