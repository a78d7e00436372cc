'use client';

import { newId } from './newId';
import { useUndoing } from './useAct';
import { START_OWN_TEXT } from './text';

/** Empties the workroom for a person's own start; everything that was there can be brought back. */
export function useStartOwn() {
  const { offer } = useUndoing();
  return async () => {
    const { startOwn } = await import('@/data/workroomFile');
    offer(START_OWN_TEXT.youHaveAnEmpty, await startOwn(new Date(), newId()));
  };
}
