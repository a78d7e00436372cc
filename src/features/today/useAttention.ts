'use client';

import { hoursInMachine } from '@/core/file';
import { CARE, needleHours, needleName, needleState } from '@/core/kit';
import { formatNumber } from '@/core/units';
import { useCards, useMachines, useNeedles, useOnMachines } from '@/data';
import { useStale } from '@/parts/staleness';
import { useCareDue, useNeedleLife } from '@/parts/workspace';
import type { Row, Waiting } from './Rows';

/** What wants to be looked after: needles near their hours, cards gone stale, machines to be cared for; undefined while it is read. */
export function useAttention(): Waiting[] | undefined {
  const needles = useNeedleRows();
  const stale = useStaleRows();
  const care = useCareRows();
  if (!needles || !stale) return undefined;
  return [
    { id: 'needles', title: 'Needles near their hours', rows: needles },
    { id: 'stale', title: 'Cards gone stale', rows: stale },
    { id: 'care', title: 'Care due', rows: care },
  ];
}

function useNeedleRows(): Row[] | undefined {
  const tin = useNeedles();
  const set = useOnMachines();
  const machines = useMachines();
  const life = useNeedleLife();
  if (!tin || !set || !machines) return undefined;
  if (life === null) return [];
  const hours = (h: number) => `${formatNumber(h, 1)} of ${formatNumber(life, 0)} h`;
  const isNear = (h: number) => ['near', 'past'].includes(needleState({ hours: h, spent: false }, life));
  const onMachines = set
    .filter((on) => isNear(hoursInMachine(on, tin)))
    .map((on): Row => {
      const machine = machines.find((m) => m.id === on.machineId);
      const note = `${hours(hoursInMachine(on, tin))}, in ${machine?.machine.name ?? 'a machine'}`;
      return { key: on.machineId, href: '/workroom?place=needles', name: needleName(on.setup.needle), note };
    });
  const inTin = tin
    .filter((n) => n.spent === null && isNear(needleHours(n)) && !set.some((on) => on.needleId === n.id))
    .map((n): Row => {
      const note = `${hours(needleHours(n))}, ${n.where || 'in the tin'}`;
      return { key: n.id, href: '/workroom?place=needles', name: needleName(n.needle), note };
    });
  return [...onMachines, ...inTin];
}

function useStaleRows(): Row[] | undefined {
  const cards = useCards();
  const reasons = useStale();
  if (!cards || !reasons) return undefined;
  return cards.flatMap((card) => {
    const [first] = reasons(card);
    return first ? [{ key: card.id, href: `/ledger?id=${card.id}`, name: card.name, note: first.text }] : [];
  });
}

function useCareRows(): Row[] {
  return useCareDue().map(({ machine, standing: { kind, why } }) => ({
    key: machine.id + kind,
    href: '/workroom?place=care',
    name: `${CARE[kind].name}, ${machine.machine.name}`,
    note: why ?? 'due',
  }));
}
