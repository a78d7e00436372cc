'use client';

import { clothOf, UNKNOWN_CLOTH } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { outlineOf } from '@/core/seam';
import {
  type Given,
  givenOf,
  type Procedure,
  type ProcedureId,
  procedureOf,
  type Run,
  type SewnWith,
  type Step,
  stepsOf,
  workOut,
  type WorkedOut,
} from '@/core/procedure';
import { creepFactor } from '@/core/kit';
import type { Setup } from '@/core/setup';
import { runs, useCloths, useMachines, usePreference, useRuns, useUnitPreference } from '@/data';
import { type FoundSetting, useFoundSetting } from './useFoundSetting';

/** An operation in hand with everything that follows from it. */
export interface RunNow {
  run: Run;
  procedure: Procedure<ProcedureId>;
  /** Null when they are not in the workroom any more. */
  cloth: ClothRecord | null;
  machine: MachineRecord | null;
  /** The setting it is sewn with: the one it was begun with, or the best found now. */
  setup: Setup | null;
  found: FoundSetting | null;
  given: Given;
  how: SewnWith;
  worked: WorkedOut;
  /** Those that are taken with these numbers. */
  steps: readonly Step[];
  save: (edit: (now: Run) => Partial<Run>) => Promise<void>;
}

/** The run of a key, live; null while it is read. */
export function useRunNow(id: string): RunNow | null {
  const all = useRuns();
  const cloths = useCloths();
  const machines = useMachines();
  const run = all?.find((r) => r.id === id);
  const procedure = run && procedureOf(run.procedureId);
  const cloth = cloths?.find((c) => c.id === run?.clothId) ?? null;
  const second = cloths?.find((c) => c.id === run?.secondClothId) ?? null;
  const machine = machines?.find((m) => m.id === run?.machineId) ?? null;
  const schools = usePreference('schools');
  const system = useUnitPreference();
  const found = useFoundSetting(run?.setup ? null : cloth, machine, procedure, run?.answers ?? {}, second);
  if (!run || !procedure || !cloths || !machines || !schools || !system) return null;
  const setup = run.setup ?? found?.setup ?? null;
  const known = cloth ? clothOf(cloth) : UNKNOWN_CLOTH;
  const creep = machine ? creepFactor(machine.machine) : 1;
  const { given: plain, how } = givenOf(known, procedure.kind, machine?.machine ?? null, setup, {
    creep,
    schools,
    // Once it is begun, a change of units changes no number.
    system: run.status === 'asking' ? system : 'metric',
  });
  const line = run.outline && procedure.along ? outlineOf(run.outline) : null;
  const given = line && 'points' in line ? { ...plain, outline: line } : plain;
  const worked: WorkedOut =
    line && 'blocked' in line ? { ok: false, blocked: line.blocked } : workOut(procedure, run.answers, given);
  return {
    run,
    procedure,
    cloth,
    machine,
    setup,
    found,
    given,
    how,
    worked,
    steps: worked.ok ? stepsOf(procedure, worked.numbers) : [],
    save: (edit) => runs.change(id, (now) => now && { ...now, ...edit(now) }),
  };
}
