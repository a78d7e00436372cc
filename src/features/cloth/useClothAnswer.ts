'use client';

import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import type { Kit } from '@/core/kit';
import type { MatchAnswer, MatchInput, MatchSharpening } from '@/core/match';
import { usePreference } from '@/data';
import { type FromWorker, useFromWorker } from '@/parts/asking';

function useInput(record: ClothRecord, machine: MachineRecord | null, kit: Kit | null): MatchInput | null {
  const schools = usePreference('schools');
  if (!machine || !schools) return null;
  // A plain seam stands for all: what is said here is about the cloth.
  return {
    cloth: clothOf(record),
    operation: { kind: 'join' },
    machine: machine.machine,
    ...(kit && { kit }),
    schools,
  };
}

/** What Match says of a plain seam in this cloth, worked out off the main thread. */
export function useClothAnswer(
  record: ClothRecord,
  machine: MachineRecord | null,
  kit: Kit | null,
): FromWorker<MatchAnswer> {
  const input = useInput(record, machine, kit);
  return useFromWorker(input && JSON.stringify(['answer', input]), (worker) => worker.answer(input!));
}

/** What to measure next, for a plain seam in this fabric. */
export function useMeasureNext(record: ClothRecord, machine: MachineRecord | null): FromWorker<MatchSharpening> {
  const input = useInput(record, machine, null);
  return useFromWorker(input && JSON.stringify(['sharpen', input]), (worker) => worker.sharpen(input!));
}
