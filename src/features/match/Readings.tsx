'use client';

import {
  FIBRE,
  FOOT,
  type Kit,
  type Machine,
  machineReads,
  PLATE,
  POINT,
  pressureSteps,
  sameThread,
  threadName,
} from '@/core/kit';
import Link from 'next/link';
import type { SeamContext } from '@/core/physics';
import { type ChosenPart, type Dial, dialValues, type Setup } from '@/core/setup';
import { STITCH } from '@/core/stitch';
import { formatNeedleSize, formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { Reading, useRoving } from '@/ui';
import styles from './Match.module.css';
import { PartChoice } from './PartChoice';
import { READINGS_TEXT, START_TEXT } from './text';

interface Props {
  setup: Setup;
  seam: SeamContext;
  machine: Machine;
  kit: Kit | null;
  /** The dial that is being turned by hand. */
  turning: Dial | null;
  onTurn: (dial: Dial | null) => void;
  onTake: (setup: Setup) => void;
}

/** The setting on the machine's own scales: the largest thing is what a hand turns, and every part can be moved. */
export function Readings(props: Props) {
  const { setup, machine, seam, kit, onTake } = props;
  const [dials, parts] = [useRoving<HTMLDListElement>(), useRoving<HTMLDListElement>()];
  const reads = machineReads(machine, setup);
  const part = (name: ChosenPart, text: string) => (
    <PartChoice part={name} text={text} setup={setup} seam={seam} machine={machine} kit={kit} onTake={onTake} />
  );
  const needle = `${POINT[setup.needle.point].name} ${formatNeedleSize(setup.needle.nm)}`;
  const thread = READINGS_TEXT.tex(FIBRE[setup.thread.fibre].name, formatNumber(setup.thread.tex));
  const below = setup.bobbin && !sameThread(setup.thread, setup.bobbin) ? setup.bobbin : undefined;
  const foot = FOOT[setup.foot].name;
  const plate = PLATE[setup.plate].name;
  const side = setup.footSide ? READINGS_TEXT.onTheOfThe(setup.footSide) : undefined;
  const stitch = STITCH[setup.stitch];
  return (
    <>
      <dl className={`${styles.dials} ${styles.ruled}`} {...dials}>
        <Reading
          label={READINGS_TEXT.stitch}
          value={stitch.name}
          unit={reads.stitch && READINGS_TEXT.stitch2(reads.stitch)}
          control={part('stitch', stitch.name)}
          note={stitch.plain}
        />
        <Dials {...props} />
      </dl>
      <dl className={`${styles.parts} ${styles.ruled}`} {...parts}>
        <Reading
          size="part"
          label={READINGS_TEXT.needle}
          value={needle}
          control={part('needle', needle)}
          note={setup.needle.gapMm ? READINGS_TEXT.mmApart(setup.needle.gapMm) : undefined}
        />
        <Reading
          size="part"
          label={below ? READINGS_TEXT.threadAbove : READINGS_TEXT.threads}
          value={thread}
          control={part('thread', thread)}
          note={below && READINGS_TEXT.bobbin(threadName(below))}
        />
        <Reading size="part" label={READINGS_TEXT.foot} value={foot} control={part('foot', foot)} note={side} />
        <Reading
          size="part"
          label={READINGS_TEXT.plate}
          value={plate}
          control={part('plate', plate)}
          note={setup.needlePositionMm === 0 ? undefined : READINGS_TEXT.needle2(reads.needlePosition)}
        />
      </dl>
      {kit === null && (
        <p className={styles.quiet}>
          {READINGS_TEXT.ifYouHave} <Link href="/start">{START_TEXT.sayKit}</Link>
        </p>
      )}
    </>
  );
}

function Dials({ setup, machine, turning, onTurn }: Props) {
  const { perInch } = useUnits();
  const reads = machineReads(machine, setup);
  const { min, max, normal } = machine.tensionDial;
  const heaviest = pressureSteps(machine).at(-1)!.position;
  const numbered = Number.isFinite(Number(reads.pressure)) && machine.pressureDial !== null;
  const trueLength =
    reads.length === formatNumber(setup.lengthMm, 2) ? '' : READINGS_TEXT.sewsMm(formatNumber(setup.lengthMm, 2));
  // A dial with one place, or none, is not for turning.
  const turn = (dial: Dial) =>
    dialValues(machine, setup, dial).length > 1
      ? { onPress: () => onTurn(turning === dial ? null : dial), pressed: turning === dial }
      : {};
  return (
    <>
      <Reading
        label={READINGS_TEXT.length}
        value={reads.length}
        unit="mm"
        note={`${trueLength}${perInch(setup.lengthMm)}`}
        {...turn('length')}
      />
      <Reading
        label={READINGS_TEXT.width}
        value={setup.widthMm === 0 ? 'none' : reads.width}
        unit={setup.widthMm === 0 ? undefined : 'mm'}
        note={setup.widthMm === 0 ? READINGS_TEXT.thisStitchHasNo : READINGS_TEXT.wholeSwing}
        {...turn('width')}
      />
      <Reading
        label={READINGS_TEXT.tension}
        value={reads.tension}
        unit={READINGS_TEXT.of(formatNumber(max))}
        note={tensionNote(setup.tensionSteps, `${normal}`, min)}
        {...turn('tension')}
      />
      <Reading
        label={READINGS_TEXT.pressure}
        value={reads.pressure}
        unit={numbered ? READINGS_TEXT.of2(heaviest) : undefined}
        note={pressureNote(setup.pressure, machine)}
        {...turn('pressure')}
      />
    </>
  );
}

function tensionNote(steps: number, normal: string, min: number): string {
  if (steps === 0) return READINGS_TEXT.thisMachinesNormal;
  const far = READINGS_TEXT.normal(formatNumber(Math.abs(steps)), steps > 0 ? 'above' : 'below', normal);
  return min < 0 ? READINGS_TEXT.dialFrom(far, min) : far;
}

function pressureNote(pressure: number, machine: Machine): string {
  if (machine.pressureDial === null) return READINGS_TEXT.noDialOnThis;
  if (pressure < 0.05) return READINGS_TEXT.theLightest;
  if (pressure < 0.45) return 'light';
  return pressure < 0.55 ? READINGS_TEXT.thisMachinesNormal : 'firm';
}
