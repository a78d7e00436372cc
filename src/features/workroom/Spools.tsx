'use client';

import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import { useMemo, useState } from 'react';
import { PURPOSES, type ThreadRecord } from '@/core/file';
import { FIBRE, THREAD_FIBRES, threadName } from '@/core/kit';
import { formatNumber, parseThreadTex, threadNumbers } from '@/core/units';
import { changeKit, reportTrouble, threads as store, useThreads } from '@/data';
import { LongList, useFound } from '@/parts/longList';
import { newId, nowText, useDraft, useSay, useUndo } from '@/parts/workspace';
import { MeasureField, plainNumber } from '@/ui';
import { Owned } from './Owned';
import styles from './Workroom.module.css';

const keyOf = (record: ThreadRecord) => record.id;
const textOf = (t: ThreadRecord) =>
  [threadName(t.thread), t.printed, t.colourName, t.purpose, t.quality, t.where, t.notes].join(' ');

const PURPOSE_TEXT: Record<(typeof PURPOSES)[number], string> = {
  'all-purpose': 'all-purpose',
  seams: 'seams',
  topstitching: 'topstitching',
  hand: 'hand sewing',
  overlocker: 'overlocker',
  basting: 'basting',
};

/** The spools: fibre, number as printed, colour, what they are for, what is left, where they are. */
export function Spools() {
  const all = useThreads();
  const [text, setText] = useState('');
  const sorted = useMemo(
    () => [...(all ?? [])].sort((a, b) => a.thread.tex - b.thread.tex || (a.id < b.id ? -1 : 1)),
    [all],
  );
  const found = useFound(sorted, keyOf, textOf, text);
  if (!all) return null;
  return (
    <section className={styles.section} aria-label="Threads">
      <AddThread any={all.length > 0} />
      {all.length > 0 && (
        <>
          <Owned what="threads" count={all.length} />
          <div className={styles.find}>
            <MeasureField label="Find a thread" text={text} onText={setText} />
            <p role="status" className={styles.quiet}>
              {found.length} of {all.length} {all.length === 1 ? 'spool' : 'spools'}
            </p>
          </div>
          <LongList label="Spools" items={found} keyOf={keyOf} rowPx={64}>
            {(record) => <Spool record={record} />}
          </LongList>
        </>
      )}
    </section>
  );
}

function Spool({ record }: { record: ThreadRecord }) {
  const undo = useUndo();
  const { thread, printed, colour, colourName, purpose, quality, metresLeft, where } = record;
  const remove = async () => {
    await store.remove(record.id);
    undo(`${colourName || 'A spool'} is gone.`, () => store.put(record));
  };
  return (
    <div className={styles.spool}>
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
      <span>
        <strong>{colourName || threadName(thread)}</strong>
        <span className={styles.quiet}>
          {threadName(thread)}
          {printed && !/^tex/i.test(printed) ? `, printed ${printed}` : ''}
        </span>
      </span>
      <span className={styles.quiet}>
        {PURPOSE_TEXT[purpose]}
        {quality === 'cheap' ? ', cheap: may skip on knits' : quality === 'good' ? ', good' : ''}
      </span>
      <span className={styles.quiet}>
        {[metresLeft !== undefined && `${formatNumber(metresLeft, 0)} m left`, where].filter(Boolean).join(', ')}
      </span>
      <Button
        size="small"
        onClick={() => void remove().catch(reportTrouble)}
        aria-label={`Remove ${colourName || threadName(thread)}`}
      >
        Remove
      </Button>
    </div>
  );
}

function AddThread({ any }: { any: boolean }) {
  const { texts, setText, clear } = useDraft('workroom:threads');
  const say = useSay();
  const [tried, setTried] = useState(false);
  const fibre = (texts.fibre || 'polyester') as (typeof THREAD_FIBRES)[number];
  const printed = (texts.printed ?? '').trim();
  const tex = parseThreadTex(printed);
  const metres = (texts.metres ?? '').trim() === '' ? undefined : plainNumber(texts.metres);
  const problem =
    (printed !== '' || tried) && tex === null
      ? 'Expected a thread number, such as Tex 27, Tkt 120, 40 wt, 243 den or Ne 20.'
      : tex !== null && tex > 400
        ? 'Expected a thread of at most Tex 400.'
        : null;
  const add = async () => {
    setTried(true);
    if (tex === null || problem || metres === null) return;
    await store.put({
      id: newId(),
      thread: { fibre, tex: Number(tex.toFixed(2)) },
      printed,
      colourName: (texts.colourName ?? '').trim().slice(0, 60),
      colour: texts.colour || '#8a929b',
      purpose: (texts.purpose || 'all-purpose') as (typeof PURPOSES)[number],
      quality: (texts.quality || 'unknown') as ThreadRecord['quality'],
      ...(metres !== undefined && { metresLeft: metres }),
      where: (texts.where ?? '').trim().slice(0, 120),
      addedAt: nowText(),
    });
    if (!any) await changeKit(() => ({ threads: 'owned' }));
    setTried(false);
    clear({ where: texts.where ?? '' });
    say('The spool is noted.');
  };
  const other = tex === null || tex <= 0 ? null : threadNumbers(tex);
  const select = (key: string, label: string, value: string, options: readonly [string, string][]) => (
    <TextField select size="small" label={label} value={value} onChange={(e) => setText(key, e.target.value)}>
      {options.map(([id, name]) => (
        <MenuItem key={id} value={id}>
          {name}
        </MenuItem>
      ))}
    </TextField>
  );
  return (
    <form
      className={styles.row}
      aria-label="A spool"
      onSubmit={(event) => {
        event.preventDefault();
        void add().catch(reportTrouble);
      }}
    >
      {select(
        'fibre',
        'Fibre',
        fibre,
        THREAD_FIBRES.map((id) => [id, FIBRE[id].name]),
      )}
      <MeasureField
        label="Number on the spool"
        text={texts.printed ?? ''}
        onText={(text) => setText('printed', text)}
        problem={problem}
        help={
          other
            ? `Tex ${formatNumber(other.tex, 1)}, ticket ${formatNumber(other.ticket, 0)}, ${formatNumber(other.weight, 0)} wt`
            : 'in any system'
        }
      />
      <MeasureField
        label="Colour in words"
        text={texts.colourName ?? ''}
        onText={(text) => setText('colourName', text)}
      />
      <label className={styles.colour}>
        Colour{' '}
        <input type="color" value={texts.colour || '#8a929b'} onChange={(e) => setText('colour', e.target.value)} />
      </label>
      {select(
        'purpose',
        'For',
        texts.purpose || 'all-purpose',
        PURPOSES.map((id) => [id, PURPOSE_TEXT[id]]),
      )}
      {select('quality', 'Quality', texts.quality || 'unknown', [
        ['good', 'good'],
        ['unknown', 'not known'],
        ['cheap', 'cheap, fuzzy'],
      ])}
      <MeasureField
        label="Metres left"
        unit="m"
        text={texts.metres ?? ''}
        onText={(text) => setText('metres', text)}
        problem={metres === null || (metres ?? 0) > 50000 ? 'Expected metres from 0 to 50000.' : null}
      />
      <MeasureField label="Where it is kept" text={texts.where ?? ''} onText={(text) => setText('where', text)} />
      <Button type="submit" variant="outlined">
        Note it
      </Button>
    </form>
  );
}
