'use client';

import { type Machine, machineSchema, PLATE, PLATES } from '@/core/kit';
import type { MachineRecord } from '@/core/file';
import { STITCH, STITCHES } from '@/core/stitch';
import { formatNumber } from '@/core/units';
import { machines } from '@/data';
import { checkedBy, Field, lengthIn, plainNumber, type Typed } from '@/ui';
import { Dials } from './Dials';
import styles from './Workroom.module.css';

type NumberKey = 'maxLengthMm' | 'maxWidthMm' | 'lengthStepMm' | 'widthStepMm' | 'straightHoleMm' | 'footLiftMm' | 'extraLiftMm' | 'speedSpm' | 'needlePositions';

const NUMBERS: { key: NumberKey; label: string; unit?: string; help?: string }[] = [
  { key: 'maxLengthMm', label: 'Longest stitch', unit: 'mm' },
  { key: 'maxWidthMm', label: 'Widest swing', unit: 'mm', help: '0 if it sews straight only' },
  { key: 'needlePositions', label: 'Needle positions', help: '1 if the needle stands in the centre only' },
  { key: 'straightHoleMm', label: 'Hole of the straight-stitch plate', unit: 'mm from centre', help: 'minus for left; 0 in the centre' },
  { key: 'footLiftMm', label: 'Foot lift', unit: 'mm' },
  { key: 'extraLiftMm', label: 'Extra lift', unit: 'mm' },
  { key: 'speedSpm', label: 'Top speed', unit: 'stitches a minute' },
];

/** What one machine can do, and its dials as they really are. Its manual has the last word. */
export function MachineForm({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const set = (change: Partial<Machine>) => void machines.put({ ...record, machine: { ...machine, ...change, name: change.name ?? machine.name } });
  return (
    <div className={styles.form}>
      <Field label="Nickname" text={machine.name} read={(text): Typed<string> => (text.trim() === '' ? { ok: false, expected: 'Expected a name.' } : { ok: true, value: text.trim() })} onValue={(name) => set({ name })} />
      <Dials machine={machine} onSet={set} />
      <div className={styles.grid}>
        {NUMBERS.map(({ key, label, unit, help }) => (
          <Field key={key} label={label} unit={unit} help={help} text={formatNumber(machine[key], 2)} read={checkedBy<number>(required(unit?.startsWith('mm') ? lengthIn('mm') : plainNumber, 'a number'), machineSchema.shape[key])} onValue={(value) => set({ [key]: value })} />
        ))}
      </div>
      <Ticks
        legend="Stitches it has"
        options={STITCHES.map((id) => ({ id, name: STITCH[id].name }))}
        on={machine.stitches}
        onSet={(stitches) => set({ stitches })}
      />
      <Ticks legend="Needle plates that fit it" options={PLATES.map((id) => ({ id, name: PLATE[id].name }))} on={machine.plates} onSet={(plates) => set({ plates })} />
      <label className={styles.tick}>
        <input type="checkbox" checked={machine.reverse} onChange={(e) => set({ reverse: e.target.checked })} /> It sews in reverse
      </label>
    </div>
  );
}

/** A reader that wants a number. */
function required(parse: (text: string) => number | null, expected: string) {
  return (text: string): Typed<number> => {
    const minus = /^\s*[-−]/.test(text);
    const value = parse(text.replace(/^\s*[-−]\s*/, ''));
    return value === null ? { ok: false, expected: `Expected ${expected}.` } : { ok: true, value: minus ? -value : value };
  };
}

/** A list of things to tick. */
export function Ticks<T extends string>({ legend, options, on, onSet }: { legend: string; options: readonly { id: T; name: string }[]; on: readonly T[]; onSet: (on: T[]) => void }) {
  return (
    <fieldset className={styles.ticks}>
      <legend>{legend}</legend>
      {options.map(({ id, name }) => (
        <label key={id} className={styles.tick}>
          <input type="checkbox" checked={on.includes(id)} onChange={(e) => onSet(e.target.checked ? [...on, id] : on.filter((other) => other !== id))} /> {name}
        </label>
      ))}
    </fieldset>
  );
}
