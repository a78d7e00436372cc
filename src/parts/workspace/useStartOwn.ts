'use client';

import { newId } from './newId';
import { useUndoing } from './useAct';

/** Empties the workroom for a person's own start; everything that was there can be brought back. */
export function useStartOwn() {
  const { offer } = useUndoing();
  return async () => {
    const { startOwn } = await import('@/data/workroomFile');
    offer('You have an empty workroom.', await startOwn(new Date(), newId()));
  };
}
