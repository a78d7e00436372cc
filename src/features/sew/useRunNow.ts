'use client';

import { type Cloth, clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import {
  type Given,
  givenOf,
  type Procedure,
  PROCEDURES,
  type Run,
  type SewnWith,
  workOut,
  type WorkedOut,
} from '@/core/seam';
import type { Setup } from '@/core/setup';
import { runs, useCloths, useMachines, useRuns } from '@/data';
import { type FoundSetting, useFoundSetting } from './useFoundSetting';

/** An operation in hand with everything that follows from it. */
export interface RunNow {
  run: Run;
  procedure: Procedure;
  /** Null when they are not in the workroom any more. */
  cloth: ClothRecord | null;
  machine: MachineRecord | null;
  /** The setting it is sewn with: the one it was begun with, or the best found now. */
  setup: Setup | null;
  found: FoundSetting | null;
  given: Given;
  how: SewnWith;
  worked: WorkedOut;
  save: (edit: (now: Run) => Partial<Run>) => Promise<void>;
}

/** A cloth that is gone from the drawer: what was begun on it still shows its steps. */
const NO_CLOTH: Cloth = { structure: 'woven', family: 'other', traits: [] };

/** The run of a key, live; null while it is read. */
export function useRunNow(id: string): RunNow | null {
  const all = useRuns();
  const cloths = useCloths();
  const machines = useMachines();
  const run = all?.find((r) => r.id === id);
  const procedure = PROCEDURES.find((p) => p.id === run?.procedureId);
  const cloth = cloths?.find((c) => c.id === run?.clothId) ?? null;
  const machine = machines?.find((m) => m.id === run?.machineId) ?? null;
  const found = useFoundSetting(run?.setup ? null : cloth, machine, procedure?.kind ?? 'join');
  if (!run || !procedure || !cloths || !machines) return null;
  const setup = run.setup ?? found?.setup ?? null;
  const known = cloth ? clothOf(cloth) : NO_CLOTH;
  const { given, how } = givenOf(known, procedure.kind, machine?.machine ?? null, setup);
  return {
    run,
    procedure,
    cloth,
    machine,
    setup,
    found,
    given,
    how,
    worked: workOut(procedure, run.answers, given),
    save: (edit) => runs.change(id, (now) => now && { ...now, ...edit(now) }),
  };
}
