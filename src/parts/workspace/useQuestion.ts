'use client';

import type { ClothRecord, MachineRecord } from '@/core/file';
import type { Kit } from '@/core/kit';
import type { Operation } from '@/core/setup';
import {
  type PreferenceValue,
  readPreference,
  useCloths,
  useKit,
  useMachines,
  usePreference,
  writePreference,
} from '@/data';

/** What is being asked right now, over all stations: which cloth, which seam, on which machine, with what. */
export interface AskedNow {
  operation: Operation;
  cloth: ClothRecord | null;
  machine: MachineRecord | null;
  cloths: ClothRecord[];
  machines: MachineRecord[];
  kit: Kit | null;
  ask: (change: Partial<PreferenceValue<'question'>>) => Promise<void>;
}

/** The question now; undefined while the workroom is being opened. */
export function useQuestion(): AskedNow | undefined {
  const question = usePreference('question');
  const cloths = useCloths();
  const machines = useMachines();
  const kit = useKit();
  if (!question || !cloths || !machines || !kit) return undefined;
  return {
    operation: question.operation,
    cloth: cloths.find((c) => c.id === question.clothId) ?? null,
    machine: machines.find((m) => m.id === question.machineId) ?? machines[0] ?? null,
    cloths,
    machines,
    kit: kit.kit,
    ask: async (change) => writePreference('question', { ...(await readPreference('question')), ...change }),
  };
}
