'use client';

import Button from '@mui/material/Button';
import type { MachineRecord } from '@/core/file';
import { bobbinMeasureSchema, bobbinMetres, type Thread, threadName } from '@/core/kit';
import { formatNumber, parseThreadTex } from '@/core/units';
import { useOnMachine } from '@/data';
import { DraftField, typedNumbers } from '@/ui';
import styles from '../Workroom.module.css';
import { MeasureList } from './MeasureList';
import { useMeasures } from './useMeasures';

const USUAL: Thread = { fibre: 'polyester', tex: 27 };

/** One full bobbin wound off along a measure. */
export function BobbinCalibration({ record }: { record: MachineRecord }) {
  const on = useOnMachine(record.id);
  const fibre = on?.setup.thread.fibre ?? USUAL.fibre;
  const measures = useMeasures(
    record,
    'bobbin',
    bobbinMeasureSchema,
    (texts) => {
      const { value, problems } = typedNumbers(texts, [
        { key: 'metres', expected: 'a length in m' },
        {
          key: 'tex',
          expected: 'a thread number, such as Tex 27 or Tkt 120',
          parse: parseThreadTex,
          otherwise: on?.setup.thread.tex ?? USUAL.tex,
        },
      ]);
      return { value: value && { metres: value.metres, thread: { fibre, tex: value.tex } }, problems };
    },
    () => null,
  );
  const { measure } = measures;
  const now = bobbinMetres(record.machine, USUAL);
  return (
    <section aria-labelledby="cal-bobbin" className={styles.calibration}>
      <h2 id="cal-bobbin">Bobbin</h2>
      <p>
        Wind a bobbin full, then pull the thread off along a tape: count the metres. Or weigh it full and empty: grams ÷
        Tex × 1000 is metres.
      </p>
      <div className={styles.row}>
        <DraftField draft={measures} name="metres" label="Wound off" unit="m" />
        <DraftField
          draft={measures}
          name="tex"
          label="Thread number"
          help={`any system; Tex ${formatNumber(on?.setup.thread.tex ?? USUAL.tex)} if left empty`}
        />
        <Button variant="outlined" disabled={!measure} onClick={measures.keep}>
          Keep this bobbin
        </Button>
      </div>
      <p className={styles.says}>
        A full bobbin holds about <strong>{formatNumber(now.metres, 0)} m</strong> of {threadName(USUAL)},{' '}
        {now.measured === 0
          ? 'from the size of the most common bobbin'
          : `measured ${now.measured === 1 ? 'once' : `${now.measured} times`}`}
        . Plans use nine tenths of it.
      </p>
      <MeasureList
        rows={measures.list.map((b) => [b.id, threadName(b.thread), `${formatNumber(b.metres, 1)} m`, b.at])}
        onDrop={measures.drop}
      />
    </section>
  );
}
