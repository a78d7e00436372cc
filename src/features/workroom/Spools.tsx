'use client';

import { useMemo, useState } from 'react';
import type { ThreadRecord } from '@/core/file';
import { metresLeft, threadName } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { threads as store, useThreads } from '@/data';
import { useFound } from '@/parts/longList';
import { type LongColumn, LongTable } from '@/parts/longTable';
import { useAct } from '@/parts/workspace';
import { MeasureField, Pressable } from '@/ui';
import { AddThread } from './AddThread';
import { Owned } from './Owned';
import { PURPOSE_TEXT } from './purposeText';
import { SpoolDetail } from './SpoolDetail';
import styles from './Workroom.module.css';
import { SPOOLS_TEXT } from './text';

const keyOf = (record: ThreadRecord) => record.id;
const textOf = (t: ThreadRecord) =>
  [threadName(t.thread), t.printed, t.colourName, t.purpose, t.quality, t.where, t.notes].join(' ');

/** The spools: fibre, number as printed, colour, what they are for, what is left, where they are. */
export function Spools() {
  const all = useThreads();
  const [text, setText] = useState('');
  const [opened, setOpened] = useState<string | null>(null);
  const sorted = useMemo(
    () => [...(all ?? [])].sort((a, b) => a.thread.tex - b.thread.tex || (a.id < b.id ? -1 : 1)),
    [all],
  );
  const found = useFound(sorted, textOf, text);
  const columns = useMemo(() => columnsOf(opened, (id) => setOpened(id === opened ? null : id)), [opened]);
  if (!all) return null;
  return (
    <section className={styles.section} aria-label={SPOOLS_TEXT.threads}>
      <AddThread any={all.length > 0} />
      {all.length > 0 && (
        <>
          <Owned what="threads" count={all.length} />
          <div className={styles.find}>
            <MeasureField label={SPOOLS_TEXT.findAThread} text={text} onText={setText} />
          </div>
          <LongTable
            label={SPOOLS_TEXT.spools}
            items={found}
            keyOf={keyOf}
            columns={columns}
            rowPx={64}
            openKey={opened}
            detail={(record) => <Opened record={record} />}
            fileName="bobbet-threads-list"
          >
            <p role="status" className={styles.quiet}>
              {SPOOLS_TEXT.of(found.length, all.length)}
            </p>
          </LongTable>
        </>
      )}
    </section>
  );
}

function columnsOf(open: string | null, onOpen: (id: string) => void): readonly LongColumn<ThreadRecord>[] {
  return [
    {
      id: 'colour',
      name: SPOOLS_TEXT.colour,
      always: true,
      width: '26%',
      text: ({ colourName, thread }) => colourName || threadName(thread),
      render: ({ id, colour, colourName, thread }) => (
        <Pressable data-main aria-expanded={open === id} onClick={() => onOpen(id)}>
          <SpoolDrawing colour={colour} />
          {colourName || threadName(thread)}
        </Pressable>
      ),
    },
    {
      id: 'thread',
      name: SPOOLS_TEXT.thread,
      text: ({ thread, printed }) =>
        `${threadName(thread)}${printed && !/^tex/i.test(printed) ? SPOOLS_TEXT.printed(printed) : ''}`,
      sortBy: ({ thread }) => thread.tex,
    },
    {
      id: 'for',
      name: SPOOLS_TEXT.for,
      text: ({ purpose, quality }) =>
        `${PURPOSE_TEXT[purpose]}${quality === 'cheap' ? SPOOLS_TEXT.cheapMaySkipOn : quality === 'good' ? SPOOLS_TEXT.good : ''}`,
    },
    {
      id: 'left',
      name: SPOOLS_TEXT.left,
      width: 120,
      align: 'right',
      text: (record) => {
        const left = metresLeft(record);
        return left === undefined ? '' : SPOOLS_TEXT.m(formatNumber(left, 0));
      },
      sortBy: (record) => metresLeft(record) ?? -1,
    },
    { id: 'where', name: SPOOLS_TEXT.keptIn, width: 170, text: ({ where }) => where },
  ];
}

function SpoolDrawing({ colour }: { colour: string }) {
  return (
    <svg viewBox="0 0 40 44" width="40" height="44" aria-hidden>
      <path d="M6 4 H34 V9 H6 Z M6 35 H34 V40 H6 Z" fill="var(--sheet)" stroke="var(--ink)" strokeWidth="1.4" />
      <rect x="9" y="9" width="22" height="26" fill={colour} stroke="var(--ink)" strokeWidth="1.2" />
      <path
        d="M9 15 L31 12 M9 21 L31 18 M9 27 L31 24 M9 33 L31 30"
        stroke="var(--ink)"
        strokeWidth="0.7"
        opacity="0.5"
      />
    </svg>
  );
}

function Opened({ record }: { record: ThreadRecord }) {
  const act = useAct();
  const { colourName } = record;
  const remove = () =>
    act(colourName ? SPOOLS_TEXT.threadDeleted(colourName) : SPOOLS_TEXT.threadDeleted2, () => store.remove(record.id));
  return <SpoolDetail record={record} onRemove={() => void remove()} />;
}
