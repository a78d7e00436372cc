'use client';

import type { MachineRecord, OnMachine } from '@/core/file';
import { type Change, type Reading, READINGS, setupChanges, settingReadings, withReading } from '@/core/setup';
import { onMachines, type PreferenceValue, useOnMachine, usePreference } from '@/data';
import { nowText, useQuestion } from '../workspace';

/** What the strip shows. */
export interface StripState {
  machine: MachineRecord;
  on: OnMachine | null;
  readings: Record<Reading, string> | null;
  changes: Change[];
  /** The cloth the machine is still set for, when another is wanted. */
  leftOver: string | null;
  tick: (reading: Reading) => void;
  tickAll: () => void;
}

type Target = NonNullable<PreferenceValue<'target'>>;

/** What is on the machine now and what has to change for the chosen setting. */
export function useStrip(): StripState | null {
  const asked = useQuestion();
  const machine = asked?.machine ?? null;
  const on = useOnMachine(machine?.id ?? null);
  const wanted = usePreference('target');
  if (!machine || on === undefined || wanted === undefined) return null;
  const target = wanted?.machineId === machine.id ? wanted : null;
  const changes = target ? setupChanges(machine.machine, on?.setup ?? null, target.setup, on?.unsure) : [];
  const store = (edit: (now: OnMachine | null) => OnMachine) =>
    void onMachines.change(machine.id, (now) => edit(now ?? null));
  return {
    machine,
    on,
    readings: on ? settingReadings(machine.machine, on.setup) : null,
    changes,
    leftOver: on && target && changes.length > 0 && on.clothName !== target.clothName ? on.clothName : null,
    tick: (reading) => target && store((now) => ticked(machine, now, target, reading)),
    tickAll: () => target && store((now) => allSet(now, target, changes)),
  };
}

function ticked({ machine }: MachineRecord, on: OnMachine | null, target: Target, reading: Reading): OnMachine {
  const unsure = (on ? on.unsure : [...READINGS]).filter((r) => r !== reading);
  const now = on ?? fresh(target);
  const setup = withReading(now.setup, target.setup, reading);
  const done = setupChanges(machine, setup, target.setup, unsure).length === 0;
  return {
    ...now,
    setup,
    unsure,
    needleHours: reading === 'needle' ? 0 : now.needleHours,
    clothName: done ? target.clothName : now.clothName,
    since: done ? nowText() : now.since,
  };
}

function allSet(on: OnMachine | null, target: Target, changes: Change[]): OnMachine {
  const newNeedle = changes.some((c) => c.reading === 'needle');
  return { ...fresh(target), needleHours: on && !newNeedle ? on.needleHours : 0 };
}

const fresh = ({ machineId, setup, clothName }: Target): OnMachine => ({
  machineId,
  setup,
  unsure: [],
  clothName,
  since: nowText(),
  needleHours: 0,
});
