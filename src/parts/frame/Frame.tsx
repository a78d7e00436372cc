'use client';

import { type ReactNode, useEffect } from 'react';
import { openOnFirstVisit, reportTrouble } from '@/data';
import { Strip } from '../strip';
import { newId } from '../workspace';
import { Banners } from './Banners';
import styles from './Frame.module.css';
import { Tape } from './Tape';
import { Trouble } from './Trouble';

/** One frame for every station: the tape on top, one task in the middle, the strip below. */
export function Frame({ children }: { children: ReactNode }) {
  useEffect(() => {
    openOnFirstVisit(new Date(), newId()).catch(reportTrouble);
  }, []);
  return (
    <div className={styles.frame}>
      <a href="#task" className={styles.skip}>
        Skip to the task
      </a>
      <Tape />
      <Banners />
      <Trouble />
      <main id="task" tabIndex={-1} className={styles.task}>
        {children}
      </main>
      <Strip />
    </div>
  );
}
