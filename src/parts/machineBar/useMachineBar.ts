'use client';

import type { MachineRecord, NeedleRecord, OnMachine } from '@/core/file';
import { type Reading, READING_TEXT, type Setup } from '@/core/setup';
import { type BarState, machineBar, needleIn, nothingTold, putReading, tickAll, tickReading } from '@/core/workroom';
import { edit, onMachines, useCloths, useNeedles, useOnMachine, usePreference } from '@/data';
import { nowText, sayWhen, useNeedleLife, useQuestion } from '../workspace';
import { MACHINE_BAR_TEXT } from './text';

/** What the bar shows, and what can be done on it. */
export interface MachineBarState extends BarState {
  machine: MachineRecord;
  on: OnMachine | null;
  /** Says which fabric it is set for; null for none of those asked about. */
  tellCloth: (id: string | null) => void;
  tick: (reading: Reading) => void;
  tickAll: () => void;
  /** Says of one reading what it really is: the setting with it. */
  put: (reading: Reading, setup: Setup) => void;
  putNeedle: (needle: NeedleRecord | null) => void;
}

/** What is on the machine now and what has to change for the chosen setting; null while the workroom is read. */
export function useMachineBar(): MachineBarState | null {
  const machine = useQuestion()?.machine ?? null;
  const on = useOnMachine(machine?.id ?? null);
  const target = usePreference('target');
  const stock = useNeedles();
  const lifeHours = useNeedleLife();
  const cloths = useCloths();
  if (!machine || on === undefined || target === undefined || !stock || !cloths) return null;
  const bar = machineBar({
    ...{ machine, on, target, stock, cloths, lifeHours },
    isToday: (moment) => sayWhen(moment) === 'today',
  });
  const store = (text: string, change: (now: OnMachine | null) => OnMachine) =>
    void edit(MACHINE_BAR_TEXT.on(text, machine.machine.name), () =>
      onMachines.change(machine.id, (now) => change(now ?? null)),
    );
  const known = () => ({ machine: machine.machine, target: bar.target, stock, lifeHours, at: nowText() });
  const ticked = () => bar.target && { ...known(), target: bar.target };
  return {
    ...bar,
    machine,
    on,
    tellCloth: (id) =>
      store(MACHINE_BAR_TEXT.fabricChosen, (now) => {
        const told = { ...now!, clothId: id };
        delete told.clothNamed;
        return told;
      }),
    tick: (reading) => {
      const by = ticked();
      if (by) store(MACHINE_BAR_TEXT.set(READING_TEXT[reading]), (now) => tickReading(now, reading, by));
    },
    put: (reading, setup) =>
      store(MACHINE_BAR_TEXT.set(READING_TEXT[reading]), (now) =>
        putReading(now ?? nothingTold(machine.id, setup, nowText()), reading, setup, known()),
      ),
    tickAll: () => {
      const by = ticked();
      if (by) store(MACHINE_BAR_TEXT.allSet, (now) => tickAll(now, by));
    },
    putNeedle: (needle) => store(MACHINE_BAR_TEXT.needleChanged, (now) => ({ ...now!, ...needleIn(needle) })),
  };
}
