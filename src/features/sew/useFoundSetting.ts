'use client';

import { type Card, proofOf } from '@/core/card';
import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import { needlesFit, type Numbers, type Procedure } from '@/core/procedure';
import type { Setup } from '@/core/setup';
import { useCards } from '@/data';
import { currentOf, useFromWorker } from '@/parts/asking';
import { useMatchInput } from '@/parts/learned';

/** A setting for an operation, and the card that proves it, if one does. */
export interface FoundSetting {
  setup: Setup | null;
  card: Card | null;
}

/**
 * The newest card of this cloth, or pair of cloths, machine and operation; without one, what Match answers for the school the operation belongs to.
 * Null while it is looked for.
 */
export function useFoundSetting(
  cloth: ClothRecord | null,
  machine: MachineRecord | null,
  procedure: Procedure | undefined,
  answers: Numbers,
  second: ClothRecord | null,
): FoundSetting | null {
  const cards = useCards();
  const kind = procedure?.kind ?? 'join';
  const operation = { kind, ...(second && { second: clothOf(second) }) };
  const input = useMatchInput(cloth, machine, operation, procedure?.schools?.(answers), second?.id);
  const ids = { clothId: cloth?.id, machineId: machine?.id, secondId: second?.id };
  const card = procedure && cards ? proofOf(cards, ids, kind, (setup) => needlesFit(procedure, setup)) : null;
  const ask = cards && input && !card;
  const answer = currentOf(useFromWorker(ask ? JSON.stringify(input) : null, (worker) => worker.answer(input!)));
  if (card) return { setup: card.setup, card };
  return answer ? { setup: answer.setup, card: null } : null;
}
