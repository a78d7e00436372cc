'use client';

import type { Card, StaleReason } from '@/core/card';
import { outOfDateToday } from '@/core/workroom';
import { useCare, useCloths, useKitRecord, useMachines, useNeedles, useOnMachines, useThreads } from '@/data';
import { useNeedleLife } from '../workspace';

/** Says of any card why it is stale today; undefined while the workroom is read. */
export function useStale(): ((card: Card) => StaleReason[]) | undefined {
  const machines = useMachines();
  const care = useCare();
  const cloths = useCloths();
  const stock = useNeedles();
  const spools = useThreads();
  const kit = useKitRecord();
  const onMachines = useOnMachines();
  const needleLifeHours = useNeedleLife();
  if (!machines || !care || !cloths || !stock || !spools || !kit || !onMachines) return undefined;
  return outOfDateToday({ machines, care, cloths, stock, spools, kit, onMachines, needleLifeHours });
}
