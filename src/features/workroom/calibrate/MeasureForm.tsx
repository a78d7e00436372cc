'use client';

import Button from '@mui/material/Button';
import type { ReactNode } from 'react';
import type { Calibration } from '@/core/kit';
import { ErrorSummary } from '@/parts/forms';
import styles from '../Workroom.module.css';
import type { Measures } from './useMeasures';

interface Props<K extends keyof Calibration> {
  measures: Measures<K>;
  /** What each field is called. */
  labels: Readonly<Record<string, string>>;
  /** What the button says. */
  keep: string;
  children: ReactNode;
}

/** One measure being typed: kept once all of it is right, by the button or by Enter. */
export function MeasureForm<K extends keyof Calibration>({ measures, labels, keep, children }: Props<K>) {
  return (
    <form className={styles.row} onSubmit={measures.keep} noValidate>
      <ErrorSummary form={measures.form} labels={labels} />
      {children}
      <Button type="submit" variant="outlined">
        {keep}
      </Button>
    </form>
  );
}
