'use client';

import TextField from '@mui/material/TextField';
import dynamic from 'next/dynamic';
import { useMemo } from 'react';
import { type Entry, ENTRY_KINDS, ENTRY_TEXT, type Filter } from '@/core/ledger';
import { Pick, Pressable, Select } from '@/ui';
import styles from './Ledger.module.css';
import { FILTERS_TEXT } from './text';

/** Calendars are fetched after the rest of the page, into room that is kept for them. */
const DayPicker = dynamic(() => import('./DayPicker'), { ssr: false, loading: () => <span className={styles.day} /> });

interface Props {
  filter: Filter;
  entries: readonly Entry[];
  onFilter: (filter: Filter) => void;
}

const named = (all: readonly string[], none: string) => [
  ['', none] as const,
  ...[...new Set(all)]
    .filter((name) => name !== '')
    .sort()
    .map((name) => [name, name] as const),
];

/** What is let through: words, kinds, cloth, machine, how it went, days. */
export function Filters({ filter, entries, onFilter }: Props) {
  // Thousands of entries are not looked through again for every letter that is typed.
  const names = useMemo(
    () => ({
      cloth: named(
        entries.map((e) => e.cloth),
        FILTERS_TEXT.everyCloth,
      ),
      machine: named(
        entries.map((e) => e.machine),
        FILTERS_TEXT.everyMachine,
      ),
    }),
    [entries],
  );
  const set = (change: Partial<Filter>) => onFilter({ ...filter, ...change });
  const toggle = (kind: Filter['kinds'][number]) =>
    set({ kinds: filter.kinds.includes(kind) ? filter.kinds.filter((k) => k !== kind) : [...filter.kinds, kind] });
  return (
    <div className={styles.filters}>
      <TextField
        size="small"
        label={FILTERS_TEXT.find}
        type="search"
        value={filter.text}
        onChange={(event) => set({ text: event.target.value.slice(0, 120) })}
        autoComplete="off"
        className={styles.find}
      />
      <Pick label={FILTERS_TEXT.cloth} value={filter.cloth} options={names.cloth} onPick={(cloth) => set({ cloth })} />
      <Pick
        label={FILTERS_TEXT.machine}
        value={filter.machine}
        options={names.machine}
        onPick={(machine) => set({ machine })}
      />
      <Select
        label={FILTERS_TEXT.howItWent}
        value={filter.outcome}
        options={[
          ['', FILTERS_TEXT.howeverItWent],
          ['good', 'well'],
          ['bad', 'badly'],
        ]}
        onPick={(outcome) => set({ outcome })}
      />
      <DayPicker label={FILTERS_TEXT.from} value={filter.from} onValue={(from) => set({ from })} />
      <DayPicker label={FILTERS_TEXT.until} value={filter.until} onValue={(until) => set({ until })} />
      <div role="group" aria-label={FILTERS_TEXT.kinds} className={styles.kinds}>
        {ENTRY_KINDS.map((kind) => (
          <Pressable key={kind} aria-pressed={filter.kinds.includes(kind)} onClick={() => toggle(kind)}>
            {ENTRY_TEXT[kind]}
          </Pressable>
        ))}
      </div>
    </div>
  );
}
