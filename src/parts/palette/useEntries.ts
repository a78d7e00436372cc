'use client';

import { useMemo } from 'react';
import { useCards, useCloths, useJobs, useMachines, useSwatches, useThreads } from '@/data';
import { wordIndex } from '@/workers/wordIndex';
import { sayWhen } from '../workspace';
import { answersTo, type Entry, fixedEntries, ownEntries } from './entries';

/** Everything that can be found, and the places of what answers to a few letters. */
export interface Findable {
  entries: readonly Entry[];
  find: (letters: string) => number[];
}

/** Everything that can be found in this workroom; what is the person's own comes when it is read. */
export function useEntries(): Findable {
  const cloths = useCloths();
  const cards = useCards();
  const swatches = useSwatches();
  const jobs = useJobs();
  const machines = useMachines();
  const threads = useThreads();
  return useMemo(() => {
    const own =
      cloths && cards && swatches && jobs && machines && threads
        ? ownEntries({ cloths, cards, swatches, jobs, machines, threads }, sayWhen)
        : [];
    const entries = [...fixedEntries(), ...own];
    return { entries, find: wordIndex(entries.map(answersTo)).find };
  }, [cloths, cards, swatches, jobs, machines, threads]);
}
