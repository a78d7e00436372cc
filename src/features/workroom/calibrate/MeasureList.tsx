'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { sayWhen } from '@/parts/workspace';
import styles from '../Workroom.module.css';
import { MEASURE_LIST_TEXT } from '../text';

/** Measures so far: what was measured, what it means, when. */
export function MeasureList({
  rows,
  onDrop,
}: {
  rows: readonly (readonly [id: string, what: string, result: string, at: string])[];
  onDrop: (id: string) => void;
}) {
  if (rows.length === 0) return null;
  return (
    <Table className={styles.measures}>
      <caption>{MEASURE_LIST_TEXT.measuredSoFar}</caption>
      <TableBody>
        {rows.map(([id, what, result, at], i) => (
          <TableRow key={id}>
            <TableCell>{what}</TableCell>
            <TableCell>
              <strong>{result}</strong>
            </TableCell>
            <TableCell className={styles.quiet}>{sayWhen(at)}</TableCell>
            <TableCell>
              <Button size="small" onClick={() => onDrop(id)} aria-label={MEASURE_LIST_TEXT.removeMeasure(i + 1)}>
                {MEASURE_LIST_TEXT.remove}
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
