'use client';

import Button from '@mui/material/Button';
import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useEffect, useState } from 'react';
import { fillIn, type Numbers, takesOf } from '@/core/seam';
import { formatNumber } from '@/core/units';
import { countSewing, writePreference } from '@/data';
import { nowText, useUnits } from '@/parts/workspace';
import { CautionPlate, SceneDrawing } from '@/ui';
import { Spoken } from './Spoken';
import styles from './Sew.module.css';
import { useRunKeys } from './useRunKeys';
import type { RunNow } from './useRunNow';
import { useWakeLock } from './useWakeLock';

/** Diagnosis is large and seldom wanted here: it is fetched when something is wrong. */
const SomethingWrong = dynamic(() => import('./SomethingWrong').then((part) => part.SomethingWrong), { ssr: false });

/** One step at a time: what to do, what to look at, and the drawing that moves along. */
export function Runner({ now, numbers }: { now: RunNow; numbers: Numbers }) {
  const { run, procedure, given } = now;
  const { length } = useUnits();
  const [wrong, setWrong] = useState(false);
  useWakeLock();
  useTarget(now);
  const { next, back } = useSteps(now, numbers);
  useRunKeys({ next, back, off: wrong });
  const step = procedure.steps[Math.min(run.step, procedure.steps.length - 1)];
  const done = new Set(
    procedure.steps.slice(0, run.step).flatMap((s) => (s.view === step.view ? [...(s.now ?? [])] : [])),
  );
  const text = fillIn(step.do, numbers, length);
  return (
    <div className={styles.page}>
      <section className={styles.drawing} aria-label="Drawing">
        <div className={styles.title}>
          <h1>{procedure.name}</h1>
          <span className={styles.quiet}>
            step {run.step + 1} of {procedure.steps.length}, {run.clothName}
          </span>
        </div>
        <SceneDrawing
          scene={procedure.views[step.view](numbers, given)}
          now={new Set(step.now)}
          done={done}
          length={length}
        />
        <p className={styles.quiet}>Red is sewn or done now, green is done, grey is to come.</p>
      </section>
      <section className={styles.step} aria-label="Step">
        <Progress at={run.step} of={procedure.steps.length} />
        <h2 aria-live="polite">{text}</h2>
        <p className={styles.check}>Check: {fillIn(step.check, numbers, length)}</p>
        {step.caution && <CautionPlate>{fillIn(step.caution, numbers, length)}</CautionPlate>}
        {wrong ? (
          <SomethingWrong now={now} onClose={() => setWrong(false)} />
        ) : (
          <div className={styles.actions}>
            <Button variant="contained" size="large" onClick={() => void next()}>
              {run.step + 1 < procedure.steps.length ? 'Done, next' : 'Done'}
            </Button>
            <Button variant="outlined" size="large" onClick={() => setWrong(true)}>
              Something’s wrong
            </Button>
            {run.step > 0 && <Button onClick={() => void back()}>Back a step</Button>}
            <span className={styles.quiet}>Space, →, or a foot switch; ← goes back</span>
          </div>
        )}
        <Spoken text={text} />
        <p className={styles.quiet}>
          {formatNumber(run.needleMinutes, 1)} min of needle so far. <Link href="/sew">Leave it here</Link>: it goes on
          at this step.
        </p>
      </section>
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

/** On and back from the step as it is stored, so that quick presses all count; needle time is counted once for every step. */
function useSteps({ procedure, given, how, machine, cloth, save }: RunNow, numbers: Numbers) {
  const last = procedure.steps.length - 1;
  const next = async () => {
    let sewn = 0;
    await save((r) => {
      if (r.status !== 'sewing') return {};
      const { minutes } = takesOf(procedure, r.step, numbers, given, how);
      sewn = r.step >= r.counted ? minutes : 0;
      return {
        needleMinutes: r.needleMinutes + sewn,
        counted: Math.max(r.counted, r.step + 1),
        ...(r.step < last ? { step: r.step + 1 } : { status: 'done', doneAt: nowText() }),
      };
    });
    if (sewn > 0 && machine && cloth)
      await countSewing(machine.id, sewn, { name: cloth.cloth.name, family: cloth.cloth.family });
  };
  const back = () => save((r) => (r.status === 'sewing' && r.step > 0 ? { step: r.step - 1 } : {}));
  return { next, back };
}

/** The strip leads to the setting of the operation. */
function useTarget({ run }: RunNow) {
  const { setup, machineId, clothName } = run;
  const key = setup ? JSON.stringify(setup) : null;
  useEffect(() => {
    if (key) void writePreference('target', { setup: JSON.parse(key), machineId, clothName });
  }, [key, machineId, clothName]);
}
