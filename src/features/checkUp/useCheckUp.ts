'use client';

import { useSearchParams } from 'next/navigation';
import { useState } from 'react';
import { useWatch } from 'react-hook-form';
import type { MachineRecord } from '@/core/file';
import { dialMmAsk, lengthAsk, numberAsk, type QuantityAsk } from '@/core/units';
import {
  afterCheckUp,
  CHECK_UP_MARKS,
  type CheckUpAnswer,
  type CheckUpFound,
  type CheckUpLine,
  checkUpPlan,
  onAfterCheckUp,
  readCheckUp,
  SHOWS,
} from '@/core/workroom';
import { machines, onMachines } from '@/data';
import { type ReadTexts, useReadForm } from '@/parts/forms';
import { newId, nowText, useAct, useQuestion, useUnits } from '@/parts/workspace';
import { typedNumbers } from '@/ui';
import { CHECK_UP_TEXT as TEXT } from './text';

type Texts = Record<string, string>;

/** Where each answer of a line is typed. */
export const keyOf = (line: number, field: keyof CheckUpAnswer): string => `${field}-${line}`;

/** What is asked of each part's lines. */
const ASKED: Record<CheckUpLine['part'], readonly (keyof CheckUpAnswer)[]> = {
  length: ['stitches'],
  width: ['widthMm'],
  tension: ['shows'],
  pressure: ['shows', 'shiftMm'],
};

/** The machine a check-up is of: the one in the address, or the one in use. */
export function useCheckUpMachine(): MachineRecord | null | undefined {
  const asked = useQuestion();
  const wanted = useSearchParams().get('machine');
  if (!asked) return undefined;
  return asked.machines.find(({ id }) => id === wanted) ?? asked.machine;
}

/** The check-up of one machine while it is being filled in. */
export function useCheckUp(record: MachineRecord) {
  const { system } = useUnits();
  const act = useAct();
  const [kept, setKept] = useState<CheckUpFound | null>(null);
  const marks = CHECK_UP_MARKS[system];
  const lines = checkUpPlan(record.machine);
  const asks = {
    stitches: numberAsk('count', system, { least: 2, most: 1000, whole: true, usual: 40 }),
    widthMm: dialMmAsk(system, 2.5, { least: 0, most: 20 }),
    shiftMm: lengthAsk(system, 3, { signed: true, least: -60, most: 60 }),
  };
  const read = (texts: Texts): ReadTexts<CheckUpFound> => readTexts(record, lines, texts, asks, marks);
  const start = Object.fromEntries(
    lines.flatMap(({ number, part }) => ASKED[part].map((field) => [keyOf(number, field), ''])),
  );
  const form = useReadForm(`check-up:${record.id}`, read, start);
  const soFar = read({ ...start, ...useWatch({ control: form.control }) } as Texts).value;
  const keep = form.handleSubmit(async (found) => {
    const at = nowText();
    await act(TEXT.kept(record.machine.name), async () => {
      await machines.change(record.id, (now) => now && afterCheckUp(now, found, at));
      await onMachines.change(record.id, (on) => on && onAfterCheckUp(on));
    });
    form.clear();
    setKept(found);
  });
  return { lines, marks, asks, form, soFar, kept, keep };
}

function readTexts(
  { machine }: MachineRecord,
  lines: readonly CheckUpLine[],
  texts: Texts,
  asks: Record<'stitches' | 'widthMm' | 'shiftMm', QuantityAsk>,
  marks: (typeof CHECK_UP_MARKS)['metric'],
): ReadTexts<CheckUpFound> {
  const fields = lines.flatMap(({ number, part }) =>
    ASKED[part].flatMap((field) =>
      field === 'shows' ? [] : [{ key: keyOf(number, field), ask: asks[field], optional: true }],
    ),
  );
  const { value, problems } = typedNumbers(texts, fields);
  if (!value) return { value: null, problems };
  const answers = Object.fromEntries(
    lines.map(({ number, part }) => [
      number,
      Object.fromEntries(ASKED[part].flatMap((field) => answerOf(number, field, texts, value))),
    ]),
  );
  if (Object.values(answers).every((answer) => Object.keys(answer).length === 0))
    return { value: null, problems: { [keyOf(1, 'stitches')]: TEXT.nothing } };
  const made = readCheckUp(machine, lines, answers, { newId, at: nowText(), marks });
  if (made.ok) return { value: made.found, problems: {} };
  return {
    value: null,
    problems: Object.fromEntries(made.problems.map(({ line, field, text }) => [keyOf(line, field), text])),
  };
}

type Entry = [field: string, value: number | string];

function answerOf(line: number, field: keyof CheckUpAnswer, texts: Texts, numbers: Record<string, number>): Entry[] {
  const key = keyOf(line, field);
  if (field !== 'shows') return key in numbers ? [[field, numbers[key]]] : [];
  const shows = SHOWS.find((one) => one === texts[key]);
  return shows ? [[field, shows]] : [];
}
