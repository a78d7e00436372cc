'use client';

import { useSyncExternalStore } from 'react';
import { followDamage, type Damage, damageNow } from '@/data';

const NONE: readonly never[] = [];

/** What is wrong with one record; null when nothing is known to be. */
export function useDamagedRecord(table: string, id: string | null): Damage | null {
  const all = useSyncExternalStore(followDamage, damageNow, () => NONE);
  return all.find((one) => one.table === table && one.id === id) ?? null;
}
