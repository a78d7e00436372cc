'use client';

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
    <table className={styles.measures}>
      <caption>Measured so far</caption>
      <tbody>
        {rows.map(([id, what, result, at], i) => (
          <tr key={id}>
            <td>{what}</td>
            <td>
              <strong>{result}</strong>
            </td>
            <td className={styles.quiet}>{sayWhen(at)}</td>
            <td>
              <Button size="small" onClick={() => onDrop(id)} aria-label={`Remove measure ${i + 1}`}>
                Remove
              </Button>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
