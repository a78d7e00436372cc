'use client';

import type { Card } from '@/core/card';
import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { seamContext, type SeamContext } from '@/core/physics';
import type { TestLine, Swatch } from '@/core/swatch';
import { useCards, useCloths, useLinesOf, useMachines, useSwatches } from '@/data';

/** A scrap with everything that hangs on it. */
export interface Scrap {
  swatch: Swatch;
  cloth: ClothRecord;
  machine: MachineRecord;
  lines: TestLine[];
  cards: Card[];
  seam: SeamContext;
}

/** Changes the line as it is stored now. */
export type SaveLine = (edit: (now: TestLine) => Partial<TestLine>) => void;

/** One scrap, live; null when there is none of that key, undefined while it is read. */
export function useScrap(id: string): Scrap | null | undefined {
  const swatches = useSwatches();
  const cloths = useCloths();
  const machines = useMachines();
  const lines = useLinesOf(id);
  const all = useCards();
  if (!swatches || !cloths || !machines || !lines || !all) return undefined;
  const swatch = swatches.find((s) => s.id === id);
  const cloth = cloths.find((c) => c.id === swatch?.clothId);
  const machine = machines.find((m) => m.id === swatch?.machineId);
  if (!swatch || !cloth || !machine) return null;
  const own = all.filter((card) => lines.some((line) => line.id === card.lineId));
  return { swatch, cloth, machine, lines, cards: own, seam: seamContext(clothOf(cloth), swatch.operation) };
}
