'use client';

import Button from '@mui/material/Button';
import { useState } from 'react';
import { clothOf } from '@/core/cloth';
import { type DiagnoseInput, QUESTION_IDS } from '@/core/diagnose';
import { type Sign, SIGN_TEXT } from '@/core/stitch';
import { useKit, useOnMachine } from '@/data';
import { Diagnosis } from '@/parts/diagnosis';
import { useSay } from '@/parts/workspace';
import { SignPicture } from '@/ui';
import styles from './Sew.module.css';
import type { RunNow } from './useRunNow';

/** What goes wrong here most, picked from drawings; the one thing to change; and back to the same step. */
export function SomethingWrong({ now, onClose }: { now: RunNow; onClose: () => void }) {
  const { run, procedure, cloth, machine, setup, save } = now;
  const [sign, setSign] = useState<Sign | null>(null);
  const [answers, setAnswers] = useState<NonNullable<DiagnoseInput['answers']>>([]);
  const kit = useKit();
  const on = useOnMachine(machine?.id ?? null);
  const say = useSay();
  if (!cloth || !machine || !setup || !kit) return null;
  const input: DiagnoseInput | null = sign && {
    cloth: clothOf(cloth),
    operation: { kind: procedure.kind },
    setup,
    machine: machine.machine,
    findings: [{ sign, severity: 2 }],
    history: [],
    answers,
    ...(on && { needleHours: on.needleHours }),
    ...(kit.kit && { kit: kit.kit }),
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
          onTake={(step) => {
            if (step.setup) void save(() => ({ setup: step.setup }));
            say(`${step.text} Step ${run.step + 1} is still in hand.`);
            onClose();
          }}
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
