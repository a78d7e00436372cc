'use client';

import { FIBRE, FOOT, type Machine, type MachineReads, PLATE, POINT, pressureSteps } from '@/core/kit';
import type { Setup } from '@/core/setup';
import { STITCH } from '@/core/stitch';
import { formatNeedleSize, formatNumber } from '@/core/units';
import { useUnits } from '@/parts/workspace';
import { Reading } from '@/ui';
import styles from './Match.module.css';

/** The setting on the machine's own scales: the largest thing is what a hand turns. */
export function Readings({ setup, reads, machine }: { setup: Setup; reads: MachineReads; machine: Machine }) {
  const { perInch } = useUnits();
  const { min, max, normal } = machine.tensionDial;
  const heaviest = pressureSteps(machine).at(-1)!.position;
  const numbered = Number.isFinite(Number(reads.pressure)) && machine.pressureDial !== null;
  const trueLength =
    reads.length === formatNumber(setup.lengthMm, 2) ? '' : `sews ${formatNumber(setup.lengthMm, 2)} mm, `;
  return (
    <>
      <dl className={`${styles.dials} ${styles.ruled}`}>
        <Reading label="Stitch" value={STITCH[setup.stitch].name} note={STITCH[setup.stitch].plain} />
        <Reading label="Length" value={reads.length} unit="mm" note={`${trueLength}${perInch(setup.lengthMm)}`} />
        <Reading
          label="Width"
          value={setup.widthMm === 0 ? 'none' : reads.width}
          unit={setup.widthMm === 0 ? undefined : 'mm'}
          note={setup.widthMm === 0 ? 'this stitch has no swing' : 'whole swing'}
        />
        <Reading
          label="Tension"
          value={reads.tension}
          unit={`of ${formatNumber(max)}`}
          note={tensionNote(setup.tensionSteps, `${normal}`, min)}
        />
        <Reading
          label="Pressure"
          value={reads.pressure}
          unit={numbered ? `of ${heaviest}` : undefined}
          note={pressureNote(setup.pressure, machine)}
        />
      </dl>
      <dl className={`${styles.parts} ${styles.ruled}`}>
        <Reading
          size="part"
          label="Needle"
          value={`${POINT[setup.needle.point].name} ${formatNeedleSize(setup.needle.nm)}`}
          note={setup.needle.gapMm ? `${setup.needle.gapMm} mm apart` : undefined}
        />
        <Reading
          size="part"
          label="Thread, both"
          value={`${FIBRE[setup.thread.fibre].name}, Tex ${formatNumber(setup.thread.tex)}`}
        />
        <Reading size="part" label="Foot" value={FOOT[setup.foot].name} />
        <Reading
          size="part"
          label="Plate"
          value={PLATE[setup.plate].name}
          note={setup.needlePositionMm === 0 ? undefined : `needle ${reads.needlePosition}`}
        />
      </dl>
    </>
  );
}

function tensionNote(steps: number, normal: string, min: number): string {
  if (steps === 0) return 'this machine’s normal';
  const far = `${formatNumber(Math.abs(steps))} ${steps > 0 ? 'above' : 'below'} normal ${normal}`;
  return min < 0 ? `${far} (dial from ${min})` : far;
}

function pressureNote(pressure: number, machine: Machine): string {
  if (machine.pressureDial === null) return 'no dial on this machine';
  if (pressure < 0.05) return 'the lightest';
  if (pressure < 0.45) return 'light';
  return pressure < 0.55 ? 'this machine’s normal' : 'firm';
}
