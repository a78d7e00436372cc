'use client';

import Button from '@mui/material/Button';
import { useRouter } from 'next/navigation';
import { OUTCOMES, runSchema, sewnByMachine } from '@/core/procedure';
import { runAgain, runOfSeam, seamAfterSeam } from '@/core/workroom';
import { sayEstimate } from '@/core/units';
import { runs as store, useCloths, useJobs, useRuns } from '@/data';
import { useSewRun } from '@/parts/sewing';
import { newId, nowText, useAct } from '@/parts/workspace';
import { Field, Choice, wordsBy } from '@/ui';
import { CutWith } from './CutWith';
import styles from './Sew.module.css';
import { TEXT } from './text';
import type { RunNow } from './useRunNow';

const OUTCOME_TEXT: Readonly<Record<(typeof OUTCOMES)[number], string>> = {
  good: 'Good',
  'will-do': TEXT.itWillDo,
  unpick: TEXT.toBeUnpicked,
};

const NOTES = wordsBy(runSchema.shape.notes);

/** How it went, in a word and a note; then the next one. */
export function RunEnd({ now }: { now: RunNow }) {
  const { run, procedure, save } = now;
  const { again, remove, log } = useAfter(now);
  const { next, sewNext } = useNextSeam(now);
  return (
    <div className={styles.list}>
      <h1>{TEXT.sewn2(procedure.name)}</h1>
      <p>
        {TEXT.onWithMinIn(run.clothName, run.machineName, Math.round(run.atItSeconds / 60))}
        {sewnByMachine(procedure) && TEXT.needleTime(sayEstimate(run.needleMinutes))}
        {run.pieces > 1 ? TEXT.inARow(run.pieces) : ''}.
      </p>
      <h2>{TEXT.howDidItGo}</h2>
      <Choice
        label={TEXT.howDidItGo}
        value={run.outcome ?? null}
        options={OUTCOMES.map((id) => ({ id, name: OUTCOME_TEXT[id] }))}
        onPick={(outcome) => void save(() => ({ outcome }))}
      />
      <div className={styles.notes}>
        <CutWith now={now} />
      </div>
      <div className={styles.notes}>
        <Field
          label={TEXT.notes}
          text={run.notes}
          read={NOTES}
          onValue={(notes) => void save(() => ({ notes }))}
          textFieldProps={{ multiline: true, minRows: 2 }}
        />
      </div>
      <div className={styles.presses}>
        {next && (
          <Button variant="contained" onClick={() => void sewNext()}>
            {TEXT.logItAndSew(next.name)}
          </Button>
        )}
        <Button variant={next ? 'outlined' : 'contained'} onClick={log}>
          {run.jobId ? TEXT.logItAndBack : TEXT.logItAndChoose}
        </Button>
        <Button variant="outlined" onClick={() => void again()}>
          {TEXT.theSameAgain}
        </Button>
        <Button onClick={() => void remove()}>{TEXT.takeItOutOf}</Button>
      </div>
    </div>
  );
}

/** The next seam of the project, on its own fabric. */
function useNextSeam({ run, machine }: RunNow) {
  const sewRun = useSewRun();
  const jobs = useJobs();
  const runs = useRuns();
  const cloths = useCloths();
  const job = jobs?.find(({ id }) => id === run.jobId);
  const next = job && runs ? seamAfterSeam(job, runs) : null;
  const cloth = cloths?.find(({ id }) => id === next?.clothId);
  const sewNext = async () => {
    if (!job || !next || !cloth || !machine) return;
    await sewRun(runOfSeam(job, next, { cloth, machine }, { id: newId(), at: nowText() }), TEXT.started(next.name));
  };
  return { next: cloth && machine ? next : null, sewNext };
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
    await act(TEXT.takenOutOfThe(procedure.name), () => store.remove(run.id));
    router.push('/sew');
  };
  return { again, remove, log: () => router.push(run.jobId ? `/projects?id=${run.jobId}` : '/sew') };
}
