'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { OUTCOMES, runSchema, sewnByMachine } from '@/core/procedure';
import { runAgain } from '@/core/workroom';
import { formatNumber, sayEstimate } from '@/core/units';
import { runs as store } from '@/data';
import { newId, nowText, useAct } from '@/parts/workspace';
import { Field, Choice, wordsBy } from '@/ui';
import { CutWith } from './CutWith';
import styles from './Sew.module.css';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

const OUTCOME_TEXT: Readonly<Record<(typeof OUTCOMES)[number], string>> = {
  good: 'Good',
  'will-do': 'It will do',
  unpick: 'To be unpicked',
};

const NOTES = wordsBy(runSchema.shape.notes);

/** How it went, in a word and a note; then the next one. */
export function RunEnd({ now }: { now: RunNow }) {
  const { run, procedure, save } = now;
  const { again, remove, log } = useAfter(now);
  return (
    <div className={styles.list}>
      <h1>{procedure.name}: sewn</h1>
      <p>
        On {run.clothName}, with {run.machineName}; {formatNumber(run.atItSeconds / 60, 0)} min in all
        {sewnByMachine(procedure) && TEXT.needleTime(sayEstimate(run.needleMinutes))}
        {run.pieces > 1 ? `, ${run.pieces} in a row` : ''}.
      </p>
      <h2>How did it go?</h2>
      <Choice
        label="How did it go?"
        value={run.outcome ?? null}
        options={OUTCOMES.map((id) => ({ id, name: OUTCOME_TEXT[id] }))}
        onPick={(outcome) => void save(() => ({ outcome }))}
      />
      <div className={styles.notes}>
        <CutWith now={now} />
      </div>
      <div className={styles.notes}>
        <Field
          label="Notes"
          text={run.notes}
          read={NOTES}
          onValue={(notes) => void save(() => ({ notes }))}
          textFieldProps={{ multiline: true, minRows: 2 }}
        />
      </div>
      <div className={styles.actions}>
        <Button variant="contained" onClick={log}>
          {run.jobId ? 'Log it, and back to the job' : 'Log it, and choose the next'}
        </Button>
        <Button variant="outlined" onClick={() => void again()}>
          The same again
        </Button>
        <Button onClick={() => void remove()}>Take it out of the log</Button>
      </div>
    </div>
  );
}

/** The same operation again, out of the log, or kept there. */
function useAfter({ run, procedure }: RunNow) {
  const router = useRouter();
  const act = useAct();
  const again = async () => {
    const id = newId();
    await store.put(runAgain(run, { id, at: nowText() }));
    router.push(`/sew?run=${id}`);
  };
  const remove = async () => {
    await act(`${procedure.name} taken out of the log`, () => store.remove(run.id));
    router.push('/sew');
  };
  return { again, remove, log: () => router.push(run.jobId ? `/jobs?id=${run.jobId}` : '/sew') };
}
