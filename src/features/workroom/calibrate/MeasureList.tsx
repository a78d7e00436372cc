'use client';

import Button from '@mui/material/Button';
import { sayWhen } from '@/parts/workspace';
import styles from '../Workroom.module.css';

/** Measures so far: what was measured, what it means, when. */
export function MeasureList({
  rows,
  onDrop,
}: {
  rows: readonly (readonly [what: string, result: string, at: string])[];
  onDrop: (index: number) => void;
}) {
  if (rows.length === 0) return null;
  return (
    <table className={styles.measures}>
      <caption>Measured so far</caption>
      <tbody>
        {rows.map(([what, result, at], i) => (
          <tr key={`${at}${i}`}>
            <td>{what}</td>
            <td>
              <strong>{result}</strong>
            </td>
            <td className={styles.quiet}>{sayWhen(at)}</td>
            <td>
              <Button size="small" onClick={() => onDrop(i)} aria-label={`Remove measure ${i + 1}`}>
                Remove
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
