'use client';

import Table from '@mui/material/Table';
import TableBody from '@mui/material/TableBody';
import TableCell from '@mui/material/TableCell';
import TableRow from '@mui/material/TableRow';
import Button from '@mui/material/Button';
import { sayWhen } from '@/parts/workspace';
import styles from '../Workroom.module.css';

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
      <caption>Measured so far</caption>
      <TableBody>
        {rows.map(([id, what, result, at], i) => (
          <TableRow key={id}>
            <TableCell>{what}</TableCell>
            <TableCell>
              <strong>{result}</strong>
            </TableCell>
            <TableCell className={styles.quiet}>{sayWhen(at)}</TableCell>
            <TableCell>
              <Button size="small" onClick={() => onDrop(id)} aria-label={`Remove measure ${i + 1}`}>
                Remove
              </Button>
            </TableCell>
          </TableRow>
        ))}
      </TableBody>
    </Table>
  );
}
