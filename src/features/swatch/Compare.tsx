'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import { useState } from 'react';
import { type TestLine, type ComparedRow, compareLines, trendsOf, isPlanned } from '@/core/swatch';
import { LazyLineChart } from '@/parts/asking';
import { READING_TEXT, settingReadings } from '@/core/setup';
import { formatNumber } from '@/core/units';
import { More, Select } from '@/ui';
import { useUnits } from '@/parts/workspace';
import styles from './Swatch.module.css';
import type { Scrap } from './useScrap';
import { COMPARE_TEXT } from './text';

/** Two lines side by side with what differs marked, and what the lines show over the dials that were varied. */
export function Compare({ scrap }: { scrap: Scrap }) {
  const sewn = scrap.lines.filter((line) => !isPlanned(line));
  if (sewn.length < 2) return null;
  return (
    <More summary={COMPARE_TEXT.compareLines}>
      <SideBySide scrap={scrap} sewn={sewn} />
      <Trends scrap={scrap} />
    </More>
  );
}

function SideBySide({ scrap, sewn }: { scrap: Scrap; sewn: TestLine[] }) {
  const units = useUnits();
  const [picked, setPicked] = useState<[string, string] | null>(null);
  const [a, b] = (picked ?? sewn.slice(-2).map((l) => l.id)).map((id) => sewn.find((l) => l.id === id));
  if (!a || !b) return null;
  const { setting, outcome } = compareLines(scrap.machine.machine, a, b, units, scrap.seam.thicknessMm);
  const options = sewn.map((l) => [l.id, COMPARE_TEXT.line(l.number)] as const);
  return (
    <>
      <div className={styles.twoPicks}>
        <Select label={COMPARE_TEXT.oneLine} value={a.id} options={options} onPick={(id) => setPicked([id, b.id])} />
        <Select label={COMPARE_TEXT.theOther} value={b.id} options={options} onPick={(id) => setPicked([a.id, id])} />
      </div>
      <Table className={styles.compared}>
        <caption className="unseen">{COMPARE_TEXT.twoLinesSideBy}</caption>
        <TableHead>
          <TableRow>
            <TableCell component="th" scope="col">
              <span className="unseen">{COMPARE_TEXT.what}</span>
            </TableCell>
            <TableCell component="th" scope="col">
              {COMPARE_TEXT.line(a.number)}
            </TableCell>
            <TableCell component="th" scope="col">
              {COMPARE_TEXT.line(b.number)}
            </TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {[...setting, ...outcome].map((row) => (
            <Row key={row.name} row={row} />
          ))}
        </TableBody>
      </Table>
    </>
  );
}

function Row({ row: { name, a, b, differs } }: { row: ComparedRow }) {
  return (
    <TableRow data-differs={differs || undefined}>
      <TableCell component="th" scope="row">
        {name}
        {differs && <span className={styles.differs}>{COMPARE_TEXT.differs}</span>}
      </TableCell>
      <TableCell>{a}</TableCell>
      <TableCell>{b}</TableCell>
    </TableRow>
  );
}

function Trends({ scrap }: { scrap: Scrap }) {
  const trends = trendsOf(scrap.lines);
  if (trends.length === 0) return <p className={styles.quiet}>{COMPARE_TEXT.aChartComesOf}</p>;
  const { machine } = scrap.machine;
  return trends.map(({ dial, measure, unit, points }) => {
    const dialled = (number: number) =>
      settingReadings(machine, scrap.lines.find((line) => line.number === number)!.setup)[dial];
    const told = points.map((p) => COMPARE_TEXT.line2(p.line, formatNumber(p.value), unit).trim()).join(', ');
    return (
      <figure key={dial + measure} className={styles.trend}>
        <figcaption>{COMPARE_TEXT.over(measure, READING_TEXT[dial].toLowerCase())}</figcaption>
        <LazyLineChart
          label={COMPARE_TEXT.over2(measure, READING_TEXT[dial].toLowerCase(), told)}
          x={{ label: READING_TEXT[dial], values: points.map((p) => COMPARE_TEXT.line3(dialled(p.line), p.line)) }}
          y={{ label: unit ? `${measure}, ${unit}` : measure }}
          lines={[{ name: measure, values: points.map((p) => p.value), colour: 'red', thick: true, dots: true }]}
          height={190}
        />
      </figure>
    );
  });
}
