'use client';

import Button from '@mui/material/Button';
import { useMemo, useState } from 'react';
import { type NeedleRecord, needleRecordSchema } from '@/core/file';
import {
  needleHours,
  needleName,
  needleState,
  sewedBy,
  SPENT_REASONS,
  SPENT_TEXT,
  shareOfHours,
  compareNeedles,
} from '@/core/kit';
import { setAmount, within } from '@/core/result';
import { formatNumber, numberAsk } from '@/core/units';
import { amountId, deleteNeedle, needles as store, useNeedles } from '@/data';
import { useFound } from '@/parts/longList';
import { type LongColumn, LongTable } from '@/parts/longTable';
import { useAct, useNeedleLife } from '@/parts/workspace';
import { CautionAlert, Field, MeasureField, Pressable, QuantityField, wordsBy } from '@/ui';
import { AddNeedles } from './AddNeedles';
import { Owned } from './Owned';
import styles from './Workroom.module.css';
import { NEEDLE_STOCK_TEXT } from './text';

const keyOf = (record: NeedleRecord) => record.id;
const textOf = ({ needle, pack, where, sewn, spent }: NeedleRecord) =>
  [needleName(needle), pack, where, spent ? 'spent' : '', ...sewedBy({ sewn }).map((s) => s.what)].join(' ');

/** The needle tin: every needle with its hours, what it sewed, and where it is kept. */
export function NeedleStock() {
  const all = useNeedles();
  const [text, setText] = useState('');
  const [open, setOpen] = useState<string | null>(null);
  const life = useNeedleLife();
  const sorted = useMemo(() => [...(all ?? [])].sort(byKind), [all]);
  const found = useFound(sorted, textOf, text);
  const columns = useMemo(() => columnsOf(life, open, (id) => setOpen(open === id ? null : id)), [life, open]);
  if (!all) return null;
  return (
    <section className={styles.section} aria-label={NEEDLE_STOCK_TEXT.needles}>
      <AddNeedles any={all.length > 0} />
      {all.length > 0 && (
        <>
          <Owned what="needles" count={all.filter((n) => n.spent === null).length} />
          <div className={styles.find}>
            <MeasureField label={NEEDLE_STOCK_TEXT.findANeedle} text={text} onText={setText} />
          </div>
          <LongTable
            label={NEEDLE_STOCK_TEXT.needlesInTheTin}
            items={found}
            keyOf={keyOf}
            columns={columns}
            rowPx={58}
            openKey={open}
            detail={(record) => <NeedleDetail record={record} />}
            stateOf={(record) => stateOf(record, life)}
            fileName="bobbet-needles-list"
          >
            <p role="status" className={styles.quiet}>
              {NEEDLE_STOCK_TEXT.ofNeedles(found.length, all.length)}{' '}
              {life === null ? NEEDLE_STOCK_TEXT.hoursDoNotDecide : NEEDLE_STOCK_TEXT.eachIsKeptHours(life)}{' '}
              {NEEDLE_STOCK_TEXT.yourSchoolOnMatch}
            </p>
          </LongTable>
        </>
      )}
    </section>
  );
}

function byKind(a: NeedleRecord, b: NeedleRecord): number {
  return compareNeedles(a.needle, b.needle) || needleHours(b) - needleHours(a) || (a.id < b.id ? -1 : 1);
}

const STATE_TEXT = {
  new: 'new',
  good: '',
  near: NEEDLE_STOCK_TEXT.nearlyDone,
  past: NEEDLE_STOCK_TEXT.pastItsHours,
  spent: 'spent',
};

const stateOf = (record: NeedleRecord, life: number | null) =>
  needleState({ hours: needleHours(record), spent: record.spent !== null }, life);

function columnsOf(
  life: number | null,
  open: string | null,
  onOpen: (id: string) => void,
): readonly LongColumn<NeedleRecord>[] {
  const words = (record: NeedleRecord) =>
    record.spent ? NEEDLE_STOCK_TEXT.spent(SPENT_TEXT[record.spent]) : STATE_TEXT[stateOf(record, life)];
  return [
    {
      id: 'needle',
      name: NEEDLE_STOCK_TEXT.needle,
      always: true,
      width: '26%',
      text: ({ needle }) => needleName(needle),
      render: ({ id, needle, spent }) => (
        <Pressable
          data-main
          aria-expanded={open === id}
          onClick={() => onOpen(id)}
          className={spent ? styles.spent : undefined}
        >
          {needleName(needle)}
        </Pressable>
      ),
    },
    {
      id: 'hours',
      name: NEEDLE_STOCK_TEXT.hours,
      width: 290,
      text: (record) => formatNumber(needleHours(record), 1),
      sortBy: needleHours,
      render: (record) => <Life share={shareOfHours(needleHours(record), life)} record={record} said={words(record)} />,
    },
    { id: 'state', name: NEEDLE_STOCK_TEXT.state, hidden: true, width: 150, text: words },
    { id: 'sewed', name: NEEDLE_STOCK_TEXT.sewedFor, text: (record) => sewedBy(record)[0]?.what ?? '' },
    { id: 'pack', name: NEEDLE_STOCK_TEXT.pack, width: 130, text: ({ pack }) => pack },
    { id: 'where', name: NEEDLE_STOCK_TEXT.keptIn, width: 150, text: ({ where }) => where },
  ];
}

function Life({ share, record, said }: { share: number; record: NeedleRecord; said: string }) {
  return (
    <span className={styles.life}>
      <svg viewBox="0 0 120 12" aria-hidden>
        <path d="M2 6 H96 L118 6" stroke="var(--rule)" strokeWidth="4" />
        <path d={`M2 6 H${2 + 112 * share}`} stroke="currentColor" strokeWidth="4" />
      </svg>
      {NEEDLE_STOCK_TEXT.h(formatNumber(needleHours(record), 1))} {said && <em>{said}</em>}
    </span>
  );
}

const { shape } = needleRecordSchema;
const HOURS = within(0, 1000, 'hours');

function NeedleDetail({ record }: { record: NeedleRecord }) {
  const act = useAct();
  const set = (change: Partial<NeedleRecord>) => void store.change(record.id, (now) => now && { ...now, ...change });
  const sewed = sewedBy(record);
  const setHours = async (hours: number) => {
    const made = amountId();
    await store.change(record.id, (now) => now && { ...now, sewn: setAmount(now.sewn, hours, made) });
  };
  const remove = () => act(NEEDLE_STOCK_TEXT.needleDeleted(needleName(record.needle)), () => deleteNeedle(record.id));
  return (
    <div className={styles.detail}>
      {sewed.length > 0 && (
        <p>{NEEDLE_STOCK_TEXT.sewed(sewed.map((s) => `${s.what} ${formatNumber(s.hours, 1)} h`).join(', '))}</p>
      )}
      <div className={styles.row}>
        <QuantityField
          label={NEEDLE_STOCK_TEXT.hours}
          ask={numberAsk('hours', 'metric', { least: 0, most: 1000, usual: 2 })}
          schema={HOURS}
          value={needleHours(record)}
          onValue={(hours) => void setHours(hours)}
        />
        <Field
          label={NEEDLE_STOCK_TEXT.whereItIsKept}
          text={record.where}
          read={wordsBy(shape.where)}
          onValue={(where) => set({ where })}
        />
        <Field
          label={NEEDLE_STOCK_TEXT.pack}
          text={record.pack}
          read={wordsBy(shape.pack)}
          onValue={(pack) => set({ pack })}
        />
      </div>
      <Spent spent={record.spent} onSpent={(spent) => set({ spent })} />
      <Button size="small" onClick={() => void remove()}>
        {NEEDLE_STOCK_TEXT.takeItOutOf}
      </Button>
    </div>
  );
}

function Spent({ spent, onSpent }: { spent: NeedleRecord['spent']; onSpent: (spent: NeedleRecord['spent']) => void }) {
  if (spent === null)
    return (
      <p className={styles.picks}>
        {NEEDLE_STOCK_TEXT.spent2}{' '}
        {SPENT_REASONS.map((reason) => (
          <Button key={reason} size="small" onClick={() => onSpent(reason)}>
            {SPENT_TEXT[reason]}
          </Button>
        ))}
      </p>
    );
  return (
    <>
      {(spent === 'struck' || spent === 'broken') && (
        <CautionAlert>{NEEDLE_STOCK_TEXT.findEveryFragmentLook}</CautionAlert>
      )}
      <Button size="small" onClick={() => onSpent(null)}>
        {NEEDLE_STOCK_TEXT.notSpentAfterAll}
      </Button>
    </>
  );
}
