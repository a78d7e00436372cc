'use client';

import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import Link from 'next/link';
import type { MachineRecord } from '@/core/file';
import { creepFactor, type DialCurve, dialSummary, lengthCurve, type Machine, widthCurve } from '@/core/kit';
import { formatNumber, formatPercent } from '@/core/units';
import { checkedUp, type CheckUpFound } from '@/core/workroom';
import styles from './CheckUp.module.css';
import { CHECK_UP_TEXT } from './text';

const TEXT = CHECK_UP_TEXT.found;

interface Props {
  record: MachineRecord;
  found: CheckUpFound;
  /** It is stored: it stands alone and leads on. */
  done?: boolean;
}

/** What a check-up tells of its machine. */
export function Found({ record, found, done = false }: Props) {
  return (
    <section className={done ? styles.page : styles.part} aria-labelledby="check-up-found">
      {done ? (
        <h1 id="check-up-found">{TEXT.title}</h1>
      ) : (
        <Typography variant="h2" id="check-up-found">
          {TEXT.soFar}
        </Typography>
      )}
      <ul className={styles.found}>
        {saysOf(done ? record.machine : checkedUp(record.machine, found), found).map((text) => (
          <li key={text}>{text}</li>
        ))}
      </ul>
      {done && (
        <>
          <p>{TEXT.cards}</p>
          <div className={styles.print}>
            <Button variant="contained" component={Link} href="/match">
              {TEXT.settings}
            </Button>
            <Link href={`/workroom?machine=${record.id}`}>{TEXT.machine}</Link>
          </div>
        </>
      )}
    </section>
  );
}

function saysOf(machine: Machine, { tension, pressure, beyond }: CheckUpFound): string[] {
  const { calibration, tensionDial, pressureDial } = machine;
  const off = (curve: DialCurve, says: (off: string) => string) => {
    const summary = dialSummary(curve);
    return summary ? [says(offText(summary.offPercent))] : [];
  };
  return [
    ...off(lengthCurve(calibration), TEXT.length),
    ...off(widthCurve(calibration), TEXT.width),
    ...(tension === null ? [] : [TEXT.tension(formatNumber(tension), formatNumber(tensionDial.normal))]),
    ...(pressure === null ? [] : [TEXT.pressure(pressure, String(pressureDial?.normal))]),
    ...beyond.map(({ part, side }) => TEXT.beyond[part][side]),
    ...(creeps(machine) ? [TEXT.creep(formatNumber(creepFactor(machine), 1))] : []),
  ];
}

const creeps = ({ calibration }: Machine) => (calibration?.feed ?? []).some(({ factor }) => factor !== null);

const offText = (percent: number): string =>
  Math.abs(percent) < 1
    ? TEXT.asItSays
    : TEXT.off(formatPercent(Math.round(Math.abs(percent))), percent < 0 ? 'less' : 'more');
