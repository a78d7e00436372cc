'use client';

import type { Card } from '@/core/card';
import type { MachineRecord } from '@/core/file';
import type { MachineOffsets } from '@/core/match';
import { useCards, usePreference } from '@/data';
import { currentOf, useFromWorker } from '../asking';

/** The newest cards are enough to know a machine by. */
const NEWEST = 30;

/** Cards that may teach: simulated ones only where everything is made up. */
export function useTeachingCards(): Card[] | undefined {
  const cards = useCards();
  const workroom = usePreference('workroom');
  if (!cards || !workroom) return undefined;
  return cards.filter((card) => !card.simulated || workroom === 'demo');
}

/** A machine of which no card says anything. */
const NOTHING_TAUGHT: MachineOffsets = { tensionSteps: null, pressure: null, lengthFactor: null };

/** What the cards of this very machine teach of it; null while it is worked out. */
export function useMachineOffsets(record: MachineRecord | null): MachineOffsets | null {
  const cards = useTeachingCards();
  const own = record && cards ? cards.filter((card) => card.machineId === record.id).slice(0, NEWEST) : null;
  const since = record?.forgotten ?? {};
  const key =
    own && own.length > 0
      ? JSON.stringify([record!.id, own.map((card) => [card.id, card.passedAt, card.setup]), since])
      : null;
  const told = currentOf(useFromWorker(key, (worker) => worker.machineOffsets(own ?? [], since)));
  return own?.length === 0 ? NOTHING_TAUGHT : told;
}
