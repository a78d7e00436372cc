'use client';

import { type Card, type StaleReason, staleReasons } from '@/core/card';
import { clothOf } from '@/core/cloth';
import { hoursInMachine } from '@/core/file';
import { useCare, useCloths, useKitRecord, useMachines, useNeedles, useOnMachines, useThreads } from '@/data';
import { useNeedleLife } from '../workspace';

/** Says of any card why it is stale today; undefined while the workroom is read. */
export function useStale(): ((card: Card) => StaleReason[]) | undefined {
  const machines = useMachines();
  const care = useCare();
  const cloths = useCloths();
  const tin = useNeedles();
  const spools = useThreads();
  const kit = useKitRecord();
  const set = useOnMachines();
  const needleLifeHours = useNeedleLife();
  if (!machines || !care || !cloths || !tin || !spools || !kit || !set) return undefined;
  const needles = kit.needles === 'owned' ? tin.filter((n) => n.spent === null).map((n) => n.needle) : null;
  const threads = kit.threads === 'owned' ? spools.map((t) => t.thread) : null;
  return (card) => {
    const cloth = cloths.find((c) => c.id === card.clothId);
    const on = set.find((o) => o.machineId === card.machineId && o.clothId === card.clothId);
    return staleReasons(card, {
      machine: machines.find((m) => m.id === card.machineId)?.machine ?? null,
      servicedAt: care.filter((c) => c.machineId === card.machineId && c.kind === 'service').map((c) => c.at),
      cloth: cloth ? clothOf(cloth) : null,
      needles,
      threads,
      on: on ? { setup: on.setup, needleHours: hoursInMachine(on, tin) } : null,
      needleLifeHours,
    });
  };
}
