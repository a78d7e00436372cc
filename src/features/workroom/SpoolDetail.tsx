'use client';

import Button from '@mui/material/Button';
import { PURPOSES, type ThreadRecord, threadRecordSchema } from '@/core/file';
import { metresLeft } from '@/core/kit';
import { setAmount } from '@/core/result';
import { readSpoolLabel } from '@/core/units';
import { amountId, threads as store } from '@/data';
import { useUnits } from '@/parts/workspace';
import { ColourPicker, Field, OptionalQuantityField, Select, wordsBy } from '@/ui';
import { threadLeftAsk } from './threadLeft';
import { PURPOSE_TEXT, QUALITY_TEXT } from './purposeText';
import { SPOOL_TEXT } from './text';
import styles from './Workroom.module.css';

const { shape } = threadRecordSchema;
const QUALITIES = ['good', 'unknown', 'cheap'] as const;

/** What changes about a spool while it is used: how much is left, where it is, what it is for. */
export function SpoolDetail({ record, onRemove }: { record: ThreadRecord; onRemove: () => void }) {
  const set = (change: Partial<ThreadRecord>) => void store.change(record.id, (now) => now && { ...now, ...change });
  const { system } = useUnits();
  const left = metresLeft(record);
  const setMetres = (metres: number | undefined) =>
    void store.change(
      record.id,
      (now) => now && { ...now, metres: metres === undefined ? [] : setAmount(now.metres, metres, amountId()) },
    );
  return (
    <div className={styles.detail}>
      <div className={styles.row}>
        <PrintedNumber record={record} onChange={set} />
        <OptionalQuantityField
          label={SPOOL_TEXT.left}
          ask={threadLeftAsk(system)}
          value={left === undefined ? undefined : left * 1000}
          onValue={(mm) => setMetres(mm === undefined ? undefined : mm / 1000)}
          help={SPOOL_TEXT.leftHelp}
        />
        <Field
          label={SPOOL_TEXT.whereItIsKept}
          text={record.where}
          read={wordsBy(shape.where)}
          onValue={(where) => set({ where })}
        />
        <Field
          label={SPOOL_TEXT.colourInWords}
          text={record.colourName}
          read={wordsBy(shape.colourName)}
          onValue={(colourName) => set({ colourName })}
        />
        <Select
          label={SPOOL_TEXT.for}
          value={record.purpose}
          options={PURPOSES.map((id) => [id, PURPOSE_TEXT[id]] as const)}
          onPick={(purpose) => set({ purpose })}
        />
        <Select
          label={SPOOL_TEXT.quality}
          value={record.quality}
          options={QUALITIES.map((id) => [id, QUALITY_TEXT[id]] as const)}
          onPick={(quality) => set({ quality })}
        />
        <ColourPicker label={SPOOL_TEXT.colour} value={record.colour} onValue={(colour) => set({ colour })} />
      </div>
      <Button size="small" onClick={onRemove}>
        {SPOOL_TEXT.removeThisSpool}
      </Button>
    </div>
  );
}

/** The number on the spool, to be put right: in any system. */
function PrintedNumber({ record, onChange }: { record: ThreadRecord; onChange: (now: Partial<ThreadRecord>) => void }) {
  const { thread, printed } = record;
  return (
    <Field
      label={SPOOL_TEXT.number}
      text={printed || SPOOL_TEXT.is(thread.tex)}
      read={(text) => {
        const read = readSpoolLabel(text, thread.fibre === 'cotton');
        return read
          ? { ok: true, value: { printed: text.trim(), tex: read.tex } }
          : { ok: false, expected: SPOOL_TEXT.aNumber };
      }}
      onValue={({ printed: typed, tex }) =>
        onChange({ printed: typed, thread: { ...thread, tex: Number(tex.toFixed(2)) } })
      }
      help={SPOOL_TEXT.is(thread.tex)}
    />
  );
}
