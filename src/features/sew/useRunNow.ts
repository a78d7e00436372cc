'use client';

import { clothOf, UNKNOWN_CLOTH } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { outlineOf } from '@/core/seam';
import {
  type Given,
  givenOf,
  MAIN_ROW,
  type PlannedStep,
  plannedSteps,
  type Procedure,
  type ProcedureId,
  procedureOf,
  type RowSetups,
  type Run,
  type SewnWith,
  type Step,
  setupsOf,
  stepsOf,
  workOut,
  type WorkedOut,
} from '@/core/procedure';
import { creepFactor } from '@/core/kit';
import type { Setup } from '@/core/setup';
import { runs, useCloths, useMachines, usePreference, useRuns, useUnitPreference } from '@/data';
import { type RowsNow, useRowSettings } from './useRowSettings';

/** The current operation with everything that follows from it. */
export interface RunNow {
  run: Run;
  procedure: Procedure<ProcedureId>;
  /** Null when they are not in the workroom any more. */
  cloth: ClothRecord | null;
  machine: MachineRecord | null;
  /** What its main row is sewn with: as it was begun with, or the best found now. */
  setup: Setup | null;
  /** The same for every row. */
  setups: RowSetups | null;
  /** What Match says for each row, and what proves it; null while that is worked out. */
  rows: RowsNow | null;
  given: Given;
  how: SewnWith;
  worked: WorkedOut;
  /** Those that are taken with these numbers. */
  steps: readonly Step[];
  /** The same as they are done on this fabric. */
  planned: readonly PlannedStep[];
  save: (edit: (now: Run) => Partial<Run>) => Promise<void>;
}

const NONE = {};

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
  const band = cloths?.find((c) => c.id === run?.bandClothId) ?? null;
  const rows = useRowSettings(procedure, { cloth, second, band, machine }, run?.answers ?? NONE);
  if (!run || !procedure || !cloths || !machines || !schools || !system) return null;
  const found = rows && setupsOf(rows.settings);
  // What was begun keeps its settings; rows that were not kept yet are sewn as they are found now.
  const setups = run.setup ? { ...found, ...run.rows, [MAIN_ROW]: run.setup } : found;
  const known = cloth ? clothOf(cloth) : UNKNOWN_CLOTH;
  const creep = machine ? creepFactor(machine.machine) : 1;
  // Once it is begun, a change of units changes no number.
  const person = { creep, schools, system: run.status === 'asking' ? system : ('metric' as const) };
  const bandCloth = band && clothOf(band);
  const { given: plain, how } = givenOf(known, procedure, machine?.machine ?? null, setups, person, bandCloth);
  const line = run.outline && procedure.along ? outlineOf(run.outline) : null;
  const given = line && 'points' in line ? { ...plain, outline: line } : plain;
  const worked: WorkedOut =
    line && 'blocked' in line ? { ok: false, blocked: line.blocked } : workOut(procedure, run.answers, given);
  const steps = worked.ok ? stepsOf(procedure, worked.numbers) : [];
  return {
    run,
    procedure,
    cloth,
    machine,
    setup: setups?.[MAIN_ROW] ?? null,
    setups,
    rows,
    given,
    how,
    worked,
    steps,
    planned: worked.ok ? plannedSteps(steps, worked.numbers, rows?.answers ?? NONE, setups, machine?.machine) : [],
    save: (edit) => runs.change(id, (now) => now && { ...now, ...edit(now) }),
  };
}
