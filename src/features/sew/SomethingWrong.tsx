'use client';

import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import { useState } from 'react';
import { clothOf } from '@/core/cloth';
import { REMEDIES, type DiagnoseInput, type NextStep, QUESTION_IDS } from '@/core/diagnose';
import { hoursInMachine } from '@/core/file';
import { MAIN_ROW, operationOfRow, rowOfStep, rowsOfProcedure, type Run } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { sameNeedle } from '@/core/kit';
import { type Sign, SIGN_TEXT, SIGNS } from '@/core/stitch';
import { standsIn } from '@/core/units';
import { useKit, useNeedles, useOnMachine, useThreads } from '@/data';
import { Diagnosis, RescueWays, threadQuality } from '@/parts/diagnosis';
import { useSay, useUnits } from '@/parts/workspace';
import { More, Pressable, SignPicture, useFocusOnce } from '@/ui';
import styles from './Sew.module.css';
import { TEXT } from './text';
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
  const [answers, setAnswers] = useState<Answers>([]);
  const kit = useKit();
  const threads = useThreads();
  const on = useOnMachine(machine?.id ?? null);
  const stock = useNeedles();
  const say = useSay();
  const units = useUnits();
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
  const keep = async (text: string) => {
    const noted = TEXT.noted(run.step + 1, text);
    await save((r) => ({ notes: [r.notes, noted].filter(Boolean).join('\n').slice(0, MOST_NOTES) }));
    say(TEXT.noteKept);
    onClose();
  };
  const take = async (step: NextStep, seen: Sign) => {
    // Another setting than the card's is proven no more.
    await save((r) => ({
      tried: [...r.tried, { sign: seen, change: step.change }],
      ...(step.setup && changedRow(r, row, step.setup)),
    }));
    say(TEXT.backTo(units.say(step.text), run.step + 1));
    onClose();
  };
  return (
    <div className={styles.wrong}>
      <FocusedTitle />
      <SignChoice first={procedure.faults} sign={sign} onSign={setSign} />
      <SomethingElse onKeep={(text) => void keep(text)} />
      {input && (
        <Diagnosis
          input={input}
          takeText={TEXT.doIt}
          onTake={(step) => void take(step, input.findings[0].sign)}
          onAnswer={(question, answer) => setAnswers((before) => withAnswer(before, question, answer))}
        />
      )}
      {sign && <RescueWays sign={sign} cloth={clothOf(cloth)} />}
      <Button variant="outlined" onClick={onClose}>
        {TEXT.backToStep(run.step + 1)}
      </Button>
    </div>
  );
}

type Answers = NonNullable<DiagnoseInput['answers']>;

/** Answers with one more; one to a question that is not known says nothing. */
function withAnswer(before: Answers, question: string, answer: string): Answers {
  const known = QUESTION_IDS.find((id) => id === question);
  return known ? [...before.filter((a) => a.question !== known), { question: known, answer }] : before;
}

/** Letters of the notes of a run. */
const MOST_NOTES = 2000;
/** Possible at any step. */
const ALWAYS: readonly Sign[] = ['needle-broke', 'nest', 'thread-broke', 'skipped'];

/** Signs to pick from: those of this operation first, then what can always happen, then every other one, with a search. */
function SignChoice({
  first,
  sign,
  onSign,
}: {
  first: readonly Sign[];
  sign: Sign | null;
  onSign: (sign: Sign) => void;
}) {
  const [find, setFind] = useState('');
  const likely = [...first, ...ALWAYS.filter((one) => !first.includes(one))];
  const others = SIGNS.filter((one) => !likely.includes(one) && standsIn(SIGN_TEXT[one], find));
  const button = (one: Sign) => (
    <Pressable key={one} aria-pressed={one === sign} onClick={() => onSign(one)}>
      <SignPicture sign={one} />
      {SIGN_TEXT[one]}
    </Pressable>
  );
  return (
    <>
      <div className={styles.signs}>{likely.map(button)}</div>
      <More summary={TEXT.otherSigns}>
        <TextField
          size="small"
          label={TEXT.findSign}
          value={find}
          onChange={(event) => setFind(event.target.value)}
          sx={{ my: 1 }}
        />
        {others.length > 0 ? <div className={styles.signs}>{others.map(button)}</div> : <p>{TEXT.noSign}</p>}
      </More>
    </>
  );
}

/** What no drawing shows, kept as a note with its step. */
function SomethingElse({ onKeep }: { onKeep: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <More summary={TEXT.somethingElse}>
      <TextField
        multiline
        minRows={2}
        fullWidth
        label={TEXT.whatHappened}
        value={text}
        onChange={(event) => setText(event.target.value.slice(0, 400))}
        sx={{ my: 1 }}
      />
      <Button variant="outlined" disabled={text.trim() === ''} onClick={() => onKeep(text.trim())}>
        {TEXT.keepNote}
      </Button>
    </More>
  );
}

/** A change that was made for a sign that is here again. */
function outcomeOf(name: string): DiagnoseInput['history'] {
  const change = REMEDIES.find((known) => known === name);
  return change ? [{ change, result: 'same' }] : [];
}

/** It has the focus as soon as it is there: the press that opened it has gone. */
function FocusedTitle() {
  const title = useFocusOnce<HTMLHeadingElement>();
  return (
    <h3 ref={title} tabIndex={-1}>
      {TEXT.whatSeen}
    </h3>
  );
}
