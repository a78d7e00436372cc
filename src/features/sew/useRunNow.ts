'use client';

import { clothOf, clothProfile } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { seamContext } from '@/core/physics';
import { type Given, type Procedure, PROCEDURES, type Run, type SewnWith, workOut, type WorkedOut } from '@/core/seam';
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

/** People sew at about half of what the machine can do. */
const PACE = 0.5;

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
  const { given, how } = knownOf(cloth, machine, setup, procedure);
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

/** A plain medium cloth on a plain machine, for what is not known. */
const PLAIN: Given = {
  thicknessMm: 0.4,
  squash: 0.8,
  stretch: 0,
  recovery: 95,
  weight: 'medium',
  lengthMm: 2.5,
  widthMm: 0,
  footLiftMm: 5,
  extraLiftMm: 2,
};

function knownOf(
  cloth: ClothRecord | null,
  machine: MachineRecord | null,
  setup: Setup | null,
  { kind }: Procedure,
): { given: Given; how: SewnWith } {
  const profile = cloth && clothProfile(clothOf(cloth));
  const seam = cloth && seamContext(clothOf(cloth), { kind });
  const lift = machine?.machine ?? PLAIN;
  const given: Given = {
    ...PLAIN,
    ...(profile && {
      thicknessMm: profile.thicknessMm.value,
      stretch: profile.stretchAcross.value,
      recovery: profile.recovery.value,
      weight: profile.massGsm.value < 130 ? 'light' : profile.massGsm.value < 280 ? 'medium' : 'heavy',
    }),
    ...(seam && { squash: Math.min(1, seam.thicknessMm / (seam.layers * seam.profile.thicknessMm.value)) }),
    ...(setup && { lengthMm: setup.lengthMm, widthMm: setup.widthMm }),
    footLiftMm: lift.footLiftMm,
    extraLiftMm: lift.extraLiftMm,
  };
  const how: SewnWith = {
    stitch: setup?.stitch ?? 'straight',
    widthMm: given.widthMm,
    stitchedMm: seam?.thicknessMm ?? 2 * given.thicknessMm * given.squash,
    speedSpm: (machine?.machine.speedSpm ?? 700) * PACE,
  };
  return { given, how };
}
