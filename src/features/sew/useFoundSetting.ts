'use client';

import { clothOf } from '@/core/cloth';
import type { ClothRecord, MachineRecord } from '@/core/file';
import type { OperationKind, Setup } from '@/core/setup';
import { useCards, useKit, usePreference } from '@/data';
import { useFromWorker } from '@/parts/asking';

/** A setting for an operation, and whether a card proves it. */
export interface FoundSetting {
  setup: Setup | null;
  cardId: string | null;
  cardName: string | null;
}

/** The newest card of this cloth, machine and kind of seam; without one, what Match answers. Null while it is looked for. */
export function useFoundSetting(
  cloth: ClothRecord | null,
  machine: MachineRecord | null,
  kind: OperationKind,
): FoundSetting | null {
  const cards = useCards();
  const kit = useKit();
  const schools = usePreference('schools');
  const card = cards?.find(
    (c) => c.clothId === cloth?.id && c.machineId === machine?.id && c.operation.kind === kind && !c.simulated,
  );
  const ask = cloth && machine && cards && kit && schools && !card;
  const input = ask
    ? {
        cloth: clothOf(cloth),
        operation: { kind },
        machine: machine.machine,
        schools,
        ...(kit.kit && { kit: kit.kit }),
      }
    : null;
  const answer = useFromWorker(input && JSON.stringify(input), (worker) => worker.answer(input!));
  if (card) return { setup: card.setup, cardId: card.id, cardName: card.name };
  return answer ? { setup: answer.setup, cardId: null, cardName: null } : null;
}
