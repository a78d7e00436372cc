'use client';

import { clothOf } from '@/core/cloth';
import { type DiagnoseInput, type NextStep, outcomesOf } from '@/core/diagnose';
import type { ThreadRecord } from '@/core/file';
import { sameNeedle } from '@/core/kit';
import { allSigns, type Line } from '@/core/swatch';
import { useKit, useOnMachine, useThreads } from '@/data';
import { Diagnosis } from '@/parts/diagnosis';
import type { Scrap } from './useScrap';

interface Props {
  scrap: Scrap;
  line: Line;
  onTake: (step: NextStep) => void;
}

/** What to change after a line that shows something: from its signs and measures, the needle in it, and what was tried. */
export function WhatNext({ scrap, line, onTake }: Props) {
  const kit = useKit();
  const on = useOnMachine(scrap.machine.id);
  const threads = useThreads();
  const findings = allSigns(scrap.seam, line);
  if (findings.length === 0 || !kit || on === undefined || !threads) return null;
  const before = scrap.lines.filter((l) => l.number <= line.number);
  const input: DiagnoseInput = {
    cloth: clothOf(scrap.cloth),
    operation: scrap.swatch.operation,
    setup: line.setup,
    machine: scrap.machine.machine,
    findings,
    history: outcomesOf(before.map((l) => ({ ...l, findings: allSigns(scrap.seam, l) }))),
    threadQuality: qualityOf(threads, line),
    // The needle in the machine tells of this line only while it is still the one that sewed it.
    ...(on && sameNeedle(on.setup.needle, line.setup.needle) && { needleHours: on.needleHours }),
    ...(kit.kit && { kit: kit.kit }),
  };
  const number = Math.max(...scrap.lines.map((l) => l.number)) + 1;
  return <Diagnosis input={input} takeText={`Do it: line ${number}`} onTake={onTake} />;
}

/** What the spools say of the thread of a line: good or cheap only when all of its kind are. */
function qualityOf(threads: readonly ThreadRecord[], line: Line): ThreadRecord['quality'] {
  const { fibre, tex } = line.setup.thread;
  const kinds = new Set(
    threads.filter((t) => t.thread.fibre === fibre && Math.abs(t.thread.tex - tex) < 0.5).map((t) => t.quality),
  );
  return kinds.size === 1 ? [...kinds][0] : 'unknown';
}
