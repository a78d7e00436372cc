import { useEffect } from 'react';
import { PLAIN_MACHINE } from '@/core/kit';
import { type Numbers, sewnByMachine, stepSetup } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { writePreference } from '@/data';
import type { RunNow } from './useRunNow';

/** What should be on the machine now; the machine bar leads there, step by step. Null while no setting is known, and for work by hand. */
export function useTarget({ run, procedure, steps, setups, machine }: RunNow, numbers: Numbers): Setup | null {
  const { machineId, clothId } = run;
  const target =
    setups && sewnByMachine(procedure)
      ? stepSetup(steps, run.step, numbers, setups, machine?.machine ?? PLAIN_MACHINE)
      : null;
  const key = target ? JSON.stringify(target) : null;
  useEffect(() => {
    if (key) void writePreference('target', { setup: JSON.parse(key), machineId, clothId });
  }, [key, machineId, clothId]);
  return target;
}
