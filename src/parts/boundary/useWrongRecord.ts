'use client';

import { useSyncExternalStore } from 'react';
import { followWrong, type Wrong, wrongNow } from '@/data';

const NONE: readonly never[] = [];

/** What is wrong with one record; null when nothing is known to be. */
export function useWrongRecord(table: string, id: string | null): Wrong | null {
  const all = useSyncExternalStore(followWrong, wrongNow, () => NONE);
  return all.find((one) => one.table === table && one.id === id) ?? null;
}
