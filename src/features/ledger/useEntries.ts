'use client';

import { startTransition, useEffect, useState } from 'react';
import { type Entry, ledgerSlices, newestFirst } from '@/core/ledger';
import {
  useCards,
  useCare,
  useCloths,
  useJobs,
  useMachines,
  useNeedles,
  useRuns,
  useSwatches,
  useToldLines,
} from '@/data';

/** Everything that happened, newest first; undefined while the workroom is read. */
export function useEntries(): Entry[] | undefined {
  const cards = useCards();
  const lines = useToldLines();
  const swatches = useSwatches();
  const runs = useRuns();
  const jobs = useJobs();
  const needles = useNeedles();
  const care = useCare();
  const cloths = useCloths();
  const machines = useMachines();
  const [entries, setEntries] = useState<Entry[] | undefined>(undefined);
  useEffect(() => {
    if (!cards || !lines || !swatches || !runs || !jobs || !needles || !care || !cloths || !machines) return;
    let overtaken = false;
    const make = async () => {
      const made: Entry[] = [];
      for (const slice of ledgerSlices({ cards, lines, swatches, runs, jobs, needles, care, cloths, machines })) {
        made.push(...slice);
        // A breath for the page between slices.
        await new Promise((resolve) => setTimeout(resolve));
        if (overtaken) return;
      }
      const sorted = newestFirst(made);
      // Drawn in pieces: a screen full of fields and rows is too much for one go.
      startTransition(() => setEntries(sorted));
    };
    void make();
    return () => {
      overtaken = true;
    };
  }, [cards, lines, swatches, runs, jobs, needles, care, cloths, machines]);
  return entries;
}
