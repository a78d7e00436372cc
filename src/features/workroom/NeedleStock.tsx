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
import { LongList, useFound } from '@/parts/longList';
import { useAct, useNeedleLife } from '@/parts/workspace';
import { CautionAlert, Field, MeasureField, Pressable, QuantityField, wordsBy } from '@/ui';
import { AddNeedles } from './AddNeedles';
import { Owned } from './Owned';
import styles from './Workroom.module.css';

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
  if (!all) return null;
  return (
    <section className={styles.section} aria-label="Needles">
      <AddNeedles any={all.length > 0} />
      {all.length > 0 && (
        <>
          <Owned what="needles" count={all.filter((n) => n.spent === null).length} />
          <div className={styles.find}>
            <MeasureField label="Find a needle" text={text} onText={setText} />
            <p role="status" className={styles.quiet}>
              {found.length} of {all.length} needles;{' '}
              {life === null ? 'hours do not decide' : `each is kept ${life} hours`} (your school, on Match)
            </p>
          </div>
          <LongList label="Needles in the tin" items={found} keyOf={keyOf} rowPx={58}>
            {(record) => (
              <NeedleRow
                record={record}
                life={life}
                open={open === record.id}
                onOpen={() => setOpen(open === record.id ? null : record.id)}
              />
            )}
          </LongList>
        </>
      )}
    </section>
  );
}

function byKind(a: NeedleRecord, b: NeedleRecord): number {
  return compareNeedles(a.needle, b.needle) || needleHours(b) - needleHours(a) || (a.id < b.id ? -1 : 1);
}

const STATE_TEXT = { new: 'new', good: '', near: 'nearly done', past: 'past its hours', spent: 'spent' };

interface RowProps {
  record: NeedleRecord;
  life: number | null;
  open: boolean;
  onOpen: () => void;
}

function NeedleRow({ record, life, open, onOpen }: RowProps) {
  const { needle, spent, pack, where } = record;
  const hours = needleHours(record);
  const sewed = sewedBy(record);
  const state = needleState({ hours, spent: spent !== null }, life);
  const share = shareOfHours(hours, life);
  const said = spent ? `spent: ${SPENT_TEXT[spent]}` : STATE_TEXT[state];
  return (
    <div className={styles.needle} data-state={state}>
      <Pressable aria-expanded={open} onClick={onOpen}>
        <strong>{needleName(needle)}</strong>
        <span className={styles.life}>
          <svg viewBox="0 0 120 12" aria-hidden>
            <path d="M2 6 H96 L118 6" stroke="var(--rule)" strokeWidth="4" />
            <path d={`M2 6 H${2 + 112 * share}`} stroke="currentColor" strokeWidth="4" />
          </svg>
          {formatNumber(hours, 1)} h {said && <em>{said}</em>}
        </span>
        <span className={styles.quiet}>{[sewed[0]?.what, pack, where].filter(Boolean).join(', ') || 'no notes'}</span>
      </Pressable>
      {open && <NeedleDetail record={record} />}
    </div>
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
  const remove = () => act(`Needle ${needleName(record.needle)} deleted`, () => deleteNeedle(record.id));
  return (
    <div className={styles.detail}>
      {sewed.length > 0 && <p>Sewed {sewed.map((s) => `${s.what} ${formatNumber(s.hours, 1)} h`).join(', ')}.</p>}
      <div className={styles.row}>
        <QuantityField
          label="Hours"
          ask={numberAsk('hours', 'metric', { least: 0, most: 1000, usual: 2 })}
          schema={HOURS}
          value={needleHours(record)}
          onValue={(hours) => void setHours(hours)}
        />
        <Field
          label="Where it is kept"
          text={record.where}
          read={wordsBy(shape.where)}
          onValue={(where) => set({ where })}
        />
        <Field label="Pack" text={record.pack} read={wordsBy(shape.pack)} onValue={(pack) => set({ pack })} />
      </div>
      {record.spent === null ? (
        <>
          <p className={styles.picks}>
            Spent:{' '}
            {SPENT_REASONS.map((reason) => (
              <Button key={reason} size="small" onClick={() => set({ spent: reason })}>
                {SPENT_TEXT[reason]}
              </Button>
            ))}
          </p>
        </>
      ) : (
        <>
          {(record.spent === 'struck' || record.spent === 'broken') && (
            <CautionAlert>
              Find every fragment, look at the plate for a burr, and never use this needle again. Spent needles go into
              a closed container.
            </CautionAlert>
          )}
          <Button size="small" onClick={() => set({ spent: null })}>
            Not spent after all
          </Button>
        </>
      )}
      <Button size="small" onClick={() => void remove()}>
        Take it out of the tin
      </Button>
    </div>
  );
}
