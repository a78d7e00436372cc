'use client';

import { useRouter } from 'next/navigation';
import type { Job, SeamNow } from '@/core/job';
import { KNOWLEDGE } from '@/core/result';
import { newRun } from '@/core/procedure';
import { edit, jobs, runs } from '@/data';
import { useAskOf } from '../learned';
import { useStartScrap } from '../scrap';
import { newId, nowText, useQuestion, useAct, useSay } from '../workspace';
import type { JobNow } from './useJobNow';
import { operationOf } from './useSettings';

/** The ways from a job into the work: proving, sewing, ticking off. */
export function useWorkActions({ job, machine, cloths }: JobNow) {
  const router = useRouter();
  const asked = useQuestion();
  const askOf = useAskOf(machine);
  const startScrap = useStartScrap();
  const say = useSay();
  const clothOfSeam = (id: string | null) => cloths.find((c) => c.id === id) ?? null;

  const prove = async ({ seam, setup, proof, cardId, scrapId }: SeamNow) => {
    const cloth = clothOfSeam(seam.clothId);
    if (proof === 'stale' && cardId) return router.push(`/ledger?id=${cardId}`);
    if (scrapId) return router.push(`/swatch?id=${scrapId}`);
    if (!cloth || !machine) return void say('Choose a cloth and a machine for it first.');
    if (!setup || !askOf) return void say('Its setting is still being worked out.');
    const operation = operationOf(seam, cloths);
    await asked?.ask({ clothId: cloth.id, machineId: machine.id, operation });
    const input = askOf(cloth, operation, {}, seam.secondClothId);
    await startScrap({
      clothId: cloth.id,
      clothName: cloth.cloth.name,
      secondId: seam.secondClothId,
      machineId: machine.id,
      operation,
      input,
      setup,
    });
  };

  const sew = async ({ seam, state, runId }: SeamNow) => {
    const cloth = clothOfSeam(seam.clothId);
    if (state === 'in hand' && runId) return router.push(`/sew?run=${runId}`);
    if (!cloth || !machine) return void say('Choose a cloth and a machine for it first.');
    const id = newId();
    const run = newRun({
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
      startedAt: nowText(),
    });
    await edit(`“${seam.name}” started`, async () => {
      await asked?.ask({ clothId: cloth.id, machineId: machine.id });
      await runs.put(run);
    });
    router.push(`/sew?run=${id}`);
  };

  return { prove, sew, ...useTicks(job) };
}

/** Ticking a seam off by hand, and back on. */
function useTicks(job: Job) {
  const act = useAct();
  const setDone = (id: string, doneAt: string | undefined) =>
    jobs.change(job.id, (now) => {
      if (!now) return now;
      const seams = now.seams.map((seam) => {
        if (seam.id !== id) return seam;
        const open = { ...seam };
        delete open.doneAt;
        return doneAt ? { ...open, doneAt } : open;
      });
      return { ...now, seams };
    });
  const tick = async ({ seam }: SeamNow) => {
    await act(`“${seam.name}” done`, () => setDone(seam.id, nowText()));
  };
  return { tick, setDone };
}
