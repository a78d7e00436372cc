'use client';

import { type ReactNode, useEffect, useState } from 'react';
import { openOnFirstVisit, recoverDrafts, reportTrouble, setTrouble, usePreference } from '@/data';
import { Strip } from '../strip';
import { newId } from '../workspace';
import { Banners } from './Banners';
import styles from './Frame.module.css';
import { Tape } from './Tape';
import { Trouble } from './Trouble';

/** One frame for every station: the tape on top, one task in the middle, the strip below. */
export function Frame({ children }: { children: ReactNode }) {
  const [recovered, setRecovered] = useState(false);
  useEffect(() => {
    const notOpened = (cause: Error) => {
      if (reportTrouble(cause)) return;
      setTrouble({ kind: 'other', text: `The workroom could not be opened: ${cause.message}. Load the page again.` });
    };
    openOnFirstVisit(new Date(), newId()).catch(notOpened);
    recoverDrafts()
      .catch(notOpened)
      .finally(() => setRecovered(true));
  }, []);
  // Opening for the first time empties the tables: what was typed before would go with it.
  const workroom = usePreference('workroom');
  const open = workroom !== undefined && workroom !== 'unopened' && recovered;
  return (
    <div className={styles.frame}>
      <a href="#task" className={styles.skip}>
        Skip to the task
      </a>
      <Tape />
      <Banners />
      <Trouble />
      <main id="task" tabIndex={-1} className={styles.task}>
        {open ? (
          children
        ) : (
          <p role="status" className="unseen">
            Opening the workroom
          </p>
        )}
      </main>
      <Strip />
    </div>
  );
}
