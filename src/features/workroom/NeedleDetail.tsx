'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { type NeedleRecord, needleRecordSchema } from '@/core/file';
import { needleHours, needleName, type NeedlePack, sewedBy, SPENT_REASONS, SPENT_TEXT } from '@/core/kit';
import { setAmount, within } from '@/core/result';
import { formatNumber, numberAsk } from '@/core/units';
import { amountId, deleteNeedle, needles as store } from '@/data';
import { useAct } from '@/parts/workspace';
import { CautionAlert, Field, Pressable, QuantityField, wordsBy } from '@/ui';
import { sayNeedle } from './sayNeedle';
import { NEEDLE_STOCK_TEXT } from './text';
import styles from './Workroom.module.css';

/** The needles of a pack; one of several is opened by itself. */
export function PackDetail({ pack, life }: { pack: NeedlePack<NeedleRecord>; life: number | null }) {
  const [open, setOpen] = useState<string | null>(null);
  if (pack.needles.length === 1) return <NeedleDetail record={pack.needles[0]} />;
  return (
    <ol className={styles.inPack}>
      {pack.needles.map((record, i) => (
        <li key={record.id}>
          <Pressable
            aria-expanded={open === record.id}
            onClick={() => setOpen(open === record.id ? null : record.id)}
            className={record.spent ? styles.spent : undefined}
          >
            {NEEDLE_STOCK_TEXT.oneOf(i + 1, sayNeedle(record, life))}
          </Pressable>
          {open === record.id && <NeedleDetail record={record} />}
        </li>
      ))}
    </ol>
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
