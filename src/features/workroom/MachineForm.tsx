'use client';

import { type Machine, machineSchema, PLATE, PLATES } from '@/core/kit';
import { type MachineRecord, machineRecordSchema } from '@/core/file';
import { STITCH, STITCHES } from '@/core/stitch';
import { formatNumber, parseSignedMm } from '@/core/units';
import { machines } from '@/data';
import { checkedBy, Field, numberBy, Pick, plainNumber, Tick, Ticks, withTick, wordsBy } from '@/ui';
import { Dials } from './Dials';
import styles from './Workroom.module.css';

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

const NUMBERS: { key: NumberKey; label: string; unit?: string; help?: string }[] = [
  { key: 'maxLengthMm', label: 'Longest stitch', unit: 'mm' },
  { key: 'lengthStepMm', label: 'Length in steps of', unit: 'mm' },
  { key: 'maxWidthMm', label: 'Widest swing', unit: 'mm', help: '0 if it sews straight only' },
  { key: 'widthStepMm', label: 'Width in steps of', unit: 'mm' },
  { key: 'needlePositions', label: 'Needle positions', help: '1 if the needle stands in the centre only' },
  {
    key: 'straightHoleMm',
    label: 'Hole of the straight-stitch plate',
    unit: 'mm from centre',
    help: 'minus for left; 0 in the centre',
  },
  { key: 'footLiftMm', label: 'Foot lift', unit: 'mm' },
  { key: 'extraLiftMm', label: 'Extra lift', unit: 'mm' },
  { key: 'speedSpm', label: 'Top speed', unit: 'stitches a minute' },
];

const SHANKS: readonly (readonly [Machine['shank'], string])[] = [
  ['low', 'low'],
  ['high', 'high'],
  ['slant', 'slanting'],
  ['built-in', 'built-in upper feed'],
];

/** What one machine can do, and its dials as they really are. Its manual has the last word. */
export function MachineForm({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const change = (edit: (now: Machine) => Partial<MachineRecord['machine']>) =>
    void machines.change(record.id, (now) => now && { ...now, machine: { ...now.machine, ...edit(now.machine) } });
  const set = (part: Partial<MachineRecord['machine']>) => change(() => part);
  return (
    <div className={styles.form}>
      <Field
        label="Nickname"
        text={machine.name}
        read={wordsBy(machineRecordSchema.shape.machine.shape.name)}
        onValue={(name) => set({ name })}
      />
      <Dials machine={machine} onSet={set} />
      <div className={styles.grid}>
        {NUMBERS.map(({ key, label, unit, help }) => (
          <Field
            key={key}
            label={label}
            unit={unit}
            help={help}
            text={formatNumber(machine[key], 2)}
            read={checkedBy<number>(
              numberBy(unit?.startsWith('mm') ? parseSignedMm : plainNumber, 'a number'),
              machineSchema.shape[key],
            )}
            onValue={(value) => set({ [key]: value })}
          />
        ))}
      </div>
      <Pick
        label="Shank"
        value={machine.shank}
        options={SHANKS}
        onPick={(shank) => set({ shank })}
        help="height of the presser bar: feet for another shank do not fit"
      />
      <Ticks
        legend="Stitches it has"
        options={STITCHES.map((id) => ({ id, name: STITCH[id].name }))}
        on={machine.stitches}
        onToggle={(id, on) => change((now) => ({ stitches: withTick(now.stitches, id, on) }))}
      />
      <Ticks
        legend="Needle plates that fit it"
        options={PLATES.map((id) => ({ id, name: PLATE[id].name }))}
        on={machine.plates}
        onToggle={(id, on) => change((now) => ({ plates: withTick(now.plates, id, on) }))}
      />
      <Tick name="It sews in reverse" checked={machine.reverse} onToggle={(reverse) => set({ reverse })} />
    </div>
  );
}
