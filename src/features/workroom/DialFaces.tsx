'use client';

import type { MachineRecord } from '@/core/file';
import { dialLengthMm, dialWidthMm, machineReads, tensionReading } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { useOnMachine } from '@/data';
import { RoundDial, SlideDial } from '@/ui';
import styles from './Workroom.module.css';

/** Nothing noted yet: every dial at the machine's normal, a usual stitch. */
const AT_REST = { lengthMm: 2.5, widthMm: 0, tensionSteps: 0, pressure: 0.5, needlePositionMm: 0 };

/** The dials as a person sees them on the machine, standing where they stand now. */
export function DialFaces({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const on = useOnMachine(record.id);
  const setup = on?.setup ?? AT_REST;
  const reads = machineReads(machine, setup);
  const { tensionDial, pressureDial, maxLengthMm, maxWidthMm } = machine;
  const tension = tensionReading(machine, setup.tensionSteps);
  const positions = pressureDial?.positions.map(String) ?? [];
  return (
    <section aria-labelledby="dials" className={styles.faces}>
      <h2 id="dials">
        {on ? `Its dials now${on.clothName ? `, set for ${on.clothName}` : ''}` : 'Its dials at normal'}
      </h2>
      <ul>
        <Face
          name="Length"
          reads={`${reads.length} mm`}
          note={trueNote(setup.lengthMm, dialLengthMm(machine, setup.lengthMm))}
        >
          <Millimetres
            max={maxLengthMm}
            at={dialLengthMm(machine, setup.lengthMm)}
            label="Length"
            says={reads.length}
          />
        </Face>
        {maxWidthMm > 0 && (
          <Face
            name="Width"
            reads={`${reads.width} mm`}
            note={trueNote(setup.widthMm, dialWidthMm(machine, setup.widthMm))}
          >
            <Millimetres max={maxWidthMm} at={dialWidthMm(machine, setup.widthMm)} label="Width" says={reads.width} />
          </Face>
        )}
        <Face
          name="Tension"
          reads={`${reads.tension} of ${formatNumber(tensionDial.max)}`}
          note={`normal is ${formatNumber(tensionDial.normal)}`}
        >
          <RoundDial {...tensionDial} value={tension} label="Tension" />
        </Face>
        <Face
          name="Pressure"
          reads={pressureDial ? reads.pressure : 'fixed'}
          note={
            pressureDial
              ? `normal is ${pressureDial.normal}, lightest ${positions[0]}`
              : 'a glide or walking foot, tissue or starch stand in for it'
          }
        >
          {pressureDial && (
            <SlideDial
              marks={positions}
              at={positions.indexOf(reads.pressure)}
              normal={pressureDial.positions.indexOf(pressureDial.normal)}
              label="Pressure"
              says={reads.pressure}
            />
          )}
        </Face>
      </ul>
    </section>
  );
}

function Face({
  name,
  reads,
  note,
  children,
}: {
  name: string;
  reads: string;
  note: string;
  children: React.ReactNode;
}) {
  return (
    <li>
      <span>{name}</span>
      <strong>{reads}</strong>
      <small>{note}</small>
      {children}
    </li>
  );
}

function Millimetres({ max, at, label, says }: { max: number; at: number; label: string; says: string }) {
  const marks = Array.from({ length: Math.floor(max) + 1 }, (_, mm) => String(mm));
  return <SlideDial marks={marks} at={at} label={label} says={`${says} mm`} />;
}

const trueNote = (trueMm: number, dialMm: number) =>
  Math.abs(trueMm - dialMm) > 0.04 ? `truly ${formatNumber(trueMm, 1)} mm` : 'as printed on the dial';
