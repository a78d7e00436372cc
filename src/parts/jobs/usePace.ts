'use client';

import { useMemo } from 'react';
import { clothOf } from '@/core/cloth';
import { type Pace, paceOf, seamWork } from '@/core/job';
import { useCloths, useMachines, usePreference, useRuns } from '@/data';

/** The newest runs say best how fast somebody sews now. */
const NEWEST = 60;

/** The person's own pace, from what they sewed step by step; undefined while the workroom is read. */
export function usePace(): Pace | undefined {
  const runs = useRuns();
  const cloths = useCloths();
  const machines = useMachines();
  const schools = usePreference('schools');
  return useMemo(() => {
    if (!runs || !cloths || !machines || !schools) return undefined;
    const done = runs.filter((r) => r.status === 'done' && r.atItSeconds > 0).slice(0, NEWEST);
    const samples = done.flatMap((run) => {
      const cloth = cloths.find((c) => c.id === run.clothId);
      if (!cloth) return [];
      const machine = machines.find((m) => m.id === run.machineId)?.machine ?? null;
      const work = seamWork(
        { ...run, count: run.pieces },
        clothOf(cloth),
        machine,
        { setups: run.setup ? { ...run.rows, main: run.setup } : null },
        { schools },
      );
      return [{ expectedMin: work.needleMin + work.handlingMin, actualMin: run.atItSeconds / 60 }];
    });
    return paceOf(samples);
  }, [runs, cloths, machines, schools]);
}
