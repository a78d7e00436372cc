'use client';

import Button from '@mui/material/Button';
import { useWatch } from 'react-hook-form';
import { PURPOSES, type ThreadRecord, threadRecordSchema } from '@/core/file';
import { FIBRE, THREAD_FIBRES } from '@/core/kit';
import { readSpoolLabel, type UnitSystem } from '@/core/units';
import { changeKit, threads as store } from '@/data';
import { type DraftForm, ErrorSummary, FormSelect, FormText, type ReadTexts, useReadForm } from '@/parts/forms';
import { newId, nowText, useSay, useUnits } from '@/parts/workspace';
import { ColourPicker, fieldProblem, typedNumbers } from '@/ui';
import { PURPOSE_TEXT, QUALITY_TEXT } from './purposeText';
import { SPOOL_TEXT } from './text';
import { threadLeftAsk } from './threadLeft';
import styles from './Workroom.module.css';

interface SpoolTexts extends Record<string, string> {
  fibre: string;
  printed: string;
  colourName: string;
  colour: string;
  purpose: string;
  quality: string;
  metres: string;
  where: string;
}

const EMPTY: SpoolTexts = {
  fibre: 'polyester',
  printed: '',
  colourName: '',
  colour: '#8a929b',
  purpose: 'all-purpose',
  quality: 'unknown',
  metres: '',
  where: '',
};

const labelOf = ({ printed, fibre }: Pick<SpoolTexts, 'printed' | 'fibre'>) =>
  readSpoolLabel(printed.trim(), fibre === 'cotton');

/** Where the checked record keeps what a field asks for. */
const FIELD_OF: Readonly<Record<string, string>> = { 'thread.tex': 'printed', 'metres[0].by': 'metres' };

/** The spool that is typed, or what is wrong with it by field. */
function readSpool(texts: SpoolTexts, system: UnitSystem): ReadTexts<ThreadRecord> {
  const tex = labelOf(texts)?.tex ?? null;
  const numbers = typedNumbers(texts, [{ key: 'metres', ask: threadLeftAsk(system), optional: true }]);
  const printed: Record<string, string> = tex === null ? { printed: SPOOL_TEXT.aNumber } : {};
  if (tex === null || !numbers.value) return { value: null, problems: { ...printed, ...numbers.problems } };
  const { metres } = numbers.soFar;
  const candidate = {
    id: newId(),
    thread: { fibre: texts.fibre, tex: Number(tex.toFixed(2)) },
    printed: texts.printed.trim(),
    colourName: texts.colourName.trim(),
    colour: texts.colour,
    purpose: texts.purpose,
    quality: texts.quality,
    metres: metres === undefined ? [] : [{ id: newId(), at: nowText(), by: metres / 1000 }],
    where: texts.where.trim(),
    addedAt: nowText(),
  };
  const checked = threadRecordSchema.safeParse(candidate);
  if (checked.success) return { value: checked.data, problems: {} };
  const { path, text } = fieldProblem(checked.error, candidate);
  return { value: null, problems: { [FIELD_OF[path] ?? path]: text } };
}

/** A spool to be noted: its number as printed, in any system. */
export function AddThread({ any }: { any: boolean }) {
  const { system } = useUnits();
  const say = useSay();
  const form = useReadForm('workroom:threads', (texts: SpoolTexts) => readSpool(texts, system), EMPTY);
  const { control, setValue } = form;
  const add = form.handleSubmit(async (spool) => {
    await store.put(spool);
    if (!any) await changeKit(() => ({ threads: 'owned' }));
    form.clear({ where: spool.where });
    say(SPOOL_TEXT.theSpoolIsNoted);
  });
  const colour = useWatch({ control, name: 'colour' });
  return (
    <form className={styles.row} aria-label={SPOOL_TEXT.aSpool} onSubmit={(event) => void add(event)} noValidate>
      <ErrorSummary form={form} labels={LABELS} />
      <FormSelect
        control={control}
        name="fibre"
        label={LABELS.fibre}
        options={THREAD_FIBRES.map((id) => [id, FIBRE[id].name] as const)}
      />
      <PrintedNumber form={form} />
      <FormText control={control} name="colourName" label={LABELS.colourName} />
      <ColourPicker label={LABELS.colour} value={colour} onValue={(now) => setValue('colour', now)} />
      <FormSelect
        control={control}
        name="purpose"
        label={LABELS.purpose}
        options={PURPOSES.map((id) => [id, PURPOSE_TEXT[id]] as const)}
      />
      <FormSelect control={control} name="quality" label={LABELS.quality} options={Object.entries(QUALITY_TEXT)} />
      <FormText
        control={control}
        name="metres"
        label={LABELS.metres}
        help={SPOOL_TEXT.leftHelp}
        ask={threadLeftAsk(system)}
      />
      <FormText control={control} name="where" label={LABELS.where} />
      <Button type="submit" variant="outlined">
        {SPOOL_TEXT.noteIt}
      </Button>
    </form>
  );
}

const LABELS = {
  fibre: SPOOL_TEXT.fibre,
  printed: SPOOL_TEXT.number,
  colourName: SPOOL_TEXT.colourInWords,
  colour: SPOOL_TEXT.colour,
  purpose: SPOOL_TEXT.for,
  quality: SPOOL_TEXT.quality,
  metres: SPOOL_TEXT.left,
  where: SPOOL_TEXT.whereItIsKept,
};

/** The number on the spool, what it was taken as, and what else it could be one press away. */
function PrintedNumber({ form: { control, setValue } }: { form: DraftForm<SpoolTexts, ThreadRecord> }) {
  const [printed = '', fibre = ''] = useWatch({ control, name: ['printed', 'fibre'] });
  const label = labelOf({ printed, fibre });
  const taken = label
    ? label.guessed
      ? SPOOL_TEXT.takenAs(label.as, label.tex)
      : SPOOL_TEXT.is(label.tex)
    : SPOOL_TEXT.any;
  return (
    <div>
      <FormText control={control} name="printed" label={LABELS.printed} help={taken} />
      {label?.others.map(({ as, tex }) => (
        <Button key={as} size="small" onClick={() => setValue('printed', as, { shouldValidate: true })}>
          {SPOOL_TEXT.orIsIt(as, tex)}
        </Button>
      ))}
    </div>
  );
}
