'use client';

import type { Card } from '@/core/card';
import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { seamContext, type SeamContext } from '@/core/physics';
import { needleMinutes } from '@/core/stitch';
import type { Line, Swatch } from '@/core/swatch';
import {
  cards,
  countSewing,
  lines as lineStore,
  useCards,
  useCloths,
  useLines,
  useMachines,
  useSwatches,
} from '@/data';
import { newId, nowText } from '@/parts/workspace';

/** A scrap with everything that hangs on it. */
export interface Scrap {
  swatch: Swatch;
  cloth: ClothRecord;
  machine: MachineRecord;
  lines: Line[];
  cards: Card[];
  seam: SeamContext;
}

/** Changes the line as it is stored now. */
export type SaveLine = (edit: (now: Line) => Partial<Line>) => void;

/** One scrap, live; null when there is none of that key, undefined while it is read. */
export function useScrap(id: string): Scrap | null | undefined {
  const swatches = useSwatches();
  const cloths = useCloths();
  const machines = useMachines();
  const lines = useLines(id);
  const all = useCards();
  if (!swatches || !cloths || !machines || !lines || !all) return undefined;
  const swatch = swatches.find((s) => s.id === id);
  const cloth = cloths.find((c) => c.id === swatch?.clothId);
  const machine = machines.find((m) => m.id === swatch?.machineId);
  if (!swatch || !cloth || !machine) return null;
  const own = all.filter((card) => lines.some((line) => line.id === card.lineId));
  return { swatch, cloth, machine, lines, cards: own, seam: seamContext(clothOf(cloth), swatch.operation) };
}

/** Sewn length of a trial line: 100 mm marked inside 120. */
const LINE_MM = 120;

/** Keeps a line's outcome and counts the needle's time for it. */
export async function settle(scrap: Scrap, line: Line, status: Line['status']): Promise<void> {
  await lineStore.put({ ...line, status });
  if (line.status !== 'sewing') return;
  // People sew a trial at about half of what the machine can do.
  const minutes = needleMinutes(line.setup.stitch, line.setup.lengthMm, LINE_MM, scrap.machine.machine.speedSpm / 2);
  const { name, family } = scrap.cloth.cloth;
  await countSewing(scrap.machine.id, minutes, { name, family });
}

/** Freezes a passed line as a card, with the cloth and the machine as they were. */
export async function makeCard(scrap: Scrap, line: Line): Promise<Card> {
  const { swatch, cloth, machine } = scrap;
  await settle(scrap, line, 'passed');
  const card: Card = {
    id: newId(),
    name: swatch.name,
    passedAt: nowText(),
    clothId: cloth.id,
    cloth: clothOf(cloth),
    operation: swatch.operation,
    machineId: machine.id,
    machine: machine.machine,
    setup: line.setup,
    measures: line.measures,
    lineId: line.id,
    notes: line.notes,
    simulated: line.simulated !== undefined,
    provenAgain: [],
  };
  await cards.put(card);
  return card;
}
