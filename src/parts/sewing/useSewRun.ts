'use client';

import { useRouter } from 'next/navigation';
import type { Run } from '@/core/procedure';
import { edit, runs } from '@/data';
import { askAbout } from '../workspace';

/**
 * Stores an operation that is about to be sewn, asks about its fabric and machine from now on, and goes to it.
 *
 * @returns does so, as one edit with its own words
 */
export function useSewRun(): (run: Run, text: string) => Promise<void> {
  const router = useRouter();
  return async (run, text) => {
    await edit(text, async () => {
      await askAbout({ clothId: run.clothId, machineId: run.machineId });
      await runs.put(run);
    });
    router.push(`/sew?run=${run.id}`);
  };
}
