'use client';

import { useState } from 'react';
import { changePhoto, type PhotoOwner } from '@/data';
import { shrinkPhoto } from '@/workers/photoClient';
import { newId, nowText, useAct, useSay } from '../workspace';
import { PHOTO_TEXT } from './text';

/** Takes a photo for a cloth or a card, shrunk off the main thread, or drops it. */
export function useTakePhoto(owner: PhotoOwner, id: string) {
  const [busy, setBusy] = useState(false);
  const say = useSay();
  const act = useAct();
  /** @returns whether the photo is kept now; why not has been said */
  const take = async (file: File): Promise<boolean> => {
    setBusy(true);
    const small = await shrinkPhoto(file)
      .catch((cause: Error) => void say(PHOTO_TEXT.failed(file.name, cause.message)))
      .finally(() => setBusy(false));
    if (small === undefined) return false;
    if (!small) {
      say(PHOTO_TEXT.unreadable(file.name));
      return false;
    }
    await changePhoto(owner, id, { id: newId(), ...small, takenAt: nowText() });
    return true;
  };
  const drop = () => act(PHOTO_TEXT.deleted, () => changePhoto(owner, id, null));
  return { busy, take, drop };
}
