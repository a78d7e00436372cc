'use client';

import { nextLineNumber } from '@/core/workroom';
import { lineFacts } from '@/core/card';
import { clothOf } from '@/core/cloth';
import { answersOf, type DiagnoseInput, lineToGoOnFrom, type NextStep, outcomesOf } from '@/core/diagnose';
import { hoursInMachine } from '@/core/file';
import { sameNeedle } from '@/core/kit';
import { allSigns, findingsOf, type TestLine, isPlanned } from '@/core/swatch';
import { useKit, useNeedles, useOnMachine, useThreads } from '@/data';
import { Diagnosis, threadQuality } from '@/parts/diagnosis';
import type { SaveLine, Scrap } from './useScrap';
import { WHAT_NEXT_TEXT } from './text';

interface Props {
  scrap: Scrap;
  line: TestLine;
  onTake: (step: NextStep) => void;
  onSave: SaveLine;
}

/** What to change after a line that shows something: from its signs and measures, the needle in it, and what was tried. */
export function WhatNext({ scrap, line, onTake, onSave }: Props) {
  const kit = useKit();
  const on = useOnMachine(scrap.machine.id);
  const threads = useThreads();
  const stock = useNeedles();
  if (allSigns(scrap.seam, line).length === 0 || !kit || on === undefined || !threads || !stock) return null;
  // Simulated lines say nothing of the real machine, nor the other way about.
  const before = scrap.lines.filter(
    (l) => !isPlanned(l) && l.number <= line.number && Boolean(l.simulated) === Boolean(line.simulated),
  );
  const seen = before.map((l) => ({ ...l, findings: allSigns(scrap.seam, l) }));
  // A change that made it worse is put back: what is known of the line before it holds again.
  const from = before[lineToGoOnFrom(seen)] ?? line;
  const input: DiagnoseInput = {
    cloth: clothOf(scrap.cloth),
    operation: scrap.swatch.operation,
    setup: from.setup,
    machine: scrap.machine.machine,
    findings: findingsOf(scrap.seam, from),
    history: outcomesOf(seen),
    threadQuality: line.simulated ? undefined : threadQuality(threads, from.setup.thread),
    trueLengthMm: lineFacts(from.measures).lengthMm,
    // The needle in the machine tells of this line only while it is still the one that sewed it.
    ...(on &&
      !line.simulated &&
      sameNeedle(on.setup.needle, from.setup.needle) && { needleHours: hoursInMachine(on, stock) }),
    ...(kit.kit && { kit: kit.kit }),
    answers: answersOf(before),
  };
  const number = nextLineNumber(scrap.lines);
  return (
    <Diagnosis
      input={input}
      takeText={WHAT_NEXT_TEXT.doItLine(number)}
      onTake={(step) => onTake(from === line ? step : { ...step, setup: step.setup ?? from.setup })}
      onAnswer={(question, answer) =>
        onSave((now) => ({
          answers: [...(now.answers ?? []).filter((a) => a.question !== question), { question, answer }],
        }))
      }
    />
  );
}
