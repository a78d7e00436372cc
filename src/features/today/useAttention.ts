'use client';

import { CARE, needleName } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { needlesToChange } from '@/core/workroom';
import { useCards, useMachines, useNeedles, useOnMachines } from '@/data';
import { useKnowledge, useStale } from '@/parts/staleness';
import { useCareDue, useNeedleLife } from '@/parts/workspace';
import type { WaitingRow, Waiting } from './Rows';
import { ATTENTION_TEXT } from './text';

/** What wants to be looked after: needles near their hours, cards out of date, machines to be cared for; undefined while it is read. */
export function useAttention(): Waiting[] | undefined {
  const needles = useNeedleRows();
  const stale = useStaleRows();
  const care = useCareRows();
  const knowledge = useKnowledgeRows();
  if (!needles || !stale) return undefined;
  return [
    { id: 'needles', title: ATTENTION_TEXT.needlesNearTheirHours, rows: needles },
    { id: 'stale', title: ATTENTION_TEXT.cardsOutOfDate, rows: stale },
    { id: 'knowledge', title: ATTENTION_TEXT.knowledge, rows: knowledge },
    { id: 'care', title: ATTENTION_TEXT.careDue, rows: care },
  ];
}

function useNeedleRows(): WaitingRow[] | undefined {
  const stock = useNeedles();
  const set = useOnMachines();
  const machines = useMachines();
  const life = useNeedleLife();
  if (!stock || !set || !machines) return undefined;
  if (life === null) return [];
  return needlesToChange(set, stock, life).map(({ machineId, needleId, needle, hours }): WaitingRow => {
    const machine = machines.find((m) => m.id === machineId)?.machine.name ?? ATTENTION_TEXT.aMachine;
    const kept = stock.find((n) => n.id === needleId)?.where || ATTENTION_TEXT.inTheTin;
    return {
      key: needleId ?? machineId ?? needleName(needle),
      href: '/workroom?place=needles',
      name: needleName(needle),
      note: ATTENTION_TEXT.ofH(
        formatNumber(hours, 1),
        formatNumber(life, 0),
        machineId === null ? kept : ATTENTION_TEXT.in(machine),
      ),
    };
  });
}

function useStaleRows(): WaitingRow[] | undefined {
  const cards = useCards();
  const reasons = useStale();
  if (!cards || !reasons) return undefined;
  return cards.flatMap((card) => {
    const [first] = reasons(card);
    return first ? [{ key: card.id, href: `/log?id=${card.id}`, name: card.name, note: first.text }] : [];
  });
}

/** Cards whose question today's tables would answer differently; none while that is worked out. */
function useKnowledgeRows(): WaitingRow[] {
  const cards = useCards();
  const changed = useKnowledge(cards) ?? [];
  return changed.flatMap(({ cardId, changes: [first] }) => {
    const card = cards?.find(({ id }) => id === cardId);
    return card
      ? [{ key: cardId, href: `/log?id=${cardId}`, name: card.name, note: ATTENTION_TEXT.nowInstead(first) }]
      : [];
  });
}

function useCareRows(): WaitingRow[] {
  return useCareDue().map(({ machine, standing: { kind, why } }) => ({
    key: machine.id + kind,
    href: '/workroom?place=care',
    name: `${CARE[kind].name}, ${machine.machine.name}`,
    note: why ?? 'due',
  }));
}
