'use client';

import dynamic from 'next/dynamic';
import { FEET, FOOT, type Machine, machineSchema, PLATE, PLATES, SHANKS, shankText } from '@/core/kit';
import { type MachineRecord, machineRecordSchema } from '@/core/file';
import { STITCH, STITCHES } from '@/core/stitch';
import { dialMmAsk, lengthAsk, numberAsk, type QuantityAsk, type UnitSystem } from '@/core/units';
import { machines } from '@/data';
import { useUnits } from '@/parts/workspace';
import { Field, QuantityField, Select, Tick, Ticks, withTick, wordsBy } from '@/ui';
import { Dials } from './Dials';
import { MACHINE_TEXT as TEXT } from './text';
import styles from './Workroom.module.css';

/** Comes with its own form and table, once it is looked at. */
const StitchLabels = dynamic(() => import('./StitchLabels').then((m) => m.StitchLabels));

/** Feet that are bought apart from a machine; those built in fit it anyway. */
const OWNED_APART = FEET.filter((foot) => !FOOT[foot].builtIn);

type NumberKey =
  | 'maxLengthMm'
  | 'maxWidthMm'
  | 'lengthStepMm'
  | 'widthStepMm'
  | 'straightHoleMm'
  | 'footLiftMm'
  | 'extraLiftMm'
  | 'speedSpm'
  | 'needlePositions';

/** What a machine's manual says in mm stays in mm; how high its foot lifts is measured like cloth. */
const NUMBERS: { key: NumberKey; label: string; ask: (system: UnitSystem) => QuantityAsk; help?: string }[] = [
  { key: 'maxLengthMm', label: TEXT.longestStitch, ask: (s) => dialMmAsk(s, 4, { least: 0.5, most: 20 }) },
  { key: 'lengthStepMm', label: TEXT.lengthInStepsOf, ask: (s) => dialMmAsk(s, 0.5, { least: 0.01, most: 5 }) },
  {
    key: 'maxWidthMm',
    label: TEXT.widestSwing,
    ask: (s) => dialMmAsk(s, 7, { least: 0, most: 20 }),
    help: TEXT.ifItSewsStraight,
  },
  { key: 'widthStepMm', label: TEXT.widthInStepsOf, ask: (s) => dialMmAsk(s, 0.5, { least: 0.01, most: 5 }) },
  {
    key: 'needlePositions',
    label: TEXT.needlePositions,
    ask: (s) => numberAsk('count', s, { least: 1, most: 200, whole: true, usual: 13 }),
    help: TEXT.ifTheNeedleStands,
  },
  {
    key: 'straightHoleMm',
    label: TEXT.holeOfTheStraight,
    ask: (s) => dialMmAsk(s, 3, { signed: true, least: -10, most: 10 }),
    help: TEXT.minusForLeftIn,
  },
  { key: 'footLiftMm', label: TEXT.footLift, ask: (s) => lengthAsk(s, 5, { least: 0.5, most: 30 }) },
  { key: 'extraLiftMm', label: TEXT.extraLift, ask: (s) => lengthAsk(s, 2, { least: 0, most: 30 }) },
  { key: 'speedSpm', label: TEXT.topSpeed, ask: (s) => numberAsk('speed', s, { least: 10, most: 5000, usual: 750 }) },
];

/** What one machine can do, and its dials as they really are. Its manual has the last word. */
export function MachineForm({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const { system, say } = useUnits();
  const change = (edit: (now: Machine) => Partial<Machine> & { name?: string }) =>
    void machines.change(record.id, (now) => now && { ...now, machine: { ...now.machine, ...edit(now.machine) } });
  const set = (part: Partial<Machine> & { name?: string }) => change(() => part);
  return (
    <div className={styles.form}>
      <Field
        label={TEXT.nickname}
        text={machine.name}
        read={wordsBy(machineRecordSchema.shape.machine.shape.name)}
        onValue={(name) => set({ name })}
      />
      <Dials machine={machine} onSet={set} />
      <div className={styles.grid}>
        {NUMBERS.map(({ key, label, ask, help }) => (
          <QuantityField
            key={key}
            label={label}
            ask={ask(system)}
            schema={machineSchema.shape[key]}
            help={help}
            value={machine[key]}
            onValue={(value) => set({ [key]: value })}
          />
        ))}
      </div>
      <Select
        label={TEXT.shank}
        value={machine.shank}
        options={SHANKS.map((id) => [id, say(shankText(id))] as const)}
        onPick={(shank) => set({ shank })}
        help={TEXT.shankHelp}
      />
      <Abilities machine={machine} set={set} change={change} />
      <StitchLabels record={record} />
    </div>
  );
}

interface AbilitiesProps {
  machine: Machine;
  set: (part: Partial<Machine>) => void;
  change: (edit: (now: Machine) => Partial<Machine>) => void;
}

/** What is ticked: stitches, plates and feet, and what it does by itself. */
function Abilities({ machine, set, change }: AbilitiesProps) {
  return (
    <>
      <Ticks
        legend={TEXT.stitchesItHas}
        options={STITCHES.map((id) => ({ id, name: STITCH[id].name }))}
        on={machine.stitches}
        onToggle={(id, on) => change((now) => ({ stitches: withTick(now.stitches, id, on) }))}
      />
      <Ticks
        legend={TEXT.needlePlatesThatFit}
        options={PLATES.map((id) => ({ id, name: PLATE[id].name }))}
        on={machine.plates}
        onToggle={(id, on) => change((now) => ({ plates: withTick(now.plates, id, on) }))}
      />
      <Tick name={TEXT.itSewsInReverse} checked={machine.reverse} onToggle={(reverse) => set({ reverse })} />
      <Tick name={TEXT.needleStop} checked={machine.needleStop} onToggle={(needleStop) => set({ needleStop })} />
      <Tick name={TEXT.autoLock} checked={machine.autoLock} onToggle={(autoLock) => set({ autoLock })} />
      <Tick
        name={TEXT.anyFoot}
        checked={machine.feet === undefined}
        onToggle={(any) => set({ feet: any ? undefined : OWNED_APART })}
      />
      {machine.feet && (
        <Ticks
          legend={TEXT.feet}
          options={OWNED_APART.map((id) => ({ id, name: FOOT[id].name }))}
          on={machine.feet}
          onToggle={(id, on) => change((now) => ({ feet: withTick(now.feet ?? [], id, on) }))}
        />
      )}
    </>
  );
}
