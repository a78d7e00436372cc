'use client';

import type { MachineRecord } from '@/core/file';
import { bobbinMeasureSchema, bobbinMetres, type Thread, threadName } from '@/core/kit';
import { formatNumber, lengthAsk, readSpoolLabel, spoolAnswer } from '@/core/units';
import { useOnMachine } from '@/data';
import { useUnits } from '@/parts/workspace';
import { FormText } from '@/parts/forms';
import { typedNumbers } from '@/ui';
import { SPOOL_TEXT } from '../text';
import styles from '../Workroom.module.css';
import { MeasureForm } from './MeasureForm';
import { MeasureList } from './MeasureList';
import { useMeasures } from './useMeasures';

const LABELS = { metres: SPOOL_TEXT.woundOff, tex: SPOOL_TEXT.threadNumber };

const USUAL: Thread = { fibre: 'polyester', tex: 27 };

function useBobbin(record: MachineRecord) {
  const { system } = useUnits();
  const woundAsk = lengthAsk(system, 50_000, { least: 1000, most: 500_000 });
  const on = useOnMachine(record.id);
  const { fibre, tex: usualTex } = on?.setup.thread ?? USUAL;
  const measures = useMeasures(
    record,
    'bobbin',
    bobbinMeasureSchema,
    (texts) => ({
      numbers: typedNumbers(texts, [
        { key: 'metres', ask: woundAsk },
        { key: 'tex', read: (text) => spoolAnswer(text, fibre === 'cotton'), otherwise: usualTex },
      ]),
      make: ({ metres, tex }) => ({ metres: metres / 1000, thread: { fibre, tex } }),
    }),
    () => null,
    { metres: '', tex: '' },
  );
  return { measures, woundAsk, fibre, usualTex };
}

/** One full bobbin wound off along a measure. */
export function BobbinCalibration({ record }: { record: MachineRecord }) {
  const { metres } = useUnits();
  const { measures, woundAsk, fibre, usualTex } = useBobbin(record);
  const taken = readSpoolLabel(measures.texts.tex ?? '', fibre === 'cotton');
  const now = bobbinMetres(record.machine, USUAL);
  return (
    <section aria-labelledby="cal-bobbin" className={styles.calibration}>
      <h2 id="cal-bobbin">{SPOOL_TEXT.bobbin}</h2>
      <p>{SPOOL_TEXT.windABobbinFull}</p>
      <MeasureForm measures={measures} labels={LABELS} keep={SPOOL_TEXT.keepThisBobbin}>
        <FormText control={measures.form.control} name="metres" label={LABELS.metres} ask={woundAsk} />
        <FormText
          control={measures.form.control}
          name="tex"
          label={LABELS.tex}
          help={
            taken?.guessed ? SPOOL_TEXT.takenAs(taken.as, taken.tex) : SPOOL_TEXT.emptyMeans(formatNumber(usualTex))
          }
        />
      </MeasureForm>
      <p className={styles.says}>
        {SPOOL_TEXT.aFullBobbinHolds} <strong>{metres(Math.round(now.metres) * 1000)}</strong>{' '}
        {SPOOL_TEXT.of(threadName(USUAL))}{' '}
        {now.measured === 0
          ? SPOOL_TEXT.fromTheSizeOf
          : SPOOL_TEXT.measured(now.measured === 1 ? 'once' : SPOOL_TEXT.times(now.measured))}
        {SPOOL_TEXT.plansUseNineTenths}
      </p>
      <MeasureList
        rows={measures.list.map((b) => [b.id, threadName(b.thread), metres(b.metres * 1000), b.at])}
        onDrop={measures.drop}
      />
    </section>
  );
}
