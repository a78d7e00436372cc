'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { PURPOSES, threadRecordSchema } from '@/core/file';
import { FIBRE, THREAD_FIBRES } from '@/core/kit';
import { type QuantityAsk, readSpoolLabel, type UnitSystem } from '@/core/units';
import { changeKit, threads as store } from '@/data';
import { newId, nowText, useDraft, useSay, useUnits } from '@/parts/workspace';
import { ColourPicker, DraftField, Select, fieldProblem, typedNumbers } from '@/ui';
import { PURPOSE_TEXT, QUALITY_TEXT } from './purposeText';
import { SPOOL_TEXT } from './text';
import { threadLeftAsk } from './threadLeft';
import styles from './Workroom.module.css';

/** The spool being typed, and what is wrong with it by field. */
function spoolOf(texts: Record<string, string>, tried: boolean, system: UnitSystem) {
  const text = (key: string) => (texts[key] ?? '').trim();
  const label = readSpoolLabel(text('printed'), text('fibre') === 'cotton');
  const tex = label?.tex ?? null;
  const {
    soFar,
    problems: wrong,
    meant,
  } = typedNumbers(texts, [{ key: 'metres', ask: threadLeftAsk(system), optional: true }]);
  const problems: Record<string, string> = { ...wrong };
  if (tex === null && (text('printed') !== '' || tried)) problems.printed = SPOOL_TEXT.aNumber;
  const candidate = {
    id: newId(),
    thread: { fibre: text('fibre') || 'polyester', tex: tex === null ? undefined : Number(tex.toFixed(2)) },
    printed: text('printed'),
    colourName: text('colourName'),
    colour: text('colour') || '#8a929b',
    purpose: text('purpose') || 'all-purpose',
    quality: text('quality') || 'unknown',
    metres: soFar.metres === undefined ? [] : [{ id: newId(), at: nowText(), by: soFar.metres / 1000 }],
    where: text('where'),
    addedAt: nowText(),
  };
  if (tex === null || problems.metres) return { label, spool: null, problems, meant };
  const checked = threadRecordSchema.safeParse(candidate);
  if (checked.success) return { label, spool: checked.data, problems, meant };
  const { path, text: said } = fieldProblem(checked.error, candidate);
  const field = { 'thread.tex': 'printed', 'metres[0].by': 'metres' }[path] ?? path;
  problems[field] = said;
  return { label, spool: null, problems, meant };
}

function useAddThread(any: boolean) {
  const { texts, setText, clear } = useDraft('workroom:threads');
  const say = useSay();
  const [tried, setTried] = useState(false);
  const { system } = useUnits();
  const { label, spool, problems, meant } = spoolOf(texts, tried, system);
  const add = async () => {
    setTried(!spool);
    if (!spool) return;
    await store.put(spool);
    if (!any) await changeKit(() => ({ threads: 'owned' }));
    clear({ where: texts.where ?? '' });
    say(SPOOL_TEXT.theSpoolIsNoted);
  };
  return { texts, setText, label, problems, meant, system, add };
}

/** A spool to be noted: its number as printed, in any system. */
export function AddThread({ any }: { any: boolean }) {
  const { texts, setText, label, problems, meant, system, add } = useAddThread(any);
  const field = (key: string, label: string, help?: string, ask?: QuantityAsk) => (
    <DraftField draft={{ texts, setText, problems, meant }} name={key} label={label} ask={ask} help={help} />
  );
  const pick = (key: string, label: string, otherwise: string, options: readonly (readonly [string, string])[]) => (
    <Select label={label} value={texts[key] || otherwise} options={options} onPick={(id) => setText(key, id)} />
  );
  const taken = label
    ? label.guessed
      ? SPOOL_TEXT.takenAs(label.as, label.tex)
      : SPOOL_TEXT.is(label.tex)
    : SPOOL_TEXT.any;
  return (
    <form
      className={styles.row}
      aria-label={SPOOL_TEXT.aSpool}
      onSubmit={(event) => {
        event.preventDefault();
        void add();
      }}
    >
      {pick(
        'fibre',
        'Fibre',
        'polyester',
        THREAD_FIBRES.map((id) => [id, FIBRE[id].name] as const),
      )}
      <div>
        {field('printed', SPOOL_TEXT.number, taken)}
        {label?.others.map(({ as, tex }) => (
          <Button key={as} size="small" onClick={() => setText('printed', as)}>
            {SPOOL_TEXT.orIsIt(as, tex)}
          </Button>
        ))}
      </div>
      {field('colourName', SPOOL_TEXT.colourInWords)}
      <ColourPicker
        label={SPOOL_TEXT.colour}
        value={texts.colour || '#8a929b'}
        onValue={(colour) => setText('colour', colour)}
      />
      {pick(
        'purpose',
        'For',
        'all-purpose',
        PURPOSES.map((id) => [id, PURPOSE_TEXT[id]] as const),
      )}
      {pick('quality', 'Quality', 'unknown', Object.entries(QUALITY_TEXT))}
      {field('metres', SPOOL_TEXT.left, SPOOL_TEXT.leftHelp, threadLeftAsk(system))}
      {field('where', SPOOL_TEXT.whereItIsKept)}
      <Button type="submit" variant="outlined">
        {SPOOL_TEXT.noteIt}
      </Button>
    </form>
  );
}
