'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useRef, useState } from 'react';
import { stitchAndSize } from '@/core/kit';
import { type Numbers, sewnByMachine } from '@/core/procedure';
import { isOfOldTables } from '@/core/workroom';
import { usePreference } from '@/data';
import { sayEstimate } from '@/core/units';
import { CautionAlert, More, PHONE } from '@/ui';
import { Clashes, clashesOf } from './Clashes';
import { Drawings } from './Drawings';
import { HandsFull } from './HandsFull';
import { Printing } from './print';
import { Spoken } from './Spoken';
import styles from './Sew.module.css';
import { StepWords } from './StepWords';
import { TEXT } from './text';
import { Timer } from './Timer';
import { usePrinter } from './usePrinter';
import { useRunKeys } from './useRunKeys';
import type { RunNow } from './useRunNow';
import { useSteps } from './useSteps';
import { useTarget } from './useTarget';
import { useWakeLock } from './useWakeLock';

/** Diagnosis is large and rarely needed here: it is loaded when something is wrong. */
const SomethingWrong = dynamic(() => import('./SomethingWrong').then((part) => part.SomethingWrong), { ssr: false });

/** One step at a time: what to do, what to look at, and the drawing that moves along. */
export function Runner({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { run, steps, planned } = now;
  const { fill } = usePrinter(now, numbers);
  const [wrong, setWrong] = useState(false);
  useWakeLock();
  const top = useTop(run.step);
  const target = useTarget(now, numbers);
  const { next, back } = useSteps(now, numbers);
  const big = usePreference('bigSteps') ?? false;
  useRunKeys({ next, back, off: wrong, footSwitch: usePreference('footSwitch') ?? false });
  const { step, text } = planned[Math.min(run.step, planned.length - 1)];
  return (
    <div className={styles.page} data-big={big || undefined}>
      <section ref={top} className={styles.drawing} aria-label={TEXT.drawing}>
        <Title now={now} />
        <Drawings now={now} numbers={numbers} step={step} tool={text.with} target={target} one={big} />
        <p className={styles.quiet}>{TEXT.colours}</p>
      </section>
      <section className={styles.step} aria-label={TEXT.step}>
        <Progress at={run.step} of={steps.length} />
        {isOfOldTables(run) && (
          <CautionAlert>
            <p>{TEXT.stepsChanged}</p>
          </CautionAlert>
        )}
        <StepWords
          text={text}
          fill={fill}
          setTo={target && step.sews ? TEXT.setTo(stitchAndSize(now.machine?.machine, target, 'within')) : null}
        />
        {target && <Clashes closed={clashesOf(now, target)} />}
        {wrong ? (
          <SomethingWrong now={now} onClose={() => setWrong(false)} />
        ) : (
          <Actions now={now} onNext={next} onBack={back} onWrong={() => setWrong(true)} />
        )}
      </section>
      <section className={styles.beside} aria-label={TEXT.besides}>
        <HandsFull />
        <Spoken text={fill(text.does)} />
        <More summary={TEXT.print}>
          <Printing now={now} numbers={numbers} />
        </More>
        <p className={styles.quiet}>
          <Timer now={now} />
          {TEXT.inFront}
          {sewnByMachine(now.procedure) && run.needleMinutes >= 1 && TEXT.needleTime(sayEstimate(run.needleMinutes))}
          {TEXT.soFar} <Link href="/sew">{TEXT.leave}</Link>
          {TEXT.leaveMeans}
        </p>
      </section>
    </div>
  );
}

/** Each step begins at the top; on a phone, which has no room to spare for the tape's switches, at its drawing. */
function useTop(step: number) {
  const top = useRef<HTMLElement>(null);
  useEffect(() => {
    if (window.matchMedia(PHONE).matches) top.current?.scrollIntoView({ block: 'start' });
    else window.scrollTo(0, 0);
  }, [step]);
  return top;
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
        {run.step + 1 < steps.length ? TEXT.next : run.piece < run.pieces ? TEXT.nextPiece : TEXT.last}
      </Button>
      {sewnByMachine(procedure) && (
        <Button variant="outlined" size="large" onClick={onWrong}>
          {TEXT.wrong}
        </Button>
      )}
      {run.step > 0 && <Button onClick={() => void onBack()}>{TEXT.back}</Button>}
      <span className={styles.quiet}>{TEXT.keys}</span>
    </div>
  );
}

function Title({ now: { run, procedure, steps } }: { now: RunNow }) {
  return (
    <div className={styles.title}>
      <h1>{procedure.name}</h1>
      <span className={styles.quiet}>
        {TEXT.stepOf(run.step + 1, steps.length, run.clothName)}
        {run.pieces > 1 && TEXT.pieceOf(run.piece, run.pieces)}
      </span>
    </div>
  );
}

function Progress({ at, of }: { at: number; of: number }) {
  return (
    <ol className={styles.progress} aria-label={TEXT.progress(at + 1, of)}>
      {Array.from({ length: of }, (_, i) => (
        <li key={i} data-state={i < at ? 'done' : i === at ? 'now' : 'later'} />
      ))}
    </ol>
  );
}
