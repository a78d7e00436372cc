'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { ClothReading, Gauge, KeptReading } from '@/core/cloth';
import { sayWhen, useAct, useUnits } from '@/parts/workspace';
import styles from './Gauges.module.css';
import type { GaugeProps } from './GaugeProps';
import { sayReading } from './sayReading';
import { GAUGE_SHELL_TEXT } from '../text';

interface Props extends GaugeProps {
  gauge: Gauge;
  title: string;
  howTo: string;
  drawing: ReactNode;
  /** The fields or picks. */
  children: ReactNode;
  verdict: ReactNode;
  hint: string;
  problem?: string;
  onKeep?: () => void;
  canKeep?: boolean;
}

/** One instrument: how to use it, its drawing, its numbers, what they say, and what was read so far. */
export function GaugeShell(props: Props) {
  const { gauge, title, howTo, drawing, children, verdict, hint, problem, onKeep, canKeep, record, onSave } = props;
  return (
    <section className={styles.gauge} aria-labelledby={`gauge-${gauge}`}>
      <h2 id={`gauge-${gauge}`}>{title}</h2>
      <p className={styles.howTo}>{howTo}</p>
      {drawing}
      <div className={styles.marks}>
        {children}
        {onKeep && (
          <Button variant="outlined" onClick={onKeep} disabled={!canKeep}>
            {GAUGE_SHELL_TEXT.keepThisReading}
          </Button>
        )}
      </div>
      {problem && (
        <p role="alert" className={styles.problem}>
          {problem}
        </p>
      )}
      <p aria-live="polite" className={styles.verdict}>
        {verdict ?? hint}
      </p>
      <Readings gauge={gauge} record={record} onSave={onSave} />
    </section>
  );
}

function Readings({ gauge, record, onSave }: GaugeProps & { gauge: Gauge }) {
  const units = useUnits();
  const act = useAct();
  const own = record.readings.filter((reading) => reading.gauge === gauge);
  if (own.length === 0) return null;
  const drop = (id: string) =>
    void act(GAUGE_SHELL_TEXT.readingDeleted, () =>
      onSave((now) => ({ readings: now.readings.filter((r) => r.id !== id) })),
    );
  const setAside = (id: string) =>
    onSave((now) => ({ readings: now.readings.map((r) => (r.id === id ? turned(r) : r)) }));
  return (
    <Table className={styles.readings}>
      <caption>{GAUGE_SHELL_TEXT.readingsSoFar}</caption>
      <TableBody>
        {own.map((reading, i) => {
          const [what, result] = sayReading(reading, units);
          return (
            <TableRow key={reading.id} data-aside={reading.aside}>
              <TableCell>{what}</TableCell>
              <TableCell>
                <strong>{result}</strong>
              </TableCell>
              <TableCell className={styles.when}>
                {reading.aside ? GAUGE_SHELL_TEXT.setAside : sayWhen(reading.at)}
              </TableCell>
              <TableCell className={styles.does}>
                <Button
                  size="small"
                  onClick={() => setAside(reading.id)}
                  aria-label={GAUGE_SHELL_TEXT.reading(ASIDE(reading), i + 1)}
                >
                  {ASIDE(reading)}
                </Button>
                <Button
                  size="small"
                  onClick={() => drop(reading.id)}
                  aria-label={GAUGE_SHELL_TEXT.removeReading(i + 1)}
                >
                  {GAUGE_SHELL_TEXT.remove}
                </Button>
              </TableCell>
            </TableRow>
          );
        })}
      </TableBody>
    </Table>
  );
}

const ASIDE = (reading: ClothReading) => (reading.aside ? GAUGE_SHELL_TEXT.useAgain : GAUGE_SHELL_TEXT.setAside2);

function turned(reading: KeptReading): KeptReading {
  const { aside, ...rest } = reading;
  return (aside ? rest : { ...rest, aside: true }) as KeptReading;
}
