'use client';

import { type Machine, machineSchema, normalMark } from '@/core/kit';
import { formatNumber, numberAsk } from '@/core/units';
import { Field, fieldProblem, quantity, Select, Tick, type Typed } from '@/ui';
import styles from './Workroom.module.css';
import { DIALS_TEXT } from './text';

type Set = (change: Partial<Machine>) => void;

/** Tension and pressure as they are printed on the machine. */
export function Dials({ machine, onSet }: { machine: Machine; onSet: Set }) {
  return (
    <>
      <TensionDial machine={machine} onSet={onSet} />
      <PressureDial machine={machine} onSet={onSet} />
    </>
  );
}

const TENSION = [
  ['min', DIALS_TEXT.tensionFrom],
  ['max', 'to'],
  ['normal', 'normal'],
  ['step', DIALS_TEXT.inStepsOf],
] as const;

const dialNumber = quantity(numberAsk('dial', 'metric', { signed: true, usual: 4 }));

function TensionDial({ machine, onSet }: { machine: Machine; onSet: Set }) {
  const dial = machine.tensionDial;
  const read =
    (key: keyof Machine['tensionDial']) =>
    (text: string): Typed<number> => {
      const typed = dialNumber(text);
      if (!typed.ok) return typed;
      const whole = { ...dial, [key]: typed.value };
      const checked = machineSchema.shape.tensionDial.safeParse(whole);
      return checked.success ? typed : { ok: false, expected: fieldProblem(checked.error, whole).text };
    };
  return (
    <div className={styles.dial}>
      {TENSION.map(([key, label]) => (
        <Field
          key={key}
          label={label}
          text={formatNumber(dial[key], 2)}
          read={read(key)}
          onValue={(value) => onSet({ tensionDial: { ...dial, [key]: value } })}
        />
      ))}
    </div>
  );
}

/** A mark that is a number is kept as one; "L" or "min" as it is printed. */
const asNumber = (mark: string): number | null =>
  /^-?\d*[.,]?\d+$/.test(mark) ? Number(mark.replace(',', '.')) : null;

function PressureDial({ machine, onSet }: { machine: Machine; onSet: Set }) {
  const dial = machine.pressureDial;
  const read = (text: string): Typed<(string | number)[]> => {
    const positions = text
      .split(',')
      .map((part) => part.trim())
      .filter(Boolean)
      .map((part) => asNumber(part) ?? part);
    if (positions.length < 2) return { ok: false, expected: DIALS_TEXT.expectedTwoMarksOr };
    return new Set(positions).size === positions.length
      ? { ok: true, value: positions }
      : { ok: false, expected: DIALS_TEXT.expectedEachMarkOnce };
  };
  const place = (positions: (string | number)[]) => ({
    positions,
    normal: normalMark(positions, dial?.normal),
  });
  return (
    <div className={styles.dial}>
      <Tick
        name={DIALS_TEXT.pressureCanBeSet}
        checked={dial !== null}
        onToggle={(on) => onSet({ pressureDial: on ? { positions: [0, 1, 2, 3], normal: 2 } : null })}
      />
      {dial && (
        <>
          <Field
            label={DIALS_TEXT.marksLightestToHeaviest}
            text={dial.positions.join(', ')}
            read={read}
            onValue={(positions) => onSet({ pressureDial: place(positions) })}
            help={DIALS_TEXT.numbersLettersOrWords}
          />
          <Select
            label={DIALS_TEXT.normal}
            value={String(dial.normal)}
            options={dial.positions.map((position) => [String(position), String(position)] as const)}
            onPick={(id) => onSet({ pressureDial: { ...dial, normal: dial.positions.find((p) => String(p) === id)! } })}
          />
        </>
      )}
    </div>
  );
}
