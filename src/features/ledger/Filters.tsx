'use client';

import ExpandLess from '@mui/icons-material/ExpandLess';
import ExpandMore from '@mui/icons-material/ExpandMore';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import dynamic from 'next/dynamic';
import { useId, useMemo, useState } from 'react';
import { type Entry, ENTRY_KINDS, ENTRY_TEXT, type Filter, filtersOn } from '@/core/ledger';
import { Pick, Pressable, Select } from '@/ui';
import styles from './Ledger.module.css';
import { SavedView, ViewChoice } from './SavedViews';
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

/** What is let through: in one row what is used most, the rest one press away. */
export function Filters({ filter, entries, onFilter }: Props) {
  const [open, setOpen] = useState(false);
  const rest = useId();
  const set = (change: Partial<Filter>) => onFilter({ ...filter, ...change });
  // Thousands of entries are not looked through again for every letter that is typed.
  const cloths = useMemo(
    () =>
      named(
        entries.map((e) => e.cloth),
        FILTERS_TEXT.everyCloth,
      ),
    [entries],
  );
  return (
    <>
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
        <ViewChoice filter={filter} onFilter={onFilter} />
        <Pick label={FILTERS_TEXT.cloth} value={filter.cloth} options={cloths} onPick={(cloth) => set({ cloth })} />
        <Button
          aria-expanded={open}
          aria-controls={rest}
          endIcon={open ? <ExpandLess /> : <ExpandMore />}
          onClick={() => setOpen(!open)}
        >
          {FILTERS_TEXT.more(filtersOn(filter))}
        </Button>
      </div>
      <div id={rest} hidden={!open}>
        {open && <MoreFilters filter={filter} entries={entries} onFilter={onFilter} />}
      </div>
    </>
  );
}

/** Machine, result, days, kinds; and the name under which all of it comes back. */
function MoreFilters({ filter, entries, onFilter }: Props) {
  const machines = useMemo(
    () =>
      named(
        entries.map((e) => e.machine),
        FILTERS_TEXT.everyMachine,
      ),
    [entries],
  );
  const set = (change: Partial<Filter>) => onFilter({ ...filter, ...change });
  const toggle = (kind: Filter['kinds'][number]) =>
    set({ kinds: filter.kinds.includes(kind) ? filter.kinds.filter((k) => k !== kind) : [...filter.kinds, kind] });
  return (
    <div className={styles.moreFilters}>
      <Pick
        label={FILTERS_TEXT.machine}
        value={filter.machine}
        options={machines}
        onPick={(machine) => set({ machine })}
      />
      <Select
        label={FILTERS_TEXT.howItWent}
        value={filter.outcome}
        options={[
          ['', FILTERS_TEXT.howeverItWent],
          ['good', FILTERS_TEXT.good],
          ['bad', FILTERS_TEXT.bad],
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
      <SavedView filter={filter} />
    </div>
  );
}
