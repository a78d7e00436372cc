'use client';

import { useEffect, useState } from 'react';
import {
  recoverDrafts,
  reportTrouble,
  setTrouble,
  type StartProblem,
  startUp,
  readPreference,
  usePreference,
} from '@/data';
import { newId } from '../workspace';
import { START_WORDS } from './words';

/** Whether the workroom is open, or why it cannot be. */
export interface Started {
  open: boolean;
  problem: StartProblem | null;
}

/** Opens the workroom: tries the browser, opens the databases, brings back what was being typed, looks for damage. */
export function useStart(): Started {
  const [problem, setProblem] = useState<StartProblem | null>(null);
  const [ready, setReady] = useState(false);
  useEffect(() => {
    let stop = () => {};
    let gone = false;
    const start = async () => {
      const found = await startUp(setProblem);
      if (found) return setProblem(found);
      await openFirst();
      await recoverDrafts();
      if (gone) return;
      setReady(true);
      const { afterOpening } = await import('./afterOpening');
      if (!gone) stop = afterOpening(notOpened);
    };
    start().catch(notOpened);
    return () => {
      gone = true;
      stop();
    };
  }, []);
  // Opening for the first time empties the tables: what was typed before would go with it.
  const workroom = usePreference('workroom');
  return { open: ready && workroom !== undefined && workroom !== 'unopened', problem };
}

/** On a first visit something is put into the workroom; what that takes is fetched only then. */
async function openFirst(): Promise<void> {
  if ((await readPreference('workroom')) !== 'unopened') return;
  const { openOnFirstVisit } = await import('@/data/firstVisit');
  await openOnFirstVisit(new Date(), newId());
}

function notOpened(cause: unknown): void {
  if (!reportTrouble(cause)) setTrouble({ kind: 'other', text: START_WORDS.notOpened });
}
