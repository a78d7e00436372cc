'use client';

import type { Card } from '@/core/card';
import type { KnowledgeChange, MatchInput } from '@/core/match';
import { KNOWLEDGE } from '@/core/result';
import { useKit, usePreference } from '@/data';
import { currentOf, useFromWorker } from '../asking';

/** No more than these are worked out at once. */
const MOST = 50;

/**
 * What today's tables would answer differently for cards made with older ones; undefined while it is worked out.
 *
 * @param cards - any cards; those made with today's tables, or of which nothing was kept, are not asked about
 */
export function useKnowledge(cards: readonly Card[] | undefined): KnowledgeChange[] | undefined {
  const kit = useKit();
  const schools = usePreference('schools');
  const old = cards?.filter(({ knowledge, answered }) => answered && knowledge !== '' && knowledge !== KNOWLEDGE);
  const ready = kit !== undefined && schools !== undefined && old !== undefined;
  const asked = ready
    ? old.slice(0, MOST).map((card): [Card, MatchInput] => [
        card,
        {
          cloth: card.cloth,
          operation: card.operation,
          machine: card.machine,
          ...(kit.kit && { kit: kit.kit }),
          ...(schools && { schools }),
        },
      ])
    : [];
  const key =
    asked.length > 0 ? JSON.stringify(asked.map(([{ id, knowledge }, input]) => [id, knowledge, input])) : null;
  const told = currentOf(useFromWorker(key, (worker) => worker.knowledgeChanges(asked)));
  return ready && asked.length === 0 ? [] : (told ?? undefined);
}
