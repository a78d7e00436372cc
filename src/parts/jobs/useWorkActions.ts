'use client';

import { clothOf } from '@/core/cloth';
import { useRouter } from 'next/navigation';
import { type Job, operationOf, otherClothId, type SeamNow, withSeamDone } from '@/core/job';
import { MAIN_ROW, procedureName } from '@/core/procedure';
import { runOfSeam } from '@/core/workroom';
import { jobs } from '@/data';
import { useAskOf } from '../learned';
import { useStartScrap } from '../scrap';
import { useSewRun } from '../sewing';
import { askAbout, newId, nowText, useAct, useSay } from '../workspace';
import type { JobNow } from './useJobNow';
import { WORK_ACTIONS_TEXT } from './text';

/** The ways from a job into the work: proving, sewing, ticking off. */
export function useWorkActions({ job, machine, cloths }: JobNow) {
  const router = useRouter();
  const askOf = useAskOf(machine);
  const startScrap = useStartScrap();
  const say = useSay();
  const sewRun = useSewRun();
  const clothOfSeam = (id: string | null) => cloths.find((c) => c.id === id) ?? null;

  const prove = async ({ seam, setup, proof, cardId, scrapId }: SeamNow) => {
    const cloth = clothOfSeam(seam.clothId);
    if (proof === 'stale' && cardId) return router.push(`/log?id=${cardId}`);
    if (scrapId) return router.push(`/test?id=${scrapId}`);
    if (!cloth || !machine) return void say(WORK_ACTIONS_TEXT.chooseAClothAnd);
    if (!setup || !askOf) return void say(WORK_ACTIONS_TEXT.itsSettingIsStill);
    const operation = operationOf(seam, (id) => {
      const record = clothOfSeam(id);
      return record && clothOf(record);
    });
    await askAbout({ clothId: cloth.id, machineId: machine.id, operation });
    const input = askOf(cloth, operation, {}, otherClothId(seam));
    await startScrap({
      clothId: cloth.id,
      clothName: cloth.cloth.name,
      secondId: otherClothId(seam),
      machineId: machine.id,
      operation,
      input,
      setup,
      proves: { procedureId: seam.procedureId, row: MAIN_ROW },
      called: procedureName(seam.procedureId),
    });
  };

  const sew = async ({ seam, state, runId }: SeamNow) => {
    const cloth = clothOfSeam(seam.clothId);
    if (state === 'begun' && runId) return router.push(`/sew?run=${runId}`);
    if (!cloth || !machine) return void say(WORK_ACTIONS_TEXT.chooseAClothAnd);
    const run = runOfSeam(job, seam, { cloth, machine }, { id: newId(), at: nowText() });
    await sewRun(run, WORK_ACTIONS_TEXT.started(seam.name));
  };

  return { prove, sew, ...useTicks(job) };
}

/** Ticking a seam off by hand, and back on. */
function useTicks(job: Job) {
  const act = useAct();
  const setDone = (id: string, doneAt: string | undefined) =>
    jobs.change(job.id, (now) => now && withSeamDone(now, id, doneAt));
  const tick = async ({ seam }: SeamNow) => {
    await act(WORK_ACTIONS_TEXT.done(seam.name), () => setDone(seam.id, nowText()));
  };
  return { tick, setDone };
}
