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
  /** What may be chosen: nothing archived. */
  cloths: ClothRecord[];
  machines: MachineRecord[];
  /** Archived machines. */
  away: MachineRecord[];
  kit: Kit | null;
}

/** Changes what is asked. It waits for nothing, so that a press on a page still being read counts too. */
export const askAbout = async (change: Partial<PreferenceValue<'question'>>): Promise<void> =>
  writePreference('question', { ...(await readPreference('question')), ...change });

/** The question now; undefined while the workroom is being opened. */
export function useQuestion(): AskedNow | undefined {
  const question = usePreference('question');
  const cloths = useCloths();
  const machines = useMachines();
  const kit = useKit();
  if (!question || !cloths || !machines || !kit) return undefined;
  const here = machines.filter((m) => m.archivedAt === undefined);
  return {
    operation: question.operation,
    cloth: cloths.find((c) => c.id === question.clothId) ?? null,
    machine: here.find((m) => m.id === question.machineId) ?? here[0] ?? null,
    cloths: cloths.filter((c) => c.archivedAt === undefined),
    machines: here,
    away: machines.filter((m) => m.archivedAt !== undefined),
    kit: kit.kit,
  };
}
