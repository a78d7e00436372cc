'use client';

import type { Card } from '@/core/card';
import type { MachineRecord } from '@/core/file';
import type { MachineOffsets, MatchInput } from '@/core/match';
import { useCards, usePreference } from '@/data';
import { useFromWorker } from '../asking';

/** The newest cards are enough to know a machine by. */
const NEWEST = 30;

/** Cards that may teach: simulated ones only where everything is made up. */
export function useTeachingCards(): Card[] | undefined {
  const cards = useCards();
  const workroom = usePreference('workroom');
  if (!cards || !workroom) return undefined;
  return cards.filter((card) => !card.simulated || workroom === 'demo');
}

/** What the cards of a machine teach of it; null while it is worked out. */
export function useMachineOffsets(record: MachineRecord | null): MachineOffsets | null {
  const cards = useTeachingCards();
  const own = record && cards ? cards.filter((card) => card.machineId === record.id).slice(0, NEWEST) : null;
  const since = record?.forgotten ?? {};
  const key = own ? JSON.stringify([own.map((card) => [card.id, card.passedAt, card.setup]), since]) : null;
  return useFromWorker(key, (worker) => worker.machineOffsets(own ?? [], since));
}

/** What cards teach, as Match takes it: nothing where there is none. */
export function asLearned(offsets: MachineOffsets | null): MatchInput['learned'] {
  const { tensionSteps, pressure } = offsets ?? { tensionSteps: null, pressure: null };
  const count = Math.max(tensionSteps?.count ?? 0, pressure?.count ?? 0);
  if (count === 0) return undefined;
  return {
    cards: count,
    ...(tensionSteps && { tensionSteps: tensionSteps.mean }),
    ...(pressure && { pressure: pressure.mean }),
  };
}
