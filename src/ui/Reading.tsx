import type { ReactNode } from 'react';
import styles from './Reading.module.css';

interface Props {
  label: string;
  value: string;
  unit?: string;
  note?: ReactNode;
  /** `dial` is what a hand turns: the largest thing on the screen. */
  size?: 'dial' | 'part';
}

/** One reading of a setting: what it is, the number or word to set, and a plain second line. */
export function Reading({ label, value, unit, note, size = 'dial' }: Props) {
  // Long words step down a size instead of breaking out of their column.
  const long = value.length > 12 ? styles.longer : value.length > 8 ? styles.long : '';
  return (
    <div className={`${styles.reading} ${styles[size]}`}>
      <dt>{label}</dt>
      <dd>
        <span className={`${styles.value} ${long}`}>{value}</span>
        {unit && <span className={styles.unit}> {unit}</span>}
        {note && <div className={styles.note}>{note}</div>}
      </dd>
    </div>
  );
}
