'use client';

import Box from '@mui/material/Box';
import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableHead from '@mui/material/TableHead';
import TableRow from '@mui/material/TableRow';
import type { Chart } from 'chart.js';
import { type KeyboardEvent, type ReactNode, type RefObject, useState } from 'react';
import { More } from '../More';
import { CHART_TEXT as TEXT } from '../text';

/** One value on a chart, as it is read out: what it belongs to, where it stands, what it is. */
export interface ChartValue {
  series: string;
  at: string;
  value: string;
  /** Where the chart has it. */
  datasetIndex: number;
  index: number;
}

interface Props {
  /** What a screen reader says of it. */
  label: string;
  height: number;
  /** What the columns of the numbers are called: across, and up. */
  columns: { at: string; value: string };
  values: readonly ChartValue[];
  /** The chart inside, once it is drawn; its type does not matter here. */
  chart: RefObject<Chart<never, never, never> | null>;
  children: ReactNode;
}

/** A chart with its values under the arrow keys, and all its numbers as a table one press away. */
export function ChartFrame({ label, height, columns, values, chart, children }: Props) {
  const [at, setAt] = useState<number | null>(null);
  const go = (to: number | null) => {
    setAt(to);
    const shown = to === null ? [] : [{ datasetIndex: values[to].datasetIndex, index: values[to].index }];
    chart.current?.setActiveElements(shown);
    chart.current?.tooltip?.setActiveElements(shown, { x: 0, y: 0 });
    chart.current?.update('none');
  };
  const onKey = (event: KeyboardEvent) => {
    const to = { ArrowRight: (at ?? -1) + 1, ArrowLeft: (at ?? 1) - 1, Home: 0, End: values.length - 1 }[event.key];
    if (to === undefined || values.length === 0) return;
    event.preventDefault();
    go(Math.min(values.length - 1, Math.max(0, to)));
  };
  return (
    <div>
      <Box
        role="img"
        aria-label={label}
        tabIndex={0}
        onKeyDown={onKey}
        onBlur={() => at !== null && go(null)}
        sx={{ height, position: 'relative' }}
      >
        {children}
      </Box>
      <span className="unseen" aria-live="polite">
        {at !== null && TEXT.said(values[at].series, values[at].at, values[at].value)}
      </span>
      {values.length > 0 && (
        <More summary={TEXT.numbers}>
          <Numbers columns={columns} values={values} label={label} />
        </More>
      )}
    </div>
  );
}

function Numbers({ columns, values, label }: Pick<Props, 'columns' | 'values' | 'label'>) {
  const several = values.some(({ series }) => series !== values[0].series);
  return (
    <Box role="region" aria-label={TEXT.numbersOf(label)} tabIndex={0} sx={{ maxHeight: 320, overflow: 'auto' }}>
      <Table stickyHeader>
        <TableHead>
          <TableRow>
            {several && <TableCell>{TEXT.series}</TableCell>}
            <TableCell>{columns.at}</TableCell>
            <TableCell align="right">{columns.value}</TableCell>
          </TableRow>
        </TableHead>
        <TableBody>
          {values.map(({ series, at, value, datasetIndex, index }) => (
            <TableRow key={`${datasetIndex} ${index}`}>
              {several && <TableCell>{series}</TableCell>}
              <TableCell>{at}</TableCell>
              <TableCell align="right">{value}</TableCell>
            </TableRow>
          ))}
        </TableBody>
      </Table>
    </Box>
  );
}
