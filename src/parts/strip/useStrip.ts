'use client';

import {
  type ClothRecord,
  hoursInMachine,
  type MachineRecord,
  type NeedleRecord,
  type OnMachine,
  setForName,
} from '@/core/file';
import { checkInterlocks } from '@/core/interlock';
import { needleHours, needleState, type NeedleState, nextNeedle, sameNeedle } from '@/core/kit';
import {
  type Change,
  type Reading,
  READING_TEXT,
  READINGS,
  settingReadings,
  setupChanges,
  withReading,
} from '@/core/setup';
import { edit, onMachines, type PreferenceValue, useCloths, useNeedles, useOnMachine, usePreference } from '@/data';
import { nowText, sayWhen, useNeedleLife, useQuestion } from '../workspace';

/** What the strip shows. */
export interface StripState {
  machine: MachineRecord;
  on: OnMachine | null;
  /** What it is set for, as that cloth is called now; null when that is not known. */
  clothName: string | null;
  /** Cloths it may be set for, where an older note says only a name that does not tell which; empty otherwise. */
  which: ClothRecord[];
  /** Says which of them it is; null for none of them. */
  tellCloth: (id: string | null) => void;
  readings: Record<Reading, string> | null;
  changes: Change[];
  /** What the machine is still set for, when the cloth or the day has changed since. */
  leftOver: string | null;
  /** What would break with what is on the machine now; null when nothing would. */
  clash: string | null;
  needle: NeedleNow;
  tick: (reading: Reading) => void;
  tickAll: () => void;
  putNeedle: (needle: NeedleRecord | null) => void;
}

/** The needle that is in the machine, and what the tin holds of its kind. */
export interface NeedleNow {
  hours: number;
  lifeHours: number | null;
  state: NeedleState;
  /** Needles of the tin that are like it and fit to sew. */
  others: NeedleRecord[];
}

type Target = NonNullable<PreferenceValue<'target'>>;

/** What is on the machine now and what has to change for the chosen setting. */
export function useStrip(): StripState | null {
  const asked = useQuestion();
  const machine = asked?.machine ?? null;
  const on = useOnMachine(machine?.id ?? null);
  const wanted = usePreference('target');
  const tin = useNeedles();
  const lifeHours = useNeedleLife();
  const cloths = useCloths();
  if (!machine || on === undefined || wanted === undefined || !tin || !cloths) return null;
  const clothName = setForName(on, cloths);
  const target = wanted?.machineId === machine.id ? wanted : null;
  const changes = target ? setupChanges(machine.machine, on?.setup ?? null, target.setup, on?.unsure) : [];
  const store = (text: string, change: (now: OnMachine | null) => OnMachine) =>
    void edit(`${text} on ${machine.machine.name}`, () => onMachines.change(machine.id, (now) => change(now ?? null)));
  const pick = (needle: NeedleRecord['needle']) =>
    nextNeedle(
      tin
        .filter((n) => sameNeedle(n.needle, needle))
        .map((n) => ({ id: n.id, addedAt: n.addedAt, hours: needleHours(n), spent: n.spent !== null, record: n })),
      lifeHours,
    )?.record ?? null;
  return {
    machine,
    on,
    readings: on ? settingReadings(machine.machine, on.setup) : null,
    changes,
    clothName,
    which: on?.clothNamed === undefined ? [] : candidates(on.clothNamed, cloths),
    tellCloth: (id) =>
      store('Fabric chosen', (now) => {
        const told = { ...now!, clothId: id };
        delete told.clothNamed;
        return told;
      }),
    leftOver: leftOver(on, target, changes) ? clothName : null,
    clash: on ? clashOf(machine, on) : null,
    needle: needleNow(on, tin, lifeHours),
    tick: (reading) =>
      target && store(`${READING_TEXT[reading]} set`, (now) => ticked(machine, now, target, reading, pick)),
    tickAll: () => target && store('All set', (now) => allSet(now, target, changes, pick)),
    putNeedle: (needle) =>
      store('Needle changed', (now) => ({
        ...now!,
        ...needleIn(needle),
      })),
  };
}

/** Whether it is still set for another cloth, or since another day. */
function leftOver(on: OnMachine | null, target: Target | null, changes: readonly Change[]): boolean {
  if (!on || (on.clothId === null && on.clothNamed === undefined)) return false;
  const otherCloth = target !== null && changes.length > 0 && on.clothId !== target.clothId;
  const otherDay = sayWhen(on.since) !== 'today';
  return otherCloth || otherDay;
}

/** The cloths that answer to a name; all of them where none does. */
function candidates(name: string, cloths: readonly ClothRecord[]): ClothRecord[] {
  const called = cloths.filter((one) => one.cloth.name === name);
  return called.length > 0 ? called : [...cloths];
}

function clashOf({ machine }: MachineRecord, on: OnMachine): string | null {
  // Thickness belongs to a seam; what clashes here does so with any.
  return checkInterlocks({ setup: on.setup, machine, thicknessMm: 0 })[0]?.text ?? null;
}

function needleNow(on: OnMachine | null, tin: readonly NeedleRecord[], lifeHours: number | null): NeedleNow {
  const record = tin.find((n) => n.id === on?.needleId);
  const hours = on ? hoursInMachine(on, tin) : 0;
  const state = needleState({ hours, spent: Boolean(record?.spent) }, lifeHours);
  const others = on
    ? tin.filter((n) => n.spent === null && n.id !== on.needleId && sameNeedle(n.needle, on.setup.needle))
    : [];
  return { hours, lifeHours, state, others };
}

type Pick = (needle: NeedleRecord['needle']) => NeedleRecord | null;

function ticked(
  { machine }: MachineRecord,
  on: OnMachine | null,
  target: Target,
  reading: Reading,
  pick: Pick,
): OnMachine {
  const unsure = (on ? on.unsure : [...READINGS]).filter((r) => r !== reading);
  const now = on ?? fresh(target);
  const setup = withReading(now.setup, target.setup, reading);
  const done = setupChanges(machine, setup, target.setup, unsure).length === 0;
  const { clothNamed, ...rest } = now;
  return {
    ...rest,
    ...(clothNamed !== undefined && !done && { clothNamed }),
    setup,
    unsure,
    ...(reading === 'needle' && needleIn(pick(target.setup.needle))),
    ...(done && { clothId: target.clothId, since: nowText() }),
  };
}

function allSet(on: OnMachine | null, target: Target, changes: Change[], pick: Pick): OnMachine {
  const newNeedle = !on || changes.some((c) => c.reading === 'needle');
  const needle = newNeedle ? needleIn(pick(target.setup.needle)) : { needleSewn: on.needleSewn, needleId: on.needleId };
  return { ...fresh(target), ...needle };
}

const needleIn = (needle: NeedleRecord | null) => ({ needleId: needle?.id ?? null, needleSewn: [] });

const fresh = ({ machineId, setup, clothId }: Target): OnMachine => ({
  machineId,
  setup,
  unsure: [],
  clothId,
  since: nowText(),
  needleSewn: [],
  needleId: null,
});
