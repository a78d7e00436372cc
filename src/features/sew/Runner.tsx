'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { stitchAndSize } from '@/core/kit';
import { type Numbers, sewnByMachine } from '@/core/procedure';
import { formatNumber } from '@/core/units';
import { CautionAlert } from '@/ui';
import { Clashes, clashesOf } from './Clashes';
import { Drawings } from './Drawings';
import { Printing } from './print';
import { Spoken } from './Spoken';
import styles from './Sew.module.css';
import { TEXT } from './text';
import { Timer } from './Timer';
import { usePrinter } from './usePrinter';
import { useRunKeys } from './useRunKeys';
import type { RunNow } from './useRunNow';
import { useSteps } from './useSteps';
import { useTarget } from './useTarget';
import { useWakeLock } from './useWakeLock';

/** Diagnosis is large and seldom wanted here: it is fetched when something is wrong. */
const SomethingWrong = dynamic(() => import('./SomethingWrong').then((part) => part.SomethingWrong), { ssr: false });

/** One step at a time: what to do, what to look at, and the drawing that moves along. */
export function Runner({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { run, steps } = now;
  const { fill } = usePrinter(now, numbers);
  const [wrong, setWrong] = useState(false);
  useWakeLock();
  useEffect(() => {
    window.scrollTo(0, 0);
  }, []);
  const target = useTarget(now, numbers);
  const { next, back } = useSteps(now, numbers);
  useRunKeys({ next, back, off: wrong });
  const step = steps[Math.min(run.step, steps.length - 1)];
  const text = fill(step.do);
  return (
    <div className={styles.page}>
      <section className={styles.drawing} aria-label="Drawing">
        <Title now={now} />
        <Drawings now={now} numbers={numbers} step={step} target={target} />
        <p className={styles.quiet}>Red is sewn or done now, green is done, grey is to come.</p>
      </section>
      <section className={styles.step} aria-label="Step">
        <Progress at={run.step} of={steps.length} />
        <h2 aria-live="polite">{text}</h2>
        <p className={styles.check}>Check: {fill(step.check)}</p>
        {step.caution && <CautionAlert>{fill(step.caution)}</CautionAlert>}
        {target && step.sews && (
          <p className={styles.quiet}>{TEXT.setTo(stitchAndSize(now.machine?.machine, target, 'within'))}</p>
        )}
        {target && <Clashes closed={clashesOf(now, target)} />}
        {wrong ? (
          <SomethingWrong now={now} onClose={() => setWrong(false)} />
        ) : (
          <Actions now={now} onNext={next} onBack={back} onWrong={() => setWrong(true)} />
        )}
        <Spoken text={text} />
        <details className={styles.more}>
          <summary>Print</summary>
          <Printing now={now} numbers={numbers} />
        </details>
        <p className={styles.quiet}>
          <Timer now={now} /> in front of it
          {sewnByMachine(now.procedure) && `, ${formatNumber(run.needleMinutes, 1)} min of needle`} so far.{' '}
          <Link href="/sew">Leave it here</Link>: it goes on at this step.
        </p>
      </section>
    </div>
  );
}

interface ActionsProps {
  now: RunNow;
  onNext: () => Promise<void>;
  onBack: () => Promise<void>;
  onWrong: () => void;
}

function Actions({ now: { run, procedure, steps }, onNext, onBack, onWrong }: ActionsProps) {
  return (
    <div className={styles.actions}>
      <Button variant="contained" size="large" onClick={() => void onNext()}>
        {run.step + 1 < steps.length ? 'Done, next' : run.piece < run.pieces ? 'Done, the next piece' : 'Done'}
      </Button>
      {sewnByMachine(procedure) && (
        <Button variant="outlined" size="large" onClick={onWrong}>
          Something’s wrong
        </Button>
      )}
      {run.step > 0 && <Button onClick={() => void onBack()}>Back a step</Button>}
      <span className={styles.quiet}>Space, →, or a foot switch; ← goes back</span>
    </div>
  );
}

function Title({ now: { run, procedure, steps } }: { now: RunNow }) {
  return (
    <div className={styles.title}>
      <h1>{procedure.name}</h1>
      <span className={styles.quiet}>
        step {run.step + 1} of {steps.length}, {run.clothName}
        {run.pieces > 1 && `, ${run.piece} of ${run.pieces}`}
      </span>
    </div>
  );
}

function Progress({ at, of }: { at: number; of: number }) {
  return (
    <ol className={styles.progress} aria-label={`Step ${at + 1} of ${of}`}>
      {Array.from({ length: of }, (_, i) => (
        <li key={i} data-state={i < at ? 'done' : i === at ? 'now' : 'later'} />
      ))}
    </ol>
  );
}
