'use client';

import Button from '@mui/material/Button';
import { useEffect, useSyncExternalStore } from 'react';
import { followTrouble, reportTrouble, setTrouble, troubleNow } from '@/data';
import styles from './Frame.module.css';
import { TROUBLE_TEXT } from './text';

/** What could not be stored, wherever it happened: told once, over every station, until it is read. */
export function Trouble() {
  const trouble = useSyncExternalStore(followTrouble, troubleNow, () => null);
  useEffect(() => {
    // Changes are not caught where they are made: whatever the database refuses ends here.
    const catchAll = (event: PromiseRejectionEvent) => {
      if (reportTrouble(event.reason)) event.preventDefault();
    };
    window.addEventListener('unhandledrejection', catchAll);
    return () => window.removeEventListener('unhandledrejection', catchAll);
  }, []);
  if (!trouble) return null;
  return (
    <section role="alert" className={styles.trouble}>
      <p>
        <strong>{trouble.kind === 'full' ? TROUBLE_TEXT.noRoomLeft : ''}</strong>
        {trouble.text}
      </p>
      <Button size="small" variant="outlined" onClick={() => setTrouble(null)}>
        {TROUBLE_TEXT.allRight}
      </Button>
    </section>
  );
}
