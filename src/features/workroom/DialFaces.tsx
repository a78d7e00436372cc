'use client';

import type { ReactNode } from 'react';
import { type MachineRecord, setForName } from '@/core/file';
import { dialLengthMm, dialWidthMm, type Machine, machineReads, tensionReading, needlePlacesMm } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { useCloths, useOnMachine } from '@/data';
import { RoundDial, SlideDial } from '@/ui';
import styles from './Workroom.module.css';
import { DIAL_FACES_TEXT } from './text';

/** Nothing noted yet: every dial at the machine's normal, a usual stitch. */
const AT_REST = { lengthMm: 2.5, widthMm: 0, tensionSteps: 0, pressure: 0.5, needlePositionMm: 0 };

/** The dials as a person sees them on the machine, standing where they stand now. */
export function DialFaces({ record }: { record: MachineRecord }) {
  const { machine } = record;
  const on = useOnMachine(record.id);
  const cloths = useCloths();
  const setFor = cloths && setForName(on, cloths);
  const setup = on?.setup ?? AT_REST;
  const reads = machineReads(machine, setup);
  const { tensionDial } = machine;
  return (
    <section aria-labelledby="dials" className={styles.faces}>
      <h2 id="dials">
        {on
          ? DIAL_FACES_TEXT.itsDialsNow(setFor ? DIAL_FACES_TEXT.setFor(setFor) : '')
          : DIAL_FACES_TEXT.itsDialsAtNormal}
      </h2>
      <ul>
        <Millimetres
          name={DIAL_FACES_TEXT.length}
          max={machine.maxLengthMm}
          trueMm={setup.lengthMm}
          dialMm={dialLengthMm(machine, setup.lengthMm)}
          reads={reads.length}
        />
        {machine.maxWidthMm > 0 && (
          <Millimetres
            name={DIAL_FACES_TEXT.width}
            max={machine.maxWidthMm}
            trueMm={setup.widthMm}
            dialMm={dialWidthMm(machine, setup.widthMm)}
            reads={reads.width}
          />
        )}
        <Face
          name={DIAL_FACES_TEXT.tension}
          reads={DIAL_FACES_TEXT.of(reads.tension, formatNumber(tensionDial.max))}
          note={DIAL_FACES_TEXT.normalIs(formatNumber(tensionDial.normal))}
        >
          <RoundDial
            {...tensionDial}
            value={tensionReading(machine, setup.tensionSteps)}
            label={DIAL_FACES_TEXT.tension}
          />
        </Face>
        <Pressure machine={machine} reads={reads.pressure} />
        <NeedlePlace machine={machine} positionMm={setup.needlePositionMm} reads={reads.needlePosition} />
      </ul>
    </section>
  );
}

function Pressure({ machine, reads }: { machine: Machine; reads: string }) {
  const dial = machine.pressureDial;
  if (!dial) {
    const note = DIAL_FACES_TEXT.aGlideOrWalking;
    return <Face name={DIAL_FACES_TEXT.pressure} reads="fixed" note={note} />;
  }
  const marks = dial.positions.map(String);
  return (
    <Face name={DIAL_FACES_TEXT.pressure} reads={reads} note={DIAL_FACES_TEXT.normalIsLightest(dial.normal, marks[0])}>
      <SlideDial
        marks={marks}
        at={marks.indexOf(reads)}
        normal={dial.positions.indexOf(dial.normal)}
        label={DIAL_FACES_TEXT.pressure}
        says={reads}
      />
    </Face>
  );
}

/** Where the needle stands, seen from the front, on the machine's own places. */
function NeedlePlace({ machine, positionMm, reads }: { machine: Machine; positionMm: number; reads: string }) {
  const { needlePositions, maxWidthMm } = machine;
  const moves = needlePositions > 1 && maxWidthMm > 0;
  const note = moves
    ? DIAL_FACES_TEXT.placesAcrossMm(needlePositions, formatNumber(maxWidthMm))
    : DIAL_FACES_TEXT.standsInTheCentre;
  const places = needlePlacesMm(machine);
  return (
    <Face name={DIAL_FACES_TEXT.needlePosition} reads={reads} note={note}>
      {moves && (
        <SlideDial
          marks={places.map((mm) => formatNumber(Math.abs(mm), 1))}
          at={(positionMm - places[0]) / (places[1] - places[0])}
          normal={(needlePositions - 1) / 2}
          label={DIAL_FACES_TEXT.needlePositionLeftTo}
          says={reads}
        />
      )}
    </Face>
  );
}

interface MillimetresProps {
  name: 'Length' | 'Width';
  max: number;
  trueMm: number;
  dialMm: number;
  reads: string;
}

function Millimetres({ name, max, trueMm, dialMm, reads }: MillimetresProps) {
  const marks = Array.from({ length: Math.floor(max) + 1 }, (_, mm) => String(mm));
  const off = Math.abs(trueMm - dialMm) > 0.04;
  const note =
    trueMm === 0
      ? DIAL_FACES_TEXT.thisStitchDoesNot
      : off
        ? DIAL_FACES_TEXT.trulyMm(formatNumber(trueMm, 1))
        : DIAL_FACES_TEXT.asPrintedOnThe;
  return (
    <Face name={name} reads={trueMm === 0 ? 'none' : DIAL_FACES_TEXT.mm(reads)} note={note}>
      <SlideDial marks={marks} at={dialMm} label={name} says={DIAL_FACES_TEXT.mm(reads)} />
    </Face>
  );
}

interface FaceProps {
  name: string;
  reads: string;
  note: string;
  children?: ReactNode;
}

function Face({ name, reads, note, children }: FaceProps) {
  return (
    <li>
      <span>{name}</span>
      <strong>{reads}</strong>
      <small>{note}</small>
      {children}
    </li>
  );
}
