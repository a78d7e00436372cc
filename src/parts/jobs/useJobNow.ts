'use client';

import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { type Job, jobStanding, type Pace, type Standing } from '@/core/job';
import {
  useCloths,
  useJobs,
  useMachines,
  useNeedles,
  useOnMachines,
  usePreference,
  useUnitPreference,
  useRuns,
  useSwatches,
  useThreads,
} from '@/data';
import { useNeedleLife } from '../workspace';
import { usePace } from './usePace';
import { useSettings } from './useSettings';

/** A job with everything that follows from it today. */
export interface JobNow extends Standing {
  job: Job;
  machine: MachineRecord | null;
  cloths: ClothRecord[];
  pace: Pace;
}

/** A job of this key, live; undefined while it is read, null when there is none. */
export function useJobNow(id: string | null): JobNow | null | undefined {
  const jobs = useJobs();
  const job = jobs?.find((j) => j.id === id);
  const machines = useMachines();
  const machine = machines?.find((m) => m.id === job?.machineId) ?? null;
  const cloths = useCloths();
  const runs = useRuns();
  const scraps = useSwatches();
  const set = useOnMachines();
  const owned = useOwned();
  const schools = usePreference('schools');
  const system = useUnitPreference();
  const todayMinutes = usePreference('todayMinutes');
  const pace = usePace();
  const settings = useSettings(job, machine);
  if (!jobs || !machines || !cloths || !runs || !scraps || !set || !owned) return undefined;
  if (!schools || !system || todayMinutes === undefined || !settings || !pace) return undefined;
  if (!job) return null;
  const standing = jobStanding(job, {
    machine: machine?.machine ?? null,
    clothOf: (clothId) => {
      const cloth = cloths.find((c) => c.id === clothId);
      return cloth ? clothOf(cloth) : null;
    },
    settingOf: settings.of,
    runs,
    scraps,
    on: set.find((o) => o.machineId === job.machineId)?.setup ?? null,
    owned,
    schools,
    system,
    todayMinutes,
    pace,
  });
  // A seam that nothing safe was found for has no setting either, and is waited for no longer.
  const waiting = standing.waiting && !settings.settled;
  return { ...standing, waiting, job, machine, cloths, pace };
}

/** What is owned, as far as a budget asks. */
function useOwned() {
  const threads = useThreads();
  const needles = useNeedles();
  const lifeHours = useNeedleLife();
  return threads && needles ? { threads, needles, lifeHours } : undefined;
}
