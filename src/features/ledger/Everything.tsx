'use client';

import Link from 'next/link';
import { memo, type ReactNode, useMemo, useState } from 'react';
import { ALL, type Entry, ENTRY_KIND, type Filter, filtered, searchText } from '@/core/ledger';
import { useFound } from '@/parts/longList';
import { type LongColumn, LongTable } from '@/parts/longTable';
import { sayWhen } from '@/parts/workspace';
import { Filters } from './Filters';
import styles from './Ledger.module.css';
import { useEntries } from './useEntries';
import { EVERYTHING_TEXT } from './text';

const keyOf = (entry: Entry) => `${entry.kind} ${entry.id}`;

/** Everything that happened, to be searched and filtered. */
export function Everything() {
  const entries = useEntries();
  const [filter, setFilter] = useState<Filter>(ALL);
  // What is typed is for the search alone: the filters are not run again for it.
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
  return (
    <>
      <Filters filter={filter} entries={entries} onFilter={setFilter} />
      <Found items={found}>
        <p role="status">
          <strong>{found.length}</strong> {EVERYTHING_TEXT.of(entries.length)}
        </p>
      </Found>
    </>
  );
}

/** The table itself, drawn again only when something else is found. */
const Found = memo(function Found({ items, children }: { items: readonly Entry[]; children: ReactNode }) {
  return (
    <LongTable
      label={EVERYTHING_TEXT.whatHappened}
      items={items}
      keyOf={keyOf}
      columns={COLUMNS}
      rowPx={50}
      fileName="bobbet-log"
    >
      {children}
    </LongTable>
  );
});

const MARK = { good: '✓', bad: '✗', '': '' } as const;

const COLUMNS: readonly LongColumn<Entry>[] = [
  {
    id: 'what',
    name: EVERYTHING_TEXT.what,
    always: true,
    width: '30%',
    text: ({ title }) => title,
    render: ({ href, title }) => (
      <Link href={href} data-main>
        {title}
      </Link>
    ),
  },
  { id: 'detail', name: EVERYTHING_TEXT.detail, text: ({ detail }) => detail },
  {
    id: 'kind',
    name: EVERYTHING_TEXT.kind,
    width: 160,
    text: ({ kind }) => ENTRY_KIND[kind],
    render: ({ outcome, kind }) => (
      <span className={styles.kind} data-outcome={outcome || undefined}>
        {MARK[outcome]} {ENTRY_KIND[kind]}
      </span>
    ),
  },
  {
    id: 'when',
    name: EVERYTHING_TEXT.when,
    width: 130,
    text: ({ at }) => at.slice(0, 10),
    sortBy: ({ at }) => at,
    render: ({ at }) => <span className={styles.when}>{sayWhen(at)}</span>,
  },
  { id: 'outcome', name: EVERYTHING_TEXT.outcome, hidden: true, width: 110, text: ({ outcome }) => outcome },
  { id: 'fabric', name: EVERYTHING_TEXT.fabric, hidden: true, width: 160, text: ({ cloth }) => cloth },
  { id: 'machine', name: EVERYTHING_TEXT.machine, hidden: true, width: 160, text: ({ machine }) => machine },
];
