'use client';

import Button from '@mui/material/Button';
import Link from 'next/link';
import { memo, useMemo, useState } from 'react';
import { ALL, type Entry, ENTRY_TEXT, entryTable, type Filter, filtered, searchText } from '@/core/ledger';
import { LongList, useFound } from '@/parts/longList';
import { saveFile, sayWhen, today } from '@/parts/workspace';
import { Filters } from './Filters';
import styles from './Ledger.module.css';
import { SavedViews } from './SavedViews';
import { useEntries } from './useEntries';
import { EVERYTHING_TEXT } from './text';

const keyOf = (entry: Entry) => `${entry.kind} ${entry.id}`;

/** Everything that happened, to be searched and filtered. */
export function Everything() {
  const entries = useEntries();
  const [filter, setFilter] = useState<Filter>(ALL);
  // What is typed is for the search alone: it does not filter anew.
  const { text, ...settled } = filter;
  const key = JSON.stringify(settled);
  const passing = useMemo(() => (entries ? filtered(entries, { ...ALL, ...JSON.parse(key) }) : []), [entries, key]);
  const found = useFound(passing, searchText, text);
  if (!entries) return <p role="status">{EVERYTHING_TEXT.readingTheLedger}</p>;
  if (entries.length === 0)
    return (
      <p className={styles.quiet}>
        {EVERYTHING_TEXT.nothingHasHappenedYet} <Link href="/match">{EVERYTHING_TEXT.matchACloth}</Link>{' '}
        {EVERYTHING_TEXT.toBegin}
      </p>
    );
  const write = async () => {
    const { guarded, tableText } = await import('@/data/csv');
    saveFile(`bobbet-ledger-${today()}.csv`, tableText(entryTable(found).map((row) => row.map(guarded))), 'text/csv');
  };
  return (
    <>
      <SavedViews filter={filter} onFilter={setFilter} />
      <Filters filter={filter} entries={entries} onFilter={setFilter} />
      <div className={styles.count}>
        <p role="status">
          <strong>{found.length}</strong> {EVERYTHING_TEXT.of(entries.length)}
        </p>
        <Button onClick={() => void write()}>{EVERYTHING_TEXT.exportAsCsv}</Button>
      </div>
      <Found items={found} />
    </>
  );
}

/** The list itself, drawn anew only when something else is found. */
const Found = memo(function Found({ items }: { items: readonly Entry[] }) {
  return (
    <LongList label={EVERYTHING_TEXT.whatHappened} items={items} keyOf={keyOf} rowPx={62}>
      {(entry) => <EntryRow entry={entry} />}
    </LongList>
  );
});

const MARK = { good: '✓', bad: '✗', '': '' } as const;

function EntryRow({ entry }: { entry: Entry }) {
  return (
    <Link href={entry.href} className={styles.entry}>
      <span className={styles.when}>{sayWhen(entry.at)}</span>
      <span className={styles.kind} data-outcome={entry.outcome || undefined}>
        {MARK[entry.outcome]} {ENTRY_TEXT[entry.kind]}
      </span>
      <span className={styles.name}>
        <strong>{entry.title}</strong>
        <span className={styles.quiet}>{entry.detail}</span>
      </span>
    </Link>
  );
}
