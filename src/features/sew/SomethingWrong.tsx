'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { clothOf } from '@/core/cloth';
import { REMEDIES, type DiagnoseInput, type NextStep, QUESTION_IDS } from '@/core/diagnose';
import { hoursInMachine } from '@/core/file';
import { MAIN_ROW, operationOfRow, rowOfStep, rowsOfProcedure, type Run } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { sameNeedle } from '@/core/kit';
import { type Sign, SIGN_TEXT } from '@/core/stitch';
import { useKit, useNeedles, useOnMachine, useThreads } from '@/data';
import { Diagnosis, threadQuality } from '@/parts/diagnosis';
import { useSay } from '@/parts/workspace';
import { SignPicture } from '@/ui';
import styles from './Sew.module.css';
import type { RunNow } from './useRunNow';

/** The row that is sewn now, and its setting. */
function inHand({ run, steps, setups, setup }: RunNow) {
  const row = rowOfStep(steps, run.step);
  return { row, setup: setups?.[row] ?? setup };
}

/** Another setting for one row of a run; the card of the main row proves it no more. */
const changedRow = ({ rows }: Run, row: string, setup: Setup): Partial<Run> =>
  row === MAIN_ROW ? { setup, cardId: undefined } : { rows: { ...rows, [row]: setup } };

/** What goes wrong here most, picked from drawings; the one thing to change; and back to the same step. */
export function SomethingWrong({ now, onClose }: { now: RunNow; onClose: () => void }) {
  const { run, procedure, cloth, machine, save } = now;
  const { row, setup } = inHand(now);
  const [sign, setSign] = useState<Sign | null>(null);
  const [answers, setAnswers] = useState<NonNullable<DiagnoseInput['answers']>>([]);
  const kit = useKit();
  const threads = useThreads();
  const on = useOnMachine(machine?.id ?? null);
  const stock = useNeedles();
  const say = useSay();
  if (!cloth || !machine || !setup || !kit || !threads || !stock) return null;
  const input: DiagnoseInput | null = sign && {
    cloth: clothOf(cloth),
    operation: operationOfRow(rowsOfProcedure(procedure)[row]),
    setup,
    machine: machine.machine,
    findings: [{ sign, severity: 2 }],
    // It is here again: what was changed for it did not help.
    history: run.tried.flatMap((t) => (t.sign === sign ? outcomeOf(t.change) : [])),
    answers,
    threadQuality: threadQuality(threads, setup.thread),
    ...(on && sameNeedle(on.setup.needle, setup.needle) && { needleHours: hoursInMachine(on, stock) }),
    ...(kit.kit && { kit: kit.kit }),
  };
  const take = async (step: NextStep, seen: Sign) => {
    // Another setting than the card's is proven no more.
    await save((r) => ({
      tried: [...r.tried, { sign: seen, change: step.change }],
      ...(step.setup && changedRow(r, row, step.setup)),
    }));
    say(`${step.text} Step ${run.step + 1} is still in hand.`);
    onClose();
  };
  return (
    <div className={styles.wrong}>
      <h3>What do you see?</h3>
      <div className={styles.signs}>
        {procedure.faults.map((fault) => (
          <button key={fault} type="button" aria-pressed={fault === sign} onClick={() => setSign(fault)}>
            <SignPicture sign={fault} />
            {SIGN_TEXT[fault]}
          </button>
        ))}
      </div>
      {input && (
        <Diagnosis
          input={input}
          takeText="Do it, and back to this step"
          onTake={(step) => void take(step, input.findings[0].sign)}
          onAnswer={(question, answer) => {
            const known = QUESTION_IDS.find((id) => id === question);
            if (known)
              setAnswers((before) => [...before.filter((a) => a.question !== known), { question: known, answer }]);
          }}
        />
      )}
      <Button variant="outlined" onClick={onClose}>
        Back to step {run.step + 1}
      </Button>
    </div>
  );
}

/** A change that was made for a sign that is here again. */
function outcomeOf(name: string): DiagnoseInput['history'] {
  const change = REMEDIES.find((known) => known === name);
  return change ? [{ change, result: 'same' }] : [];
}
